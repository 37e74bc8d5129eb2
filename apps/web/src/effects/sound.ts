import { isSound } from '@tavu/core/model';
import { bringSound } from '../assets';
import { as, type EffectEditor } from './editor';

const group = 'Sound';

export const sound: EffectEditor<'sound'> = {
  offers: ({ assets }) => [
    ...assets.filter(isSound).map(({ id, name }) => ({
      key: `sound ${id}`,
      group,
      words: `play sound ${name}`,
      label: `Play ${name}`,
      make: as({ do: 'sound', asset: id }),
    })),
    {
      key: 'bring sound',
      group,
      words: 'import a sound file',
      label: 'Import a sound …',
      hint: 'a file',
      make: (put) => void bringSound().then((asset) => asset && put({ do: 'sound', asset })),
    },
  ],
};
