import { as, type EffectEditor } from './editor';

const label = 'Keep the changes made here';

export const keepChanges: EffectEditor<'keep changes'> = {
  offers: () => [
    { key: 'keep changes', group: 'Players’ choices', words: label, label, make: as({ do: 'keep changes' }) },
  ],
};
