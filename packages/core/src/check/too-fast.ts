import { firstState } from '../run';
import type { Check } from './finding';
import { readingSpeed } from './room';

export const tooFast: Check<{ speed: number; limit: number }> = {
  severity: 'error',
  about: 'A line goes by faster than it can be read. Shorten it, or give it more time.',
  spoken: ({ flow, op, laid }) => {
    if (op.op !== 'line' || laid.text.trim() === '') return [];
    const speed = readingSpeed(flow, firstState(flow), laid);
    const { limit } = flow.talk;
    return speed > limit ? [{ speed: Math.round(speed), limit }] : [];
  },
  phrase: ({ speed, limit }) => `It goes by at ${speed} letters a second; ${limit} can be read.`,
};
