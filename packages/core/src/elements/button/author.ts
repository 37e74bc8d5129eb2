import { record } from '../../walk';
import type { Author } from '../authoring';
import * as named from '../named';
import type { Of } from '../play';

export const button: Author<'button'> = {
  label: 'Button',
  size: [440, 84],
  fresh: ({ pressed }) => ({ text: 'Button', ...pressed }),
  pressed: true,
  named: 'by its words',
  references: record<Of<'button'>>({
    ...named.pressable,
    shortcut: named.action,
    acts: named.action,
    timer: named.timer,
  }),
};
