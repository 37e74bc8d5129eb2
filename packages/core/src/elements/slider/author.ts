import Joi from 'joi';
import { record } from '../../walk';
import type { Author } from '../authoring';
import { control } from '../described';
import * as named from '../named';
import type { Of } from '../play';

export const slider: Author<'slider'> = {
  label: 'Slider',
  size: [720, 84],
  fresh: ({ pressed }) => ({ text: 'Slider', sample: 60, least: 0, most: 100, ...pressed }),
  fields: { ...control, least: Joi.number(), most: Joi.number() },
  references: record<Of<'slider'>>(named.control),
};
