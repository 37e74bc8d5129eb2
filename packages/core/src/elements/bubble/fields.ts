import type Joi from 'joi';
import { insets, oneOf, share, thing } from '../../fields';
import { BUBBLES } from '../../model';
import { pressable } from '../described';

/** What a file has of one. */
export const bubble: Joi.SchemaMap = {
  ...pressable,
  shape: oneOf(...BUBBLES).required(),
  area: insets.required(),
  tail: thing({ side: oneOf('left', 'right', 'top', 'bottom').required(), at: share.required() }),
};
