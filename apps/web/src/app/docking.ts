import { create } from 'zustand';

/** What can stand below the game, side by side. */
export type DockName = 'time' | 'log' | 'events' | 'input' | 'sizes';

const KEY = 'tavu dock';

interface Dock {
  docked: readonly DockName[];
  /** It has more room. */
  tall: boolean;
}

/** What is open below the game; kept between visits. */
export const useDock = create<Dock>(keptDock);

/** Opens and closes parts of the dock, or changes its height. */
export function arrangeDock(to: Partial<Dock>): void {
  useDock.setState(to);
  const { docked, tall } = useDock.getState();
  try {
    localStorage.setItem(KEY, JSON.stringify({ docked, tall }));
  } catch {
    // Without storage it is as it was left for as long as the page is.
  }
}

/** Opens a part of the dock, and brings it into view. */
export function openDocked(name: DockName): void {
  const { docked } = useDock.getState();
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
