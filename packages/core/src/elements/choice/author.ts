import { record } from '../../walk';
import type { Author } from '../authoring';
import * as named from '../named';
import type { Of } from '../play';

export const choice: Author<'choice'> = {
  label: 'Choice',
  size: [720, 84],
  fresh: ({ pressed }) => ({ text: 'Choice', sample: 0, options: ['One', 'Two'], ...pressed }),
  named: 'by its words',
  references: record<Of<'choice'>>({
    ...named.control,
    options: named.each('options'),
    parts: named.parts('choice'),
  }),
};
