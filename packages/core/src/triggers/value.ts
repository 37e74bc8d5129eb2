import { scopeOfScreen } from '../expression';
import { screenById } from '../model';
import { conditionPiece } from '../phrasing';
import * as named from './named';
import type { On, TriggerAuthor, TriggerPlay } from './trigger';

export const play: TriggerPlay<On<'value'>> = { life: 'sampled', awaits: ({ when }) => when };

export const author: TriggerAuthor<On<'value'>> = {
  fields: { when: 'expression' },
  references: { when: named.condition },
  words: ({ when }, { scope }) => [
    { blank: 'trigger', words: 'As soon as' },
    { words: ' ' },
    conditionPiece('awaits', when, scope),
  ],
  label: ({ when }, project, from) =>
    conditionPiece('awaits', when, scopeOfScreen(project, screenById(project, from))).words,
};
