import Joi from 'joi';
import { LONGEST_NOTE } from '../model';
import { list, name, thing } from './atoms';

/** Comments by designers, as a file has them. */
export const notes = list(
  thing({ text: Joi.string().min(1).max(LONGEST_NOTE).required(), by: name, done: Joi.valid(true) }),
);
