import { byId } from '../model';
import type { Do, EffectAuthor, EffectPlay } from './effect';
import * as named from './named';

export const play: EffectPlay<Do<'sound'>> = {
  sounds: ({ asset }) => asset,
  run: ({ asset }, game) => game.play(asset),
};

export const author: EffectAuthor<Do<'sound'>> = {
  fields: { asset: 'id' },
  references: { asset: named.asset },
  gone: { asset: 'Its sound is gone.' },
  words: ({ asset }, phrase) => [
    { words: 'play ' },
    named.noun(phrase, byId(phrase.project.assets).get(asset)?.name),
  ],
};
