import type { Id, Project } from './types';

/** A comment by designers on a screen, an element or a link. It is no part of a run, and exported pages do not carry it. */
export interface Note {
  text: string;
  /** Who wrote it. Absent: unknown. */
  by?: string;
  /** Absent: open. */
  done?: true;
}

/** How complete a screen is, from first to last. */
export const STATUSES = ['draft', 'for review', 'done'] as const;
export type Status = (typeof STATUSES)[number];

/** The most letters a note may have. */
export const LONGEST_NOTE = 2_000;

/** A note and what it is pinned to: a screen, one of its elements, or a link. */
export interface PinnedNote {
  note: Note;
  /** Its place among the notes of the same thing. */
  index: number;
  /** The screen or component, or what a link sets out from. */
  owner: Id;
  element?: Id;
  link?: Id;
}

/** Every note of a project: those of screens and their elements, of components', then those of links. */
export function notesOf(project: Project): readonly PinnedNote[] {
  const found: PinnedNote[] = [];
  const add = (notes: readonly Note[] | undefined, on: Omit<PinnedNote, 'note' | 'index'>): void =>
    notes?.forEach((note, index) => found.push({ note, index, ...on }));
  for (const screen of project.screens) {
    add(screen.notes, { owner: screen.id });
    for (const { id, notes } of screen.elements) add(notes, { owner: screen.id, element: id });
  }
  for (const component of project.components ?? [])
    for (const { id, notes } of component.elements) add(notes, { owner: component.id, element: id });
  for (const { id, from, notes } of project.links) add(notes, { owner: from, link: id });
  return found;
}
