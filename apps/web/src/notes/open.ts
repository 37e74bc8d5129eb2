import type { Note } from '@tavu/core/model';

/** How many notes on a thing are open. */
export const openNotes = ({ notes }: { notes?: readonly Note[] }): number =>
  notes?.filter(({ done }) => !done).length ?? 0;

export const notesWords = (count: number): string => `${count} open ${count === 1 ? 'note' : 'notes'}`;
