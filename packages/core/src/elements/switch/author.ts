import { record } from '../../walk';
import type { Author } from '../authoring';
import * as named from '../named';
import type { Of } from '../play';

export const toggle: Author<'switch'> = {
  label: 'Switch',
  size: [720, 84],
  fresh: ({ pressed }) => ({ text: 'Switch', sample: false, ...pressed }),
  named: 'by its words',
  references: record<Of<'switch'>>({ ...named.control, parts: named.parts('switch') }),
};
