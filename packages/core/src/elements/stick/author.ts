import { boxUse, record } from '../../walk';
import type { Author } from '../authoring';
import * as named from '../named';
import type { Of } from '../play';

export const stick: Author<'stick'> = {
  label: 'Stick',
  size: [320, 320],
  // Round and plain, whatever the panels of the project look like.
  fresh: ({ box }) => ({
    size: 240,
    box: {
      ...box('b-panel'),
      fill: '#14202bb3',
      border: '#f3ead7',
      borderWidth: 4,
      picture: 'none',
    },
  }),
  references: record<Of<'stick'>>({ ...named.base, box: boxUse, parts: named.parts('stick') }),
};
