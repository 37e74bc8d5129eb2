import { byId } from '../model';
import type { Do, EffectAuthor, EffectPlay } from './effect';
import * as named from './named';

export const play: EffectPlay<Do<'stop sound'>> = {
  run: ({ asset }, game) => game.stop(asset),
};

export const author: EffectAuthor<Do<'stop sound'>> = {
  fields: { asset: 'id' },
  references: { asset: named.asset },
  gone: { asset: 'Its sound is gone.' },
  words: ({ asset }, phrase) => [
    { words: 'stop ' },
    named.noun(phrase, byId(phrase.project.assets).get(asset)?.name),
  ],
};
