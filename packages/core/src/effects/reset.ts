import { valueById } from '../model';
import type { Do, EffectAuthor, EffectPlay } from './effect';
import * as named from './named';

export const play: EffectPlay<Do<'reset'>> = {
  run: (effect, game) => game.reset(effect),
};

export const author: EffectAuthor<Do<'reset'>> = {
  fields: { value: 'id?', section: 'name?' },
  references: { value: named.value, section: named.section },
  gone: {
    value: 'The value it resets is gone.',
    section: 'There are no values in the section it resets.',
  },
  words: ({ value, section }, phrase) => [
    { words: 'reset ' },
    named.noun(
      phrase,
      value === undefined ? (section ?? 'every value') : valueById(phrase.project, value)?.name,
    ),
  ],
  sets: ({ value, section }, { values }) =>
    value === undefined && section === undefined ? values.map(({ id }) => id) : [],
};
