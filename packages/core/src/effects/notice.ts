import { screenById } from '../model';
import { givenPieces } from '../phrasing';
import type { Do, EffectAuthor, EffectPlay } from './effect';
import * as named from './named';

export const play: EffectPlay<Do<'notice'>> = {
  tells: ({ screen, args = {} }, project) => {
    const found = screenById(project, screen);
    return found && { name: found.name, takes: found.parameters ?? [], args };
  },
  shows: ({ screen }) => screen,
  run: ({ screen }, game) => game.show(screen),
};

export const author: EffectAuthor<Do<'notice'>> = {
  fields: { screen: 'id', args: 'arguments?' },
  references: { screen: named.screen, args: named.toScreen },
  about: ({ screen }) => screen,
  gone: { screen: 'The message it shows is gone.' },
  words: ({ screen, args }, phrase) => {
    const found = screenById(phrase.project, screen);
    return [
      { words: 'show ' },
      named.noun(phrase, found?.name),
      ...givenPieces(found?.parameters, args, phrase.scope, phrase.index),
    ];
  },
  tell: ({ args: _, ...effect }, args) => (args === undefined ? effect : { ...effect, args }),
};
