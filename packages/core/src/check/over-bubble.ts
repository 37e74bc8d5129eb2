import type { Check } from './finding';
import { overflowingTranslations, type Over } from './room';

export const overBubble: Check<Over> = {
  severity: 'error',
  about: 'A line does not fit where it is said, and is cut off. Shorten it, or give it more room.',
  spoken: ({ flow, laid, over }) =>
    over && (flow.talk.long === 'marked' || laid.pages.length === 1) ? [over] : [],
  phrase: ({ by, way }) => `It does not fit: ${by} px too ${way}.`,
};

export const inParts: Check<{ parts: number }> = {
  severity: 'advice',
  about: 'A line does not fit where it is said, and comes in parts, one after the other.',
  spoken: ({ flow, laid: { pages }, over }) =>
    over && flow.talk.long !== 'marked' && pages.length > 1 ? [{ parts: pages.length }] : [],
  phrase: ({ parts }) => `It comes in ${parts} parts.`,
};

export const overInLanguages: Check<{ languages: readonly string[] }> = {
  severity: 'error',
  about: 'A line fits in the language it is written in, and is cut off in others.',
  translated: (project, conversation) =>
    project.talk?.long === 'marked' ? inLanguages(...overflowingTranslations(project, conversation)) : [],
  phrase: ({ languages }) => `It does not fit in ${languages.join(', ')}.`,
};

export const inPartsInLanguages: Check<{ languages: readonly string[] }> = {
  severity: 'advice',
  about: 'A line comes in parts in other languages.',
  translated: (project, conversation) =>
    project.talk?.long === 'marked' ? [] : inLanguages(...overflowingTranslations(project, conversation)),
  phrase: ({ languages }) => `It comes in parts in ${languages.join(', ')}.`,
};

const inLanguages = (...found: [string, string[]][]) =>
  found.map(([step, languages]) => ({ params: { languages }, where: { step } }));
