import { record } from '../../walk';
import type { Author } from '../authoring';
import * as named from '../named';
import type { Of } from '../play';

export const tabs: Author<'tabs'> = {
  label: 'Tabs',
  size: [900, 480],
  fresh: ({ pressed }) => ({ text: '', tabs: ['First', 'Second'], bar: 76, ...pressed }),
  references: record<Of<'tabs'>>({
    ...named.pressable,
    tabs: named.each('tabs'),
    value: named.value,
    parts: named.parts('tabs'),
  }),
};
