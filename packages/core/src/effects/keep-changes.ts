import type { Do, EffectAuthor, EffectPlay } from './effect';
import * as named from './named';

export const play: EffectPlay<Do<'keep changes'>> = {
  run: (_, game) => game.keepChanges(),
};

export const author: EffectAuthor<Do<'keep changes'>> = {
  fields: {},
  references: {},
  words: (_, phrase) => [named.whole(phrase, 'keep the changes made here')],
};
