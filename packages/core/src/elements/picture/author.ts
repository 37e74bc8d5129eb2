import { id, list, plain, plays, record } from '../../walk';
import type { Author } from '../authoring';
import * as named from '../named';
import type { Of } from '../play';

export const picture: Author<'picture'> = {
  label: 'Picture',
  size: [480, 270],
  fresh: () => ({ asset: null, fit: 'contain' }),
  pressed: true,
  references: record<Of<'picture'>>({
    ...named.base,
    asset: named.asset,
    from: named.from,
    slice: plain,
    pictures: list(id('asset', { gone: { drop: 'pictures' } })),
    plays,
    value: id('value', { gone: 'left out' }),
  }),
};
