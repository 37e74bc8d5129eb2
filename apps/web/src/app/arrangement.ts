import { create } from 'zustand';

/** What the left pane can show. */
export type Pane = 'map' | 'grid' | 'lines' | 'values' | 'assets';
export type DialogName = 'projects' | 'new project' | 'find' | 'help';

/** The positions of the divider between the left pane and Live. */
export const RESTS = ['map wide', 'even', 'live wide'] as const;
export type Rest = (typeof RESTS)[number];

/** What can stand under the window, side by side. */
export type DockName = 'time' | 'log' | 'events' | 'input' | 'sizes';

/** Under which the dock is kept. */
const KEY = 'tavu dock';

/** How the window is arranged. */
export const useArrangement = create<{
  rest: Rest;
  pane: Pane;
  /** The reading column is there. */
  reading: boolean;
  dialog: DialogName | null;
  /** The game alone, with nothing around it. */
  clean: boolean;
  /** What is open in the dock, and whether that has more room; kept between visits. */
  docked: readonly DockName[];
  tall: boolean;
}>(() => ({ rest: 'even', pane: 'map', reading: true, dialog: null, clean: false, ...keptDock() }));

export const arrange = useArrangement.setState;

/** Shows a pane, and makes room for it where Live has taken that. */
export const showPane = (pane: Pane): void =>
  arrange(({ rest }) => ({ pane, rest: rest === 'live wide' ? 'even' : rest }));

export const turnDivider = (): void =>
  arrange(({ rest }) => ({ rest: RESTS[(RESTS.indexOf(rest) + 1) % RESTS.length] }));

interface Dock {
  docked: readonly DockName[];
  tall: boolean;
}

/** Opens and closes parts of the dock, or changes its height. */
export function arrangeDock(to: Partial<Dock>): void {
  arrange(to);
  const { docked, tall } = useArrangement.getState();
  try {
    localStorage.setItem(KEY, JSON.stringify({ docked, tall }));
  } catch {
    // Without storage it is as it was left for as long as the page is.
  }
}

/** Opens a part of the dock, and brings it into view. */
export function openDocked(name: DockName): void {
  const { docked } = useArrangement.getState();
  if (!docked.includes(name)) arrangeDock({ docked: [...docked, name] });
  requestAnimationFrame(() => partOf(name)?.scrollIntoView({ block: 'nearest', inline: 'nearest' }));
}

/** Where a part of the dock stands, once it is open. */
export const partOf = (name: DockName): HTMLElement | null => document.getElementById(`docked-${name}`);

function keptDock(): Dock {
  const first: Dock = { docked: ['time', 'log', 'events'], tall: false };
  try {
    const read = JSON.parse(localStorage.getItem(KEY) ?? '{}') as Partial<Record<keyof Dock, unknown>> | null;
    return {
      docked: Array.isArray(read?.docked) ? (read.docked as DockName[]) : first.docked,
      tall: read?.tall === true,
    };
  } catch {
    return first;
  }
}

/** Shows the game alone, or everything again; `full` takes the whole screen for it, where the browser lets that be. */
export function showClean(clean: boolean, full = false): void {
  arrange({ clean });
  if (!clean && document.fullscreenElement) void document.exitFullscreen();
  if (!clean || !full) return;
  void document.documentElement
    .requestFullscreen()
    // Esc is the game’s; held for a moment it still leaves.
    .then(() =>
      (navigator as { keyboard?: { lock?: (keys: string[]) => Promise<void> } }).keyboard?.lock?.(['Escape']),
    )
    .catch(() => undefined);
}
