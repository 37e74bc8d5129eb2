import { id } from '../../fields';
import { record } from '../../walk';
import type { Author } from '../authoring';
import { pressable } from '../described';
import * as named from '../named';
import type { Of } from '../play';

export const button: Author<'button'> = {
  label: 'Button',
  size: [440, 84],
  fresh: ({ pressed }) => ({ text: 'Button', ...pressed }),
  fields: { ...pressable, shortcut: id },
  references: record<Of<'button'>>({ ...named.pressable, shortcut: named.action }),
};
