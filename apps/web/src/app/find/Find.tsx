'use client';

import type { Project } from '@tavu/core/model';
import { useEffect, useMemo, useState } from 'react';
import { useStudio } from '../../store';
import { goOnAt, Picker, Dialog } from '../../ui';
import type { Find as Found } from './finds';
import { FINDERS } from './registry';

/** Finds screens, elements, sentences and things to do. */
export function Find({ open, onOpen }: { open: boolean; onOpen: (open: boolean) => void }) {
  return (
    <Dialog open={open} onOpen={onOpen} title="Find anything" bare>
      <Everything done={() => onOpen(false)} />
    </Dialog>
  );
}

const listed = (project: Project, late: boolean): Found[] =>
  Object.values(FINDERS)
    .filter((finder) => (finder.late ?? false) === late)
    .flatMap(({ list }) => list(project));

/** What takes long to find, a moment after the list stands. */
function useLate(project: Project): readonly Found[] {
  const [found, setFound] = useState<readonly Found[]>([]);
  useEffect(() => {
    const timer = setTimeout(() => setFound(listed(project, true)), 50);
    return () => clearTimeout(timer);
  }, [project]);
  return found;
}

function Everything({ done }: { done: () => void }) {
  const project = useStudio((studio) => studio.project);
  const at = useMemo(() => listed(project, false), [project]);
  const late = useLate(project);
  const choices = [...at, ...late].map(({ goOn, onPick, ...found }) => ({
    ...found,
    words: `${found.label} ${found.hint}`,
    onPick: () => {
      done();
      onPick();
      if (goOn) goOnAt(goOn);
    },
  }));
  return (
    <Picker
      label="Find anything"
      placeholder="A screen, an element, a sentence, a line, something to do"
      choices={choices}
    />
  );
}
