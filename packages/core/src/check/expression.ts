import { check, whyWords, type Why } from '../expression';
import { leading, scopeAt } from './around';
import type { Check } from './finding';

export const expression: Check<{ name?: string; what: string; why: Why }> = {
  severity: 'error',
  about: 'An expression cannot be read, names what is not there, or gives another type than is wanted.',
  place: (project, place, { element, name }) => {
    if (place.is !== 'expression') return [];
    const { text, wanted, gives } = place;
    const what = gives ? `${gives.to} of ${gives.of}` : `“${text}”`;
    return check(text, scopeAt(project, place.around), wanted ?? undefined).complaints.map(
      ({ code, params }) => ({ name: element?.name ?? name, what, why: { code, params } }),
    );
  },
  phrase: ({ name, what, why }) => `${leading(name)}${what}: ${whyWords(why)}`,
};
