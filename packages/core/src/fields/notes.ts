import Joi from 'joi';
import { LONGEST_NOTE } from '../model';
import { list, name, thing } from './atoms';

/** What designers tell one another about a thing. */
export const notes = list(
  thing({ text: Joi.string().min(1).max(LONGEST_NOTE).required(), by: name, done: Joi.valid(true) }),
);
