import type { Check } from './finding';

export const gap: Check<{ name: string }> = {
  severity: 'warning',
  about: 'A link leads to a screen that is not made yet. A run shows a stand-in for it.',
  link: (_, { kind, to }) =>
    (kind === 'go' || kind === 'open' || kind === 'swap') && to && 'gap' in to ? [{ name: to.gap }] : [],
  phrase: ({ name }) => `“${name}” is not made yet.`,
};
