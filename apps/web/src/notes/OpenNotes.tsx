'use client';

import { notesOf, withId, type PinnedNote, type Project } from '@tavu/core/model';
import { sentenceText } from '@tavu/core/words';
import { useMemo } from 'react';
import { useStudio } from '../store';
import { Group } from '../ui';
import { showNote } from './showNote';

/** Every open note of the project, each a way to what it is pinned to. */
export function OpenNotes() {
  const project = useStudio((studio) => studio.project);
  const open = useMemo(() => notesOf(project).filter(({ note }) => !note.done), [project]);
  return (
    <Group title="Notes" extra={open.length > 0 && <span className="text-soft">{open.length} open</span>}>
      {open.length === 0 ? (
        <p className="text-soft">
          No open notes. Choose a screen, an element or a sentence, and write one under Notes.
        </p>
      ) : (
        <ul aria-label="Open notes" className="divide-y divide-line border-y border-line">
          {open.map((pinned, i) => (
            <li key={i}>
              <button
                type="button"
                className="w-full rounded px-1 py-1 text-left hover:bg-chosen-wash"
                onClick={() => showNote(pinned)}
              >
                <span className="line-clamp-2">{pinned.note.text}</span>
                <span className="block truncate text-sm text-soft" title={pinnedTo(project, pinned)}>
                  {pinnedTo(project, pinned)}
                  {pinned.note.by && ` · ${pinned.note.by}`}
                </span>
              </button>
            </li>
          ))}
        </ul>
      )}
    </Group>
  );
}

/** What a note is pinned to, in words. */
export function pinnedTo(project: Project, { owner, element, link }: PinnedNote): string {
  const sentence = withId(project.links, link);
  if (sentence) return sentenceText(project, sentence);
  const on = withId(project.screens, owner) ?? withId(project.components, owner);
  const part = withId(on?.elements, element);
  return [on?.name, part?.name].filter(Boolean).join(' › ');
}
