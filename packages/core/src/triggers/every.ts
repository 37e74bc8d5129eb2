import { plain } from '../walk';
import * as named from './named';
import { clockWords, duringLabel, duringPieces } from './time';
import type { On, TriggerAuthor, TriggerPlay } from './trigger';

export const play: TriggerPlay<On<'every'>> = {
  life: 'timed',
  after: ({ each }) => each,
  counted: ({ clock, covered, during }) => ({ since: 'shown', clock, covered, during }),
  again: true,
};

export const author: TriggerAuthor<On<'every'>> = {
  fields: {
    each: 'duration',
    clock: ['interface', 'game'],
    covered: ['counts', 'waits'],
    during: 'expression?',
  },
  references: { each: plain, during: named.condition },
  words: (trigger, phrase) => [
    { blank: 'trigger', words: 'Every' },
    { words: ' ' },
    { blank: 'after', words: trigger.each },
    { words: ' ' },
    { blank: 'since', words: `while it is up${clockWords(trigger)}` },
    ...duringPieces(trigger.during, phrase),
  ],
  label: ({ each, during }, project, from) => `every ${each}${duringLabel(during, project, from)}`,
};
