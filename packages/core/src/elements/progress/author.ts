import { boxUse, record, id as idOf } from '../../walk';
import type { Author } from '../authoring';
import * as named from '../named';
import type { Of } from '../play';

export const progress: Author<'progress'> = {
  label: 'Progress',
  size: [600, 28],
  fresh: ({ box }) => ({
    sample: 0.6,
    box: box('b-panel'),
    bar: { ...box('b-button'), fill: '#f0c25a', borderWidth: 0 },
  }),
  references: record<Of<'progress'>>({ ...named.base, value: idOf('value'), box: boxUse, bar: boxUse }),
};
