import { listById } from '../lists';
import { givenPieces } from '../phrasing';
import type { Do, EffectAuthor, EffectPlay } from './effect';
import * as named from './named';

export const play: EffectPlay<Do<'change rows'>> = {
  rows: ({ list, where, args }) => ({ list, where, args }),
  run: (_, game) => game.changeRows(),
};

export const author: EffectAuthor<Do<'change rows'>> = {
  fields: { list: 'id', where: 'expression?', args: 'arguments?' },
  references: { list: named.list, where: named.ofRow, args: named.toRows },
  about: ({ list }) => list,
  gone: { list: 'The list whose rows it changes is gone.' },
  words: ({ list, where, args }, phrase) => {
    const found = listById(phrase.project, list);
    return [
      { words: 'change in ' },
      named.noun(phrase, found?.name),
      { words: ' ' },
      ...named.rowsWhere(phrase, found, where),
      ...givenPieces(found?.fields, args, named.inRow(phrase, found), phrase.index, 'as it is'),
    ];
  },
  where: /* @__PURE__ */ named.where(),
  tell: ({ args: _, ...effect }, args) => (args === undefined ? effect : { ...effect, args }),
};
