import { edit } from '../store';
import { as, type EffectEditor } from './editor';

export const send: EffectEditor<'send'> = {
  offers: ({ events }) =>
    events
      .filter(({ direction }) => direction === 'out')
      .map(({ id, name }) => ({
        key: `tell ${id}`,
        group: 'Tell the game',
        words: `tell ${name}`,
        label: name,
        make: as({ do: 'send', event: id }),
      })),
  typed: (name) => [
    {
      key: 'new event',
      group: 'New',
      words: name,
      label: `Tell the game “${name}”`,
      hint: 'a new event',
      make: (put) => put({ do: 'send', event: edit('add event', { name, direction: 'out' })! }),
    },
  ],
};
