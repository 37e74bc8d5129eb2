import Joi from 'joi';
import { bound, duration, easing, id, list, oneBy, oneOf, share, thing } from '../../fields';
import { BOX_SIDES } from '../../model';
import { box, look } from '../described';

const degrees = Joi.number().min(-360).max(360);

/** What a file has of one. */
export const progress: Joi.SchemaMap = {
  value: id,
  timer: id,
  loading: Joi.valid(true),
  sample: share,
  box,
  bar: box,
  fills: oneBy('by', {
    side: { side: oneOf(...BOX_SIDES).required() },
    ring: {
      start: degrees.required(),
      sweep: Joi.number().min(0).max(360).required(),
      width: bound.required(),
      anticlockwise: Joi.valid(true),
    },
    row: {
      count: Joi.number().integer().min(1).max(100).required(),
      gap: Joi.number().min(-1000).max(1000).required(),
      steps: oneOf('whole', 'half', 'any').required(),
      upright: Joi.valid(true),
    },
    number: { look },
  }),
  eases: duration,
  easing,
  loss: thing({ box, after: duration.required(), over: duration.required() }),
  levels: list(thing({ below: share.required(), bar: box })),
};
