import { as, type EffectEditor } from './editor';

export const save: EffectEditor<'save'> = {
  offers: () => [
    {
      key: 'save',
      group: 'Saved games',
      words: 'save to a slot the game',
      hint: 'keeps the saved values',
      label: 'Save to a slot',
      make: as({ do: 'save', slot: '1' }),
    },
  ],
  gives: { short: 'Slot', long: () => 'Which slot' },
};
