import { notesOf } from '@tavu/core/model';
import { pinnedTo, showNote } from '../../notes';
import type { Finder } from './finds';

/** Notes that are open, by what they say and who wrote them. */
export const notes: Finder = {
  list: (project) =>
    notesOf(project)
      .filter(({ note }) => !note.done)
      .map((pinned, i) => ({
        group: 'Notes',
        key: `note ${i}`,
        label: pinned.note.text,
        hint: pinnedTo(project, pinned),
        words: pinned.note.by,
        onPick: () => showNote(pinned),
        goOn: () => document.querySelector<HTMLElement>('[data-notes] textarea'),
      })),
};
