import { as, type EffectEditor } from './editor';

export const load: EffectEditor<'load'> = {
  offers: () => [
    {
      key: 'load',
      group: 'Saved games',
      words: 'load from a slot the game',
      hint: 'brings the saved values back',
      label: 'Load from a slot',
      make: as({ do: 'load', slot: '1' }),
    },
  ],
  gives: { short: 'Slot', long: () => 'Which slot' },
};
