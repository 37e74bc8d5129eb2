import { boxUse, plain, record } from '../../walk';
import type { Author } from '../authoring';
import * as named from '../named';
import type { Of } from '../play';

export const panel: Author<'panel'> = {
  label: 'Panel',
  size: [720, 480],
  fresh: ({ box }) => ({ box: box('b-panel') }),
  references: record<Of<'panel'>>({
    ...named.base,
    box: boxUse,
    arrange: plain,
    parts: named.parts('panel'),
  }),
};
