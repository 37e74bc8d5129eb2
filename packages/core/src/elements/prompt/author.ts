import { boxUse, record } from '../../walk';
import type { Author } from '../authoring';
import * as named from '../named';
import type { Of } from '../play';

export const prompt: Author<'prompt'> = {
  label: 'Key prompt',
  size: [320, 56],
  fresh: ({ project, text, box }) => ({
    action: project.actions[0]?.id ?? null,
    text: 'Select',
    look: text('t-body'),
    box: box('b-button'),
  }),
  references: record<Of<'prompt'>>({ ...named.base, ...named.spoken, box: boxUse, action: named.action }),
};
