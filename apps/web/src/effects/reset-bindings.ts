import { as, type EffectEditor } from './editor';

const label = 'Reset to the default keys';

export const resetBindings: EffectEditor<'reset bindings'> = {
  offers: () => [
    {
      key: 'reset bindings',
      group: 'Players’ choices',
      words: label,
      label,
      make: as({ do: 'reset bindings' }),
    },
  ],
};
