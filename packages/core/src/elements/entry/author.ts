import { record } from '../../walk';
import type { Author } from '../authoring';
import * as named from '../named';
import type { Of } from '../play';

export const entry: Author<'entry'> = {
  label: 'Text entry',
  size: [560, 84],
  fresh: ({ pressed }) => ({ text: 'Write here', ...pressed }),
  references: record<Of<'entry'>>({ ...named.control, parts: named.parts('entry') }),
};
