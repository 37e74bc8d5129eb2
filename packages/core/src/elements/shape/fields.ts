import Joi from 'joi';
import { bound, FAR, list, oneBy, oneOf, thing } from '../../fields';
import { box } from '../described';

/** Points may lie outside of the place of their shape, but not far. */
const share = Joi.number().min(-100).max(100).required();
const point = { x: share, y: share };
const handle = thing(point);
const line = thing({
  points: list(thing({ ...point, before: handle, after: handle })).required(),
  open: Joi.valid(true),
});
const corners = Joi.number().integer().min(3).max(100).required();
const angle = Joi.number().min(-3600).max(3600).required();

/** What a file has of one. */
export const shape: Joi.SchemaMap = {
  box,
  form: oneBy('is', {
    polygon: { corners },
    star: { corners, inner: Joi.number().min(0).max(1).required() },
    arc: { start: angle, sweep: Joi.number().min(0).max(360).required(), width: bound.max(FAR).required() },
    path: { lines: list(line, 500).required() },
  }).required(),
  overflow: oneOf('cut'),
};
