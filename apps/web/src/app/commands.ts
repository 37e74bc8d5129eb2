import type { Layer } from '@tavu/core/model';
import { editingLayer, goOnAt } from '../ui';
import {
  closeSecond,
  livePlayer,
  openSecond,
  restart,
  setMaking,
  startAt,
  stepOn,
  toggleHold,
  useRun,
  useSecond,
} from '../run';
import { openLarge } from '../projects';
import {
  choose,
  chosenElements,
  chosenScreens,
  edit,
  isWriting,
  notify,
  undoRedo,
  useStudio,
} from '../store';
import { arrange, showClean, showPane, turnDivider, useArrangement, type Pane } from './arrangement';
import { catchLetters } from './find/letters';
import { makeScreen } from '../panes/map';
import { saveOpen } from './saveOpen';

/** Something to do from anywhere: by its keys, or found by its name. */
export interface Command {
  /** How it is found. Absent: by its keys alone. */
  label?: string | (() => string);
  hint?: string;
  /** Other words it is looked for by. */
  words?: string;
  /** All of the keys that do it; the first are shown. */
  keys?: readonly Keys[];
  /** What the help says of its keys. */
  help?: string;
  /** Not while words are typed. */
  notTyping?: true;
  /** Whether it can be done now. Absent: always. */
  when?: () => boolean;
  run: () => void;
  /** Where the keyboard goes on. */
  goOn?: () => HTMLElement | null | undefined;
}

/** `key` as UI Events calls it; a letter small. Control stands for the command key too. */
export interface Keys {
  key: string;
  control?: true;
  shift?: true;
}

const control = (key: string, shift?: true): Keys => ({ key, control: true, ...(shift ? { shift } : {}) });
const game = (): HTMLElement | null | undefined => livePlayer()?.host;
export const paneTab = (): HTMLElement | null =>
  document.querySelector<HTMLElement>('[role="tablist"][aria-label="Left pane"] [aria-selected="true"]');
const now = () => useStudio.getState().chosen;
const chosen = (): string | null => now().screen;
const isChosen = (): boolean => chosen() !== null;

const showing = (pane: Pane): Command => ({
  label: `Show the ${pane}`,
  run: () => showPane(pane),
  goOn: paneTab,
});

/** A screen of a layer made under a first name, which the keyboard goes to. */
const adding = (layer: Layer, what: string, name: string, words: string): Command => ({
  label: `Add a${/^[aeiou]/.test(what) ? 'n' : ''} ${what}`,
  hint: 'map',
  words,
  run: () => makeScreen(name, layer),
  goOn: () => document.querySelector<HTMLElement>('[aria-label="This screen"] input'),
});

