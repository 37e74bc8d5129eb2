import { leftOut as elementsLeftOut, MOST_UNFOLDED } from '../component';
import type { Check } from './finding';

export const leftOut: Check<{ name: string; most: number }> = {
  severity: 'error',
  about:
    'A placed component is left out of its screen, since that would hold too much with all that lies in it.',
  held: (project, { elements }) =>
    [...elementsLeftOut(project, elements)].map(({ name }) => ({ name, most: MOST_UNFOLDED })),
  phrase: ({ name, most }) => `${name} is left out: with it there would be more than ${most} elements here.`,
};
