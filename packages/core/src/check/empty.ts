import type { Check } from './finding';

const SAYS = {
  line: 'It says nothing yet.',
  choice: 'There is nothing to choose.',
  option: 'A choice has no words.',
};

export const empty: Check<{ what: keyof typeof SAYS }> = {
  severity: 'error',
  about: 'A line says nothing, or a choice offers nothing. An empty line is passed over.',
  step: (_, step) => {
    if (step.step === 'line') return step.text.trim() === '' ? [{ what: 'line' }] : [];
    if (step.step !== 'choice') return [];
    return [
      ...(step.options.length === 0 ? [{ what: 'choice' as const }] : []),
      ...step.options.filter(({ text }) => text.trim() === '').map(() => ({ what: 'option' as const })),
    ];
  },
  phrase: ({ what }) => SAYS[what],
};
