import { listById } from '../lists';
import { givenPieces } from '../phrasing';
import type { Do, EffectAuthor, EffectPlay } from './effect';
import * as named from './named';

export const play: EffectPlay<Do<'add row'>> = {
  tells: ({ list, args = {} }, project) => {
    const found = listById(project, list);
    return found && { name: found.name, takes: found.fields, args };
  },
  run: ({ list }, game) => game.addRow(list),
};

export const author: EffectAuthor<Do<'add row'>> = {
  fields: { list: 'id', args: 'arguments?' },
  references: { list: named.list, args: named.toRow },
  about: ({ list }) => list,
  gone: { list: 'The list it adds a row to is gone.' },
  words: ({ list, args }, phrase) => {
    const found = listById(phrase.project, list);
    return [
      { words: 'add a row to ' },
      named.noun(phrase, found?.name),
      ...givenPieces(found?.fields, args, phrase.scope, phrase.index, 'empty'),
    ];
  },
  tell: ({ args: _, ...effect }, args) => (args === undefined ? effect : { ...effect, args }),
};
