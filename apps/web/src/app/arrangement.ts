import { create } from 'zustand';

/** What the left pane can show. */
export type Pane = 'map' | 'grid' | 'lines' | 'values' | 'events' | 'input' | 'assets';
export type DialogName = 'projects' | 'new project' | 'find' | 'help';

/** The positions of the divider between the left pane and Live. */
export const RESTS = ['map wide', 'even', 'live wide'] as const;
export type Rest = (typeof RESTS)[number];

/** How the window is arranged. */
export const useArrangement = create<{
  rest: Rest;
  pane: Pane;
  /** The reading column is there. */
  reading: boolean;
  dialog: DialogName | null;
  /** The game alone, with nothing around it. */
  clean: boolean;
}>(() => ({ rest: 'even', pane: 'map', reading: true, dialog: null, clean: false }));

export const arrange = useArrangement.setState;

/** Shows a pane, and makes room for it where Live has taken that. */
export const showPane = (pane: Pane): void =>
  arrange(({ rest }) => ({ pane, rest: rest === 'live wide' ? 'even' : rest }));

export const turnDivider = (): void =>
  arrange(({ rest }) => ({ rest: RESTS[(RESTS.indexOf(rest) + 1) % RESTS.length] }));

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
