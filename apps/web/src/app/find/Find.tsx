'use client';

import { nearest } from '@tavu/core/expression';
import type { Project } from '@tavu/core/model';
import { useEffect, useMemo, useState } from 'react';
import { useStudio } from '../../store';
import { goOnAt, Picker, Dialog, type Choice } from '../../ui';
import { paneTab } from '../commands';
import type { Find as Found } from './finds';
import { caughtLetters } from './letters';
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

/** Slow finds are added a moment after the list is shown. */
function useLate(project: Project): readonly Found[] {
  const [found, setFound] = useState<readonly Found[]>([]);
  useEffect(() => {
    const timer = setTimeout(() => setFound(listed(project, true)), 50);
    return () => clearTimeout(timer);
  }, [project]);
  return found;
}

/** The choices that have the word most like one that was typed. */
function nearestTo(text: string, choices: readonly Choice[]): Choice[] {
  const wordsOf = ({ words }: Choice): string[] => words.toLowerCase().split(/[^\p{L}\p{N}]+/u);
  const typed = text.split(/\s+/).sort((a, b) => b.length - a.length)[0] ?? '';
  const word = nearest(
    typed,
    choices.flatMap(wordsOf).filter((known) => known.length > 2),
  );
  return word === null ? [] : choices.filter((choice) => wordsOf(choice).includes(word)).slice(0, 8);
}

function Everything({ done }: { done: () => void }) {
  const project = useStudio((studio) => studio.project);
  const at = useMemo(() => listed(project, false), [project]);
  const late = useLate(project);
  const choices = [...at, ...late].map(({ goOn, onPick, words = '', ...found }) => ({
    ...found,
    words: `${found.label} ${found.hint} ${words}`,
    onPick: () => {
      done();
      onPick();
      if (goOn) goOnAt(goOn, paneTab);
    },
  }));
  return (
    <Picker
      label="Find anything"
      placeholder="A screen, an element, a sentence, a line, something to do"
      choices={choices}
      typedBefore={caughtLetters}
      nearest={(text) => nearestTo(text, choices)}
    />
  );
}
