import { refusalWords } from '@tavu/core/refusal';
import { elementAt } from '@tavu/core/component';
import { compile, compileSafely, type Fault, type Flow } from '@tavu/core/compile';
import {
  applyCommand,
  closeStep,
  NO_HISTORY,
  record,
  redo,
  undo,
  type Arguments,
  type CommandName,
  type History,
} from '@tavu/core/edit';
import { blankProject, type Id, type Project, withId } from '@tavu/core/model';
import type { AssetBytes } from '@tavu/core/exchange';
import { pastLimits } from '@tavu/core/limits';
import type { Before } from '@tavu/core/run';
import { create } from 'zustand';
import { sourcesOf, type PageSources } from './sources';

/** What is chosen; every part of the window follows it. An element or link is of the chosen screen. */
export interface Chosen {
  screen: Id | null;
  /** An area, when no screen is chosen. */
  area: Id | null;
  /** Screens chosen besides the one. */
  others: readonly Id[];
  link: Id | null;
  /** By its id, or its path through placed components. */
  element: Id | null;
  /** Elements chosen besides the one. */
  also: readonly Id[];
}
const NO_OTHERS: readonly Id[] = [];
export const NOTHING: Chosen = {
  screen: null,
  area: null,
  others: NO_OTHERS,
  link: null,
  element: null,
  also: NO_OTHERS,
};

/** Every chosen element, the one that is read first. */
export const chosenElements = ({ element, also }: Chosen): Id[] =>
  element === null ? [...also] : [element, ...also];

/** Every chosen screen, the one that is read first. */
export const chosenScreens = ({ screen, others }: Chosen): Id[] =>
  screen === null ? [...others] : [screen, ...others];

export type Saving =
  | { state: 'kept'; at: number }
  | { state: 'keeping' }
  | { state: 'following' }
  | { state: 'failed'; reason: string };

interface Studio {
  project: Project;
  flow: Flow;
  /** What of the project cannot be compiled and is left out of the flow. */
  faults: readonly Fault[];
  /** Whether Live plays it; a project that stops the window can be opened without. */
  plays: boolean;
  assets: AssetBytes;
  /** What had been chosen and saved while playing when it was opened. */
  played: Before;
  sources: PageSources;
  history: History<Chosen>;
  chosen: Chosen;
  /** Goes up each time something is chosen, be it what was chosen already. */
  choices: number;
  saving: Saving;
  /** A short word for the person; the number tells one from the next. */
  word: { text: string; n: number } | null;
  /** Goes up each time another project is opened. */
  opened: number;
}

const first = blankProject('Untitled');
const NO_FAULTS: readonly Fault[] = [];

export const useStudio = create<Studio>(() => ({
  project: first,
  flow: compile(first),
  faults: NO_FAULTS,
  plays: true,
  assets: new Map(),
  played: {},
  sources: sourcesOf(new Map(), []),
  history: NO_HISTORY,
  chosen: NOTHING,
  choices: 0,
  saving: { state: 'kept', at: 0 },
  word: null,
  opened: 0,
}));

const { getState, setState } = useStudio;

/** The system asks for less motion: the game here shows what it would show a player then. */
const calm = (): MediaQueryList | null =>
  typeof matchMedia === 'undefined' ? null : matchMedia('(prefers-reduced-motion: reduce)');

/** The flow of a project, whatever is in that: what cannot be compiled is left out, and told. */
function compiled(project: Project, previous?: Flow): Pick<Studio, 'flow' | 'faults'> {
  const { flow, faults } = compileSafely(project, previous, { asked: calm()?.matches ?? false });
  return { flow, faults: faults.length > 0 ? faults : NO_FAULTS };
}

calm()?.addEventListener('change', () => setState(({ project, flow }) => compiled(project, flow)));

/** Has Live play the project, or leaves it still. */
export const setPlays = (plays: boolean): void => setState({ plays });

export function notify(text: string): void {
  setState({ word: { text, n: (getState().word?.n ?? 0) + 1 } });
}

export function openInStudio(project: Project, assets: AssetBytes, played: Before = {}, plays = true): void {
  getState().sources.revoke();
  setState((before) => ({
    project,
    plays,
    ...compiled(project),
    assets,
    played,
    sources: sourcesOf(assets, project.assets),
    history: NO_HISTORY,
    chosen: NOTHING,
    opened: before.opened + 1,
  }));
}

/**
 * Takes over what another window has kept, with bytes that are not here yet; what is chosen stays where it is there
 * still.
 */
export function follow(project: Project, assets: AssetBytes): void {
  setState((before) => ({
    project,
    ...compiled(project, before.flow),
    assets: assets.size > 0 ? new Map([...before.assets, ...assets]) : before.assets,
    history: NO_HISTORY,
    chosen: standing(project, before.chosen),
  }));
}

/**
 * Carries out a command, recorded for undo. Edits with the same `key` that follow at once are one step. Returns the id
 * of what was made.
 */
