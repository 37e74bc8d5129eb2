import { expressionPiece } from '../phrasing';
import type { Do, EffectAuthor, EffectPlay } from './effect';
import * as named from './named';

export const play: EffectPlay<Do<'load'>> = {
  gives: ({ slot }) => slot,
  run: (_, game) => game.load(),
};

export const author: EffectAuthor<Do<'load'>> = {
  fields: { slot: 'expression' },
  references: { slot: named.slot },
  words: ({ slot }, phrase) => [
    named.whole(phrase, 'load slot'),
    { words: ' ' },
    expressionPiece('gives', slot, phrase.scope, undefined, { effect: phrase.index }),
  ],
  gives: { put: (effect, slot) => ({ ...effect, slot }) },
};
