import { everyStep } from '../model';
import type { Check } from './finding';

interface Unplayable {
  lacks: 'screen' | 'lines' | 'choices' | 'buttons';
  /** The dialogue screen, and how many choices it has buttons for and how many are offered. */
  screen?: string;
  has?: number;
  max?: number;
}

export const unplayable: Check<Unplayable> = {
  severity: 'error',
  about: 'A conversation has no screen, or its screen has no place for what it says and asks.',
  talk: ({ steps }, compiled) => {
    if (!compiled) return [{ lacks: 'screen' }];
    const { talkParts } = compiled;
    const screen = compiled.screen.name;
    const all = everyStep(steps);
    const found: Unplayable[] = [];
    if (talkParts.says === null && all.some((step) => step.step === 'line'))
      found.push({ lacks: 'lines', screen });
    const max = Math.max(0, ...all.map((step) => (step.step === 'choice' ? step.options.length : 0)));
    const has = talkParts.options.length;
    if (max > has)
      found.push(
        talkParts.choices === null ? { lacks: 'choices', screen } : { lacks: 'buttons', screen, has, max },
      );
    return found;
  },
  phrase: ({ lacks, screen, has, max }) => {
    switch (lacks) {
      case 'screen':
        return 'It has no dialogue screen: choose the one that it is played on.';
      case 'lines':
        return `${screen} has nothing that says lines: put a dialogue text or a bubble on it.`;
      case 'choices':
        return `${screen} has no place for choices: give a panel with buttons that part.`;
      case 'buttons':
        return `${screen} has buttons for ${has} choices, and ${max} are offered.`;
    }
  },
};