export function edit<N extends CommandName>(
  name: N,
  args: Arguments<N>,
  options: { key?: string; chosen?: (made: Id | undefined) => Partial<Chosen> } = {},
): Id | undefined {
  const before = getState();
  if (before.saving.state === 'following') {
    notify('This project is open in another window. Change it there, or close that window.');
    return undefined;
  }
  const { project, edit: done, made } = applyCommand(before.project, name, args);
  if (!done) return made;
  // An edit that would make a project too large to open again is refused.
  const past = pastLimits(project);
  if (past && !pastLimits(before.project)) {
    notify(`That would be too much. ${refusalWords(past)}`);
    return undefined;
  }
  const chosen = joined(before.chosen, options.chosen?.(made));
  setState({
    project,
    ...compiled(project, before.flow),
    history: record(before.history, done, { before: before.chosen, after: chosen, key: options.key }),
    chosen: standing(project, chosen),
    ...(options.chosen ? { choices: before.choices + 1 } : {}),
  });
  return made;
}

/** Ends a drag: what follows is a step of its own. */
export function endStep(): void {
  const { history } = getState();
  const closed = closeStep(history);
  if (closed !== history) setState({ history: closed });
}

export function undoRedo(direction: 'undo' | 'redo'): void {
  const before = getState();
  if (before.saving.state === 'following') return;
  const moved = (direction === 'undo' ? undo : redo)(before.project, before.history);
  if (!moved) return notify(direction === 'undo' ? 'There is nothing to undo.' : 'There is nothing to redo.');
  const chosen = standing(moved.project, moved.seen);
  setState({
    project: moved.project,
    ...compiled(moved.project, before.flow),
    history: moved.history,
    chosen,
    ...(chosen.screen !== before.chosen.screen ? { choices: before.choices + 1 } : {}),
  });
  notify(`${direction === 'undo' ? 'Undone' : 'Redone'}: ${moved.name}.`);
}

export function choose(chosen: Partial<Chosen>): void {
  setState((before) => ({
    choices: before.choices + 1,
    chosen:
      'screen' in chosen || 'area' in chosen ? { ...NOTHING, ...chosen } : joined(before.chosen, chosen),
  }));
}

/** The selection with a change; choosing another element drops the rest of the old selection. */
const joined = (before: Chosen, chosen: Partial<Chosen> = {}): Chosen => ({
  ...before,
  ...('element' in chosen ? { also: NO_OTHERS } : {}),
  ...chosen,
});

/** What is chosen, less what the project no longer has. */
function standing(project: Project, chosen: Chosen): Chosen {
  const screen = withId(project.screens, chosen.screen);
  const link = project.links.some((other) => other.id === chosen.link) ? chosen.link : null;
  if (!screen) {
    const area = project.areas.some((other) => other.id === chosen.area) ? chosen.area : null;
    return { ...NOTHING, area, link };
  }
  const [element = null, ...also] = chosenElements(chosen).filter((id) =>
    elementAt(project, screen.elements, id),
  );
  const stays = (id: Id): boolean => id !== screen.id && project.screens.some((other) => other.id === id);
  const others = chosen.others.every(stays) ? chosen.others : chosen.others.filter(stays);
  return { screen: screen.id, area: null, others, link, element, also: also.length > 0 ? also : NO_OTHERS };
}

/** Chooses what a link belongs to, and the link. */
export function chooseLink(link: Id): void {
  const { project } = getState();
  const found = withId(project.links, link);
  if (!found) return;
  const isScreen = project.screens.some((screen) => screen.id === found.from);
  const isArea = project.areas.some((area) => area.id === found.from);
  choose({ screen: isScreen ? found.from : null, area: isArea ? found.from : null, link });
}

/** Adds a screen to the chosen ones, or takes it out. */
export function chooseAlso(screen: Id): void {
  const { chosen } = getState();
  const all = chosenScreens(chosen);
  const next = all.includes(screen) ? all.filter((value) => value !== screen) : [...all, screen];
  choose({ screen: next[0] ?? null, others: next.slice(1) });
}

/** Adds an element of the chosen screen to the chosen ones, or takes it out. */
export function chooseElementAlso(element: Id): void {
  const all = chosenElements(getState().chosen);
  const [first = null, ...also] = all.includes(element)
    ? all.filter((value) => value !== element)
    : [...all, element];
  choose({ element: first, also });
}

/** Keeps bytes for assets that the project has or is about to have. */
export function addBytes(added: ReadonlyMap<Id, Uint8Array>): void {
  if (added.size > 0) setState(({ assets }) => ({ assets: new Map([...assets, ...added]) }));
}

/** Lets go of bytes that nothing can ask for any more. */
export function dropBytes(ids: readonly Id[]): void {
  setState(({ assets }) => ({ assets: new Map([...assets].filter(([id]) => !ids.includes(id))) }));
}

// Where pictures, fonts and sounds are found follows the list of them and their bytes.
useStudio.subscribe((now, before) => {
  if (now.opened !== before.opened) return;
  if (now.assets !== before.assets || now.project.assets !== before.project.assets)
    setState({ sources: sourcesOf(now.assets, now.project.assets, now.sources) });
});
