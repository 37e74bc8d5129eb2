import Joi from 'joi';
import { FAR } from '../../fields';
import { boxUse, record, textUse } from '../../walk';
import type { Author } from '../authoring';
import { box, lines, look } from '../described';
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
  fields: { rows: lines.required(), rowHeight: Joi.number().min(1).max(FAR).required(), look, box },
  references: record<Of<'list'>>({ ...named.base, rows: named.each('rows'), look: textUse, box: boxUse }),
};
