import { listById } from '../lists';
import type { Do, EffectAuthor, EffectPlay } from './effect';
import * as named from './named';

export const play: EffectPlay<Do<'remove rows'>> = {
  rows: ({ list, where }) => ({ list, where }),
  run: (_, game) => game.removeRows(),
};

export const author: EffectAuthor<Do<'remove rows'>> = {
  fields: { list: 'id', where: 'expression?' },
  references: { list: named.list, where: named.ofRow },
  about: ({ list }) => list,
  gone: { list: 'The list it removes rows from is gone.' },
  words: ({ list, where }, phrase) => {
    const found = listById(phrase.project, list);
    return [
      { words: 'remove from ' },
      named.noun(phrase, found?.name),
      { words: ' ' },
      ...named.rowsWhere(phrase, found, where),
    ];
  },
  where: /* @__PURE__ */ named.where(),
};
