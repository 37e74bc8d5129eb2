import { record } from '../../walk';
import type { Author } from '../authoring';
import * as named from '../named';
import type { Of } from '../play';

export const binding: Author<'binding'> = {
  label: 'Key row',
  size: [720, 84],
  fresh: ({ project, pressed }) => ({
    text: '',
    action: project.actions[0]?.id ?? null,
    device: 'keys',
    ...pressed,
  }),
  named: 'by its words',
  references: record<Of<'binding'>>({ ...named.pressable, action: named.action }),
};
