import { screenById } from '../model';
import type { Do, EffectAuthor, EffectPlay } from './effect';
import * as named from './named';

export const play: EffectPlay<Do<'clear notice'>> = {
  run: ({ screen }, game) => game.takeAway(screen),
};

export const author: EffectAuthor<Do<'clear notice'>> = {
  fields: { screen: 'id' },
  references: { screen: named.screen },
  gone: { screen: 'The message it takes away is gone.' },
  words: ({ screen }, phrase) => [
    { words: 'take away ' },
    named.noun(phrase, screenById(phrase.project, screen)?.name),
  ],
};
