import Joi from 'joi';
import { FAR, bound, oneOf, thing } from '../../fields';
import { WRAPS } from '../../model';
import { box, parts } from '../described';

const arrange = thing({
  by: oneOf('row', 'column', 'grid').required(),
  gap: Joi.number().min(-FAR).max(FAR).required(),
  pad: bound,
  columns: Joi.number().integer().min(1).max(100),
  across: oneOf('start', 'centre', 'end', 'stretch'),
  along: oneOf('start', 'centre', 'end', 'spread'),
});

/** What a file has of one. */
export const panel: Joi.SchemaMap = {
  box,
  arrange,
  overflow: oneOf('cut', 'scrolls'),
  scrollBars: Joi.valid(true),
  parts: parts('panel'),
  wraps: oneOf(...WRAPS),
};
