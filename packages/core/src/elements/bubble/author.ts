import { boxUse, plain, record } from '../../walk';
import type { Author } from '../authoring';
import * as named from '../named';
import type { Of } from '../play';

export const bubble: Author<'bubble'> = {
  label: 'Speech bubble',
  size: [760, 220],
  fresh: ({ text, box }) => ({
    shape: 'speech',
    text: 'Somebody says this.',
    look: text('t-body'),
    box: box('b-panel'),
    area: { top: 28, right: 36, bottom: 28, left: 36 },
    tail: { side: 'bottom', at: 0.25 },
  }),
  references: record<Of<'bubble'>>({ ...named.base, ...named.spoken, box: boxUse, area: plain, tail: plain }),
};
