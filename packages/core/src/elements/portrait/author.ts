import { boxUse, record } from '../../walk';
import type { Author } from '../authoring';
import * as named from '../named';
import type { Of } from '../play';

export const portrait: Author<'portrait'> = {
  label: 'Portrait',
  size: [280, 280],
  fresh: ({ box }) => ({ asset: null, fit: 'cover', box: box('b-panel') }),
  pressed: true,
  references: record<Of<'portrait'>>({ ...named.base, asset: named.asset, from: named.from, box: boxUse }),
};
