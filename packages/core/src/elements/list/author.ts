import { boxUse, record, textUse } from '../../walk';
import type { Author } from '../authoring';
import * as named from '../named';
import type { Of } from '../play';

export const list: Author<'list'> = {
  label: 'List',
  size: [600, 320],
  fresh: ({ text, box }) => ({
    rows: ['First', 'Second', 'Third'],
    rowHeight: 72,
    look: text('t-body'),
    box: box('b-panel'),
  }),
  references: record<Of<'list'>>({
    ...named.base,
    rows: named.each('rows'),
    look: textUse,
    box: boxUse,
    parts: named.parts('list'),
  }),
};
