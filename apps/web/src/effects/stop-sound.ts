import { isSound } from '@tavu/core/model';
import { as, type EffectEditor } from './editor';

export const stopSound: EffectEditor<'stop sound'> = {
  offers: ({ assets }) =>
    assets.filter(isSound).map(({ id, name }) => ({
      key: `stop sound ${id}`,
      group: 'Sound',
      words: `stop sound ${name}`,
      label: `Stop ${name}`,
      make: as({ do: 'stop sound', asset: id }),
    })),
};
