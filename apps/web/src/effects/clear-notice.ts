import { as, type EffectEditor } from './editor';

export const clearNotice: EffectEditor<'clear notice'> = {
  offers: ({ screens }) =>
    screens
      .filter(({ layer }) => layer === 'notice')
      .map(({ id, name }) => ({
        key: `clear ${id}`,
        group: 'Take away',
        words: `take away ${name}`,
        label: name,
        make: as({ do: 'clear notice', screen: id }),
      })),
};
