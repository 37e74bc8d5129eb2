import { current, isDraft } from 'immer';
import type { Id, Project } from '../model';
import { placesOf, type IdPlace, type Thing } from '../references';

/** What an edit may want said to its caller: the id of what it made. */
export type Made = Id | void;

/** Removes in place, so that an edit which removes nothing counts as no edit. */
export function removeWhere<T>(list: T[], gone: (item: T) => boolean): void {
  for (let i = list.length - 1; i >= 0; i--) if (gone(list[i]!)) list.splice(i, 1);
}

/** Like Object.assign, but a field set to undefined is taken out. */
export function assign<T extends object>(target: T, change: Partial<T>): void {
  for (const [key, value] of Object.entries(change)) {
    if (value === undefined) delete target[key as keyof T];
    else target[key as keyof T] = value as T[keyof T];
  }
}

/** A draft of a project as it stands, to be read: going through a draft itself costs many times as much. */
export const asWritten = (project: Project): Project => (isDraft(project) ? current(project) : project);

/**
 * Everywhere that some things are named by their ids. Elements, parameters, fields and outcomes are of something, by
 * its id.
 */
export const namedPlaces = (project: Project, of: Thing, ids: readonly Id[], within?: Id): IdPlace[] =>
  placesOf(asWritten(project), { only: ['id'] }).filter(
    (place) => place.of === of && ids.includes(place.id) && (within === undefined || place.within === within),
  );
