import type { Do, EffectAuthor, EffectPlay } from './effect';
import * as named from './named';

export const play: EffectPlay<Do<'take back changes'>> = {
  run: (_, game) => game.takeBackChanges(),
};

export const author: EffectAuthor<Do<'take back changes'>> = {
  fields: {},
  references: {},
  words: (_, phrase) => [named.whole(phrase, 'discard the changes made here')],
};
