import { boxUse, plain, record } from '../../walk';
import type { Author } from '../authoring';
import * as named from '../named';
import type { Of } from '../play';

export const shape: Author<'shape'> = {
  label: 'Shape',
  size: [240, 240],
  fresh: ({ box }) => ({ box: box('b-panel'), form: { is: 'star', corners: 5, inner: 0.5 } }),
  references: record<Of<'shape'>>({ ...named.base, box: boxUse, form: plain }),
};
