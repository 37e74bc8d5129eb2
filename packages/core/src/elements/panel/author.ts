import Joi from 'joi';
import { FAR, bound, oneOf, thing } from '../../fields';
import { WRAPS } from '../../model';
import { boxUse, plain, record } from '../../walk';
import type { Author } from '../authoring';
import { box } from '../described';
import * as named from '../named';
import type { Of } from '../play';

const arrange = thing({
  by: oneOf('row', 'column', 'grid').required(),
  gap: Joi.number().min(-FAR).max(FAR).required(),
  pad: bound,
  columns: Joi.number().integer().min(1).max(100),
  across: oneOf('start', 'centre', 'end', 'stretch'),
  along: oneOf('start', 'centre', 'end', 'spread'),
});

export const panel: Author<'panel'> = {
  label: 'Panel',
  size: [720, 480],
  fresh: ({ box }) => ({ box: box('b-panel') }),
  fields: { box, arrange, overflow: oneOf('cut', 'scrolls'), wraps: oneOf(...WRAPS) },
  references: record<Of<'panel'>>({ ...named.base, box: boxUse, arrange: plain }),
};
