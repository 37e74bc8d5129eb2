import { overflowOf, type Overflow } from '../paint';
import type { Check } from './finding';

export const overflow: Check<Overflow> = {
  severity: 'warning',
  about: 'A text does not fit its box and is cut off. Shorten it, or give it more room or a smaller size.',
  drawn: (flow, screen, said) =>
    overflowOf(flow, screen, said).map((params) => ({ params, where: { element: params.element } })),
  mark: overBy,
  phrase: (over) => {
    const helps = [
      ...(over.wrap ? ['let its lines break'] : []),
      ...(over.smaller === null ? [] : [`a size of ${over.smaller}`]),
      ...(over.wider === null ? [] : [`${over.wider} wider`]),
    ];
    const what = `The text is ${overBy(over)} for its box.`;
    return helps.length > 0 ? `${what} It would fit with ${helps.join(', or ')}.` : `${what} Shorten it.`;
  },
};

/** By how much a text does not fit, in words. */
function overBy({ across, down }: Overflow): string {
  return [
    across > 0.5 ? `${Math.ceil(across)} too wide` : '',
    down > 0.5 ? `${Math.ceil(down)} too high` : '',
  ]
    .filter((words) => words !== '')
    .join(', ');
}
