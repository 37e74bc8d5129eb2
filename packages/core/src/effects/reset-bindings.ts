import type { Do, EffectAuthor, EffectPlay } from './effect';
import * as named from './named';

export const play: EffectPlay<Do<'reset bindings'>> = {
  run: (_, game) => game.resetBindings(),
};

export const author: EffectAuthor<Do<'reset bindings'>> = {
  fields: {},
  references: {},
  words: (_, phrase) => [named.whole(phrase, 'reset to the default keys')],
};
