import { as, type EffectEditor } from './editor';

const label = 'Discard the changes made here';

export const takeBackChanges: EffectEditor<'take back changes'> = {
  offers: () => [
    {
      key: 'take back changes',
      group: 'Players’ choices',
      words: label,
      label,
      make: as({ do: 'take back changes' }),
    },
  ],
};
