import { plain, record } from '../../walk';
import type { Author } from '../authoring';
import * as named from '../named';
import type { Of } from '../play';

export const address: Author<'address'> = {
  label: 'Web address',
  size: [520, 52],
  fresh: ({ text }) => ({ text: 'saltwick.example', url: 'https://saltwick.example', look: text('t-body') }),
  references: record<Of<'address'>>({ ...named.base, ...named.spoken, url: plain }),
};
