import { expressionPiece } from '../phrasing';
import type { Do, EffectAuthor, EffectPlay } from './effect';
import * as named from './named';

export const play: EffectPlay<Do<'save'>> = {
  gives: ({ slot }) => slot,
  run: (_, game) => game.save(),
};

export const author: EffectAuthor<Do<'save'>> = {
  fields: { slot: 'expression' },
  references: { slot: named.slot },
  words: ({ slot }, phrase) => [
    named.whole(phrase, 'save to slot'),
    { words: ' ' },
    expressionPiece('gives', slot, phrase.scope, undefined, { effect: phrase.index }),
  ],
  gives: { put: (effect, slot) => ({ ...effect, slot }) },
  keeps: true,
};
