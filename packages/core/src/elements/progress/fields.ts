import Joi from 'joi';
import { id, share } from '../../fields';
import { box } from '../described';

/** What a file has of one. */
export const progress: Joi.SchemaMap = { value: id, loading: Joi.valid(true), sample: share, box, bar: box };
