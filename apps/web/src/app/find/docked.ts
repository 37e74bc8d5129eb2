import { openDocked, partOf, type DockName } from '../docking';
import { DOCK } from '../docked';
import type { Finder } from './finds';

/** What parts of the dock are looked for by, besides their titles. */
const WORDS: Record<DockName, string> = {
  time: 'chart transition timeline animation keyframes seconds',
  log: 'trace history what happened inputs',
  events: 'signals the game says ask at dead ends',
  input: 'controller gamepad pad keyboard touch pointer device',
  sizes: 'resolution aspect ratio phone tablet preview',
};

/** What stands below the game: opened, and the keyboard goes to it. */
export const docked: Finder = {
  list: () =>
    Object.entries(DOCK).map(([key, { title }]) => {
      const name = key as DockName;
      return {
        group: 'To do',
        key: `show ${name}`,
        label: `Show: ${title}`,
        hint: 'below the game',
        words: WORDS[name],
        onPick: () => openDocked(name),
        goOn: () => partOf(name),
      };
    }),
};
