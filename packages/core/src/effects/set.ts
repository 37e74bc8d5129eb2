import { valueById } from '../model';
import { expressionPiece } from '../phrasing';
import type { Do, EffectAuthor, EffectPlay } from './effect';
import * as named from './named';

export const play: EffectPlay<Do<'set'>> = {
  gives: ({ to }) => to,
  run: ({ value }, game) => game.set(value),
};

export const author: EffectAuthor<Do<'set'>> = {
  fields: { value: 'id', to: 'expression' },
  references: { value: named.value, to: named.toValue },
  about: ({ value }) => value,
  gone: { value: 'The value it sets is gone.' },
  words: ({ value, to }, phrase) => {
    const found = valueById(phrase.project, value);
    return [
      { words: 'set ' },
      named.noun(phrase, found?.name),
      { words: ' to ' },
      expressionPiece('gives', to, phrase.scope, found, { effect: phrase.index }),
    ];
  },
  gives: {
    wanted: ({ value }, project) => valueById(project, value),
    put: (effect, to) => ({ ...effect, to }),
  },
};
