import { record } from '../../walk';
import type { Author } from '../authoring';
import * as named from '../named';
import type { Of } from '../play';

export const text: Author<'text'> = {
  label: 'Text',
  size: [600, 60],
  fresh: ({ label, text }) => ({ text: label, look: text('t-body') }),
  references: record<Of<'text'>>({
    ...named.base,
    ...named.spoken,
    frames: named.frames,
    timer: named.timer,
  }),
};
