import { applyPatches, enablePatches, produceWithPatches, type Patch } from 'immer';
import { leadsTo, ordersToKeep, rowsToKeep } from '../map';
import type { Id, Link, Project } from '../model';
import { commands, type Arguments, type CommandName } from './commands';

enablePatches();

export interface Edit {
  name: CommandName;
  patches: Patch[];
  inverse: Patch[];
}

/** Applies a command. `made` is the id of what it made, if anything; `edit` is null when nothing changed. */
export function applyCommand<N extends CommandName>(
  project: Project,
  name: N,
  args: Arguments<N>,
): { project: Project; edit: Edit | null; made: Id | undefined } {
  let made: Id | void = undefined;
  const command = commands[name] as (draft: Project, args: unknown) => Id | void;
  const [next, patches, inverse] = produceWithPatches(project, (draft) => {
    made = command(draft as Project, args);
  });
  const kept = keepPlaces(project, next);
  if (kept) patches.push(...kept.patches);
  if (kept) inverse.unshift(...kept.inverse);
  return {
    project: kept?.project ?? next,
    edit: patches.length > 0 ? { name, patches, inverse } : null,
    made: made ?? undefined,
  };
}

/**
 * A screen keeps the row of the map in which it was first reached, and the cards of a row keep their order, so that what
 * is done elsewhere does not move them about.
 */
function keepPlaces(
  before: Project,
  now: Project,
): { project: Project; patches: Patch[]; inverse: Patch[] } | null {
  // Most edits of links, such as drags of their motion, leave the map as it was.
  if (now.start === before.start && leadsAlike(before.links, now.links) && isPlacedAlike(before, now))
    return null;
  const rows = rowsToKeep(now);
  const orders = ordersToKeep(before);
  if (rows.size === 0 && orders.size === 0) return null;
  const [project, patches, inverse] = produceWithPatches(now, (draft) => {
    draft.screens.forEach((screen, i) => {
      const { id } = now.screens[i]!;
      const [row, order] = [rows.get(id), orders.get(id)];
      if (row !== undefined) screen.row = row;
      if (order !== undefined) screen.order = order;
    });
  });
  return patches.length > 0 ? { project, patches, inverse } : null;
}

const leadsAlike = (before: readonly Link[], now: readonly Link[]): boolean =>
  before === now ||
  (before.length === now.length &&
    before.every((link, i) => {
      const other = now[i]!;
      return (
        link === other || (link.from === other.from && leadsTo(link).join('\n') === leadsTo(other).join('\n'))
      );
    }));

const isPlacedAlike = (before: Project, now: Project): boolean =>
  before.areas === now.areas &&
  before.screens.length === now.screens.length &&
  before.screens.every((screen, i) => {
    const other = now.screens[i]!;
    return (
      screen === other ||
      (screen.id === other.id && screen.layer === other.layer && screen.area === other.area)
    );
  });

/**
 * One thing that undo takes back: one edit, or all edits of one drag. `seen` is what was chosen before and after it.
 */
export interface HistoryEntry<Seen> {
  edits: Edit[];
  /** Edits with the same key that follow at once are one step; null never joins. */
  key: string | null;
  before: Seen;
  after: Seen;
}

export interface History<Seen> {
  past: HistoryEntry<Seen>[];
  future: HistoryEntry<Seen>[];
}

export const NO_HISTORY = { past: [], future: [] };

/** How many steps can be taken back. */
export const MAX_STEPS = 500;

export function record<Seen>(
  history: History<Seen>,
  edit: Edit,
  seen: { before: Seen; after: Seen; key?: string | null },
): History<Seen> {
  const key = seen.key ?? null;
  const last = history.past.at(-1);
  if (last && key !== null && last.key === key && history.future.length === 0) {
    const joined = { ...last, edits: [...last.edits, edit], after: seen.after };
    return { past: [...history.past.slice(0, -1), joined], future: [] };
  }
  const entry = { edits: [edit], key, before: seen.before, after: seen.after };
  return { past: [...history.past, entry].slice(-MAX_STEPS), future: [] };
}

/** Ends a drag or a spell of typing: what follows is a step of its own. */
export function closeStep<Seen>(history: History<Seen>): History<Seen> {
  const last = history.past.at(-1);
  if (!last || last.key === null) return history;
  return { ...history, past: [...history.past.slice(0, -1), { ...last, key: null }] };
}

type Moved<Seen> = { project: Project; history: History<Seen>; seen: Seen; name: CommandName } | null;

export function undo<Seen>(project: Project, history: History<Seen>): Moved<Seen> {
  const entry = history.past.at(-1);
  if (!entry) return null;
  let next = project;
  for (const edit of [...entry.edits].reverse()) next = applyPatches(next, edit.inverse);
  const moved = { past: history.past.slice(0, -1), future: [...history.future, { ...entry, key: null }] };
  return { project: next, history: moved, seen: entry.before, name: entry.edits[0]!.name };
}

export function redo<Seen>(project: Project, history: History<Seen>): Moved<Seen> {
  const entry = history.future.at(-1);
  if (!entry) return null;
  let next = project;
  for (const edit of entry.edits) next = applyPatches(next, edit.patches);
  const moved = { past: [...history.past, entry], future: history.future.slice(0, -1) };
  return { project: next, history: moved, seen: entry.after, name: entry.edits[0]!.name };
}
