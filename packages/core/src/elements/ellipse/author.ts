import { boxUse, record } from '../../walk';
import type { Author } from '../authoring';
import * as named from '../named';
import type { Of } from '../play';

export const ellipse: Author<'ellipse'> = {
  label: 'Ellipse',
  size: [240, 240],
  fresh: ({ box }) => ({ box: box('b-panel') }),
  references: record<Of<'ellipse'>>({ ...named.base, box: boxUse }),
};
