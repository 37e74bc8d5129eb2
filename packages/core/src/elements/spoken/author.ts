import { words } from '../../fields';
import { record } from '../../walk';
import type { Author } from '../authoring';
import { look } from '../described';
import * as named from '../named';
import type { Of } from '../play';

export const spoken: Author<'spoken'> = {
  label: 'Dialogue text',
  size: [900, 180],
  fresh: ({ label, text }) => ({ text: label, look: text('t-body') }),
  fields: { text: words.required(), look },
  references: record<Of<'spoken'>>({ ...named.base, ...named.spoken }),
};
