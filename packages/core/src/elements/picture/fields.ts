import Joi from 'joi';
import { id, insets, list, plays } from '../../fields';
import { pictured } from '../described';

/** What a file has of one. */
export const picture: Joi.SchemaMap = {
  ...pictured,
  slice: insets,
  pictures: list(id),
  plays,
  value: id,
};
