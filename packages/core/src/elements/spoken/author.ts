import { record } from '../../walk';
import type { Author } from '../authoring';
import * as named from '../named';
import type { Of } from '../play';

export const spoken: Author<'spoken'> = {
  label: 'Dialogue text',
  size: [900, 180],
  fresh: ({ label, text }) => ({ text: label, look: text('t-body') }),
  references: record<Of<'spoken'>>({ ...named.base, ...named.spoken }),
};
