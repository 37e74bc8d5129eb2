import { record } from '../../walk';
import type { Author } from '../authoring';
import * as named from '../named';
import type { Of } from '../play';

const { action } = named;

export const touch: Author<'touch'> = {
  label: 'Touch zone',
  size: [300, 300],
  fresh: () => ({}),
  pressed: true,
  references: record<Of<'touch'>>({
    ...named.base,
    acts: action,
    swipes: record<NonNullable<Of<'touch'>['swipes']>>({
      up: action,
      down: action,
      left: action,
      right: action,
    }),
  }),
};
