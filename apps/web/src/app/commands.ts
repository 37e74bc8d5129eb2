import { editingLayer } from '../ui';
import { livePlayer, restart, setMaking, startAt, stepOn, toggleHold, useRun } from '../run';
import { openLarge } from '../projects';
import { edit, undoRedo, useStudio } from '../store';
import { arrange, showPane, turnDivider, type Pane } from './arrangement';
import { saveOpen } from './saveOpen';

/** Something to do from anywhere: by its keys, or found by its name. */
export interface Command {
  /** How it is found. Absent: by its keys alone. */
  label?: string | (() => string);
  hint?: string;
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
const chosen = (): string | null => useStudio.getState().chosen.screen;
const isChosen = (): boolean => chosen() !== null;

const showing = (pane: Pane): Command => ({
  label: `Show the ${pane}`,
  run: () => showPane(pane),
  goOn: paneTab,
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
  assets: showing('assets'),
  start: {
    label: 'Start here',
    hint: 'the run, at the chosen screen',
    when: isChosen,
    run: () => startAt(chosen()!),
    goOn: game,
  },
  duplicate: {
    label: 'Duplicate the chosen screen',
    hint: 'Ctrl D',
    when: isChosen,
    run: () => void edit('duplicate screens', { screens: [chosen()!] }),
  },
  delete: {
    label: 'Delete the chosen screen',
    hint: 'Delete',
    when: isChosen,
    run: () => void edit('delete screens', { screens: [chosen()!] }),
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
  page: { label: 'Export one page that plays', hint: 'export', run: () => void saveOpen('page') },
  file: { label: 'Save the project as a file', hint: 'export', run: () => void saveOpen('file') },
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
  find: { keys: [control('k')], help: 'Find anything', run: () => arrange({ dialog: 'find' }) },
  turn: { keys: [control('\\')], help: 'Map wide, even, Live wide', run: turnDivider },
  'next pane': {
    keys: [{ key: 'f6' }],
    help: 'To the next pane; with Shift to the one before',
    run: () => nextPane(1),
  },
  'pane before': { keys: [{ key: 'f6', shift: true }], run: () => nextPane(-1) },
};

/** Moves the keyboard to the next pane, to the first thing in it that takes it. */
function nextPane(by: 1 | -1): void {
  const panes = [...document.querySelectorAll<HTMLElement>('[data-pane]')];
  const now = panes.findIndex((pane) => pane.contains(document.activeElement));
  const pane = panes[(now + by + panes.length) % panes.length]!;
  (pane.querySelector<HTMLElement>('button:not([tabindex="-1"]), [tabindex="0"]') ?? pane).focus();
}

/** Does what a key is for, unless something nearer has had it. */
export function pressed(event: KeyboardEvent): void {
  // What the game in hand has bound is the game's.
  if (event.defaultPrevented) return;
  const typing = (event.target as Element).matches?.('input, textarea, select, [contenteditable]') ?? false;
  const found = Object.values(COMMANDS).find(
    ({ keys, notTyping }) => !(notTyping && typing) && keys?.some((key) => isOf(event, key)),
  );
  if (!found || found.when?.() === false) return;
  found.run();
  event.preventDefault();
}

const isOf = (event: KeyboardEvent, { key, control, shift }: Keys): boolean =>
  event.key.toLowerCase() === key &&
  (event.ctrlKey || event.metaKey) === (control ?? false) &&
  event.shiftKey === (shift ?? false);
