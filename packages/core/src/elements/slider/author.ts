import { record } from '../../walk';
import type { Author } from '../authoring';
import * as named from '../named';
import type { Of } from '../play';

export const slider: Author<'slider'> = {
  label: 'Slider',
  size: [720, 84],
  fresh: ({ pressed }) => ({ text: 'Slider', sample: 60, min: 0, max: 100, ...pressed }),
  named: 'by its words',
  references: record<Of<'slider'>>({ ...named.control, parts: named.parts('slider') }),
};
