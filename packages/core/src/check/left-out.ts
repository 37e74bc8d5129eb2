import { leftOut as elementsLeftOut, MAX_UNFOLDED } from '../component';
import type { Check } from './finding';

export const leftOut: Check<{ name: string; max: number }> = {
  severity: 'error',
  about:
    'A placed component is left out of its screen, since that would hold too much with all that lies in it.',
  held: (project, { elements }) =>
    [...elementsLeftOut(project, elements)].map(({ name }) => ({ name, max: MAX_UNFOLDED })),
  phrase: ({ name, max }) => `${name} is left out: with it there would be more than ${max} elements here.`,
};
