import { byId } from '../model';
import { givenPieces } from '../phrasing';
import type { Do, EffectAuthor, EffectPlay } from './effect';
import * as named from './named';

export const play: EffectPlay<Do<'send'>> = {
  tells: ({ event, fields = {} }, project) => {
    const found = byId(project.events).get(event);
    return found && { name: found.name, takes: found.fields ?? [], args: fields };
  },
  run: ({ event }, game) => game.send(event),
};

export const author: EffectAuthor<Do<'send'>> = {
  fields: { event: 'id', fields: 'arguments?' },
  references: { event: named.event, fields: named.toEvent },
  about: ({ event }) => event,
  gone: { event: 'What it tells the game is gone.' },
  words: ({ event, fields }, phrase) => {
    const found = byId(phrase.project.events).get(event);
    return [
      { words: 'tell the game ' },
      named.noun(phrase, found?.name),
      ...givenPieces(found?.fields, fields, phrase.scope, phrase.index),
    ];
  },
  tell: ({ fields: _, ...effect }, fields) => (fields === undefined ? effect : { ...effect, fields }),
};