/** Everything that can be done from anywhere, in the order it is found in. */
export const COMMANDS: Record<string, Command> = {
  hold: {
    label: 'Hold or resume',
    hint: 'F8',
    keys: [{ key: 'f8' }],
    help: 'Hold the run, or resume it',
    run: toggleHold,
    goOn: () => (useRun.getState().held ? editingLayer() : game()),
  },
  restart: { label: 'Restart the run', run: restart, goOn: game },
  step: { label: 'Step to the next event', run: () => void stepOn() },
  tidy: { label: 'Tidy the map', run: () => void edit('tidy map', {}) },
  map: showing('map'),
  grid: showing('grid'),
  lines: showing('lines'),
  values: showing('values'),
  events: showing('events'),
  input: showing('input'),
  assets: showing('assets'),
  start: {
    label: 'Start here',
    hint: 'the run, at the chosen screen',
    when: isChosen,
    run: () => startAt(chosen()!),
    goOn: game,
  },
  'add screen': adding('base', 'screen', 'Screen', 'new page'),
  'add overlay': adding('overlay', 'overlay', 'Overlay', 'new popup dialog modal window'),
  'add message': adding('notice', 'message', 'Message', 'new notice toast notification'),
  'add HUD piece': adding('hud', 'HUD piece', 'HUD', 'new score gauge health bar always on'),
  duplicate: {
    label: 'Duplicate the chosen screen',
    hint: 'Ctrl D',
    when: isChosen,
    run: () => void edit('duplicate screens', { screens: [chosen()!] }),
  },
  delete: {
    label: () => `Delete the chosen ${chosenElements(now()).length > 0 ? 'elements' : 'screens'}`,
    hint: 'Delete',
    words: 'remove',
    run: () => {
      const [screens, elements] = [chosenScreens(now()), chosenElements(now())];
      if (screens.length === 0)
        notify('Choose a screen on the map or an element in Live first, then press Delete.');
      else if (elements.length > 0) {
        edit('delete elements', { screen: screens[0]!, elements });
        choose({ screen: screens[0]! });
      } else edit('delete screens', { screens });
    },
  },
  making: {
    label: () => (useRun.getState().making ? 'Run without asking at dead ends' : 'Ask at dead ends'),
    run: () => setMaking(!useRun.getState().making),
  },
  undo: {
    label: 'Undo',
    hint: 'Ctrl Z',
    keys: [control('z')],
    help: 'Undo; with Shift redo',
    notTyping: true,
    run: () => undoRedo('undo'),
  },
  redo: {
    label: 'Redo',
    hint: 'Ctrl Shift Z',
    keys: [control('z', true), control('y')],
    notTyping: true,
    run: () => undoRedo('redo'),
  },
  page: {
    label: 'Export one page that plays',
    hint: 'export',
    words: 'HTML web share publish build',
    run: () => void saveOpen('page'),
  },
  file: {
    label: 'Save the project as a file',
    hint: 'export',
    words: 'download backup',
    run: () => void saveOpen('file'),
  },
  new: {
    label: 'New project',
    hint: 'projects, or open another',
    run: () => arrange({ dialog: 'new project' }),
  },
  large: {
    label: 'Open a made-up flow of 300 screens',
    hint: 'a project',
    run: () => void openLarge(),
    goOn: paneTab,
  },
  schema: {
    label: 'The schema of project files',
    hint: 'JSON Schema, in another tab',
    run: () => void window.open('/api/schema', '_blank', 'noopener'),
  },
  find: {
    keys: [control('k')],
    help: 'Find anything',
    run: () => {
      catchLetters();
      arrange({ dialog: 'find' });
    },
  },
  help: {
    label: 'What can I do here',
    hint: '?',
    words: 'help keys shortcuts',
    keys: [{ key: '?', shift: true }, { key: '?' }],
    help: 'What can be done where the keyboard is',
    notTyping: true,
    // In hand, every key is the game's.
    when: () => !useRun.getState().inHand,
    run: () => arrange({ dialog: 'help' }),
  },
  clean: {
    label: () => (useArrangement.getState().clean ? 'Show the whole window' : 'The game alone'),
    hint: 'F9',
    words: 'clean view zen presentation preview hide panels',
    keys: [{ key: 'f9' }],
    help: 'The game alone, and back; with Shift on the whole screen',
    run: () => alone(false),
    goOn: game,
  },
  'full screen': {
    label: 'The game on the whole screen',
    hint: 'Shift F9',
    words: 'fullscreen full screen',
    keys: [{ key: 'f9', shift: true }],
    run: () => alone(true),
    goOn: game,
  },
  second: {
    label: () => (useSecond.getState().open ? 'Close the second window' : 'The game in a second window'),
    hint: 'Ctrl F9',
    words: 'monitor display phone popup detach preview',
    keys: [{ key: 'f9', control: true }],
    help: 'The game in a second window as well, and away again',
    run: () => (useSecond.getState().open ? closeSecond() : openSecond()),
  },
  turn: { keys: [control('\\')], help: 'Map wide, even, Live wide', run: turnDivider },
  'next pane': {
    keys: [{ key: 'f6' }],
    help: 'To the next pane; with Shift to the previous one',
    run: () => nextPane(1),
  },
  'pane before': { keys: [{ key: 'f6', shift: true }], run: () => nextPane(-1) },
};

/** The game alone, with the keyboard in it; or everything again. */
function alone(full: boolean): void {
  const clean = !useArrangement.getState().clean;
  showClean(clean, full);
  if (clean) notify('The game alone. F9 brings the window back.');
  goOnAt(game);
}

/** Moves the keyboard to the next pane, to the first thing in it that takes it. */
function nextPane(by: 1 | -1): void {
  const panes = [...document.querySelectorAll<HTMLElement>('[data-pane]')];
  const now = panes.findIndex((pane) => pane.contains(document.activeElement));
  const pane = panes[(now + by + panes.length) % panes.length]!;
  (pane.querySelector<HTMLElement>('button:not([tabindex="-1"]), [tabindex="0"]') ?? pane).focus();
}

/** Runs the command of a key, unless a nearer handler has taken it. */
export function pressed(event: KeyboardEvent): void {
  // While the game has the keyboard, the keys it has bound are the game's.
  if (event.defaultPrevented) return;
  const found = Object.values(COMMANDS).find(
    ({ keys, notTyping }) => keys?.some((key) => isOf(event, key)) && !(notTyping && isWriting(event.target)),
  );
  if (!found || found.when?.() === false) return;
  found.run();
  event.preventDefault();
}

const isOf = (event: KeyboardEvent, { key, control, shift }: Keys): boolean =>
  event.key.toLowerCase() === key &&
  (event.ctrlKey || event.metaKey) === (control ?? false) &&
  event.shiftKey === (shift ?? false);
