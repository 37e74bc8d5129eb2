import { edit } from '../store';
import { as, type EffectEditor } from './editor';

export const notice: EffectEditor<'notice'> = {
  offers: ({ screens }) =>
    screens
      .filter(({ layer }) => layer === 'notice')
      .map(({ id, name, lasts }) => ({
        key: `show ${id}`,
        group: 'Show',
        words: `show ${name}`,
        label: name,
        hint: lasts,
        make: as({ do: 'notice', screen: id }),
      })),
  typed: (name) => [
    {
      key: 'new notice',
      group: 'New',
      words: name,
      label: `Show “${name}”`,
      hint: 'a new message',
      make: (put) => {
        const key = `new notice ${name}`;
        const screen = edit('add screen', { name, layer: 'notice', text: name }, { key })!;
        put({ do: 'notice', screen }, key);
      },
    },
  ],
};
