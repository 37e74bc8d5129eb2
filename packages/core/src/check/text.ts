import { textTroubles, textTroubleWords, type TextTrouble } from '../message';
import { leading, scopeAt } from './around';
import type { Check } from './finding';
import { markTroubles } from './marked';

export const text: Check<{ name?: string; language?: string; trouble: TextTrouble }> = {
  severity: 'error',
  about:
    'A text names or shows what is not there, or is written so that it cannot be said: it stands as it is written.',
  place: (project, place, { element, name }) => {
    // The text it was translated from is kept only to notice that it has changed since.
    if (place.is !== 'text' || place.path[0] === 'translated') return [];
    const names = place.message && place.text.includes('{');
    if (!names && !place.text.includes('[')) return [];
    const language = project.languages?.find(({ code }) => code === place.language)?.name;
    const troubles = [
      ...(names ? textTroubles(place.text, scopeAt(project, place.around)) : []),
      ...markTroubles(project, place.text),
    ];
    return troubles.map((trouble) => ({
      name: element?.name ?? name,
      language,
      trouble,
    }));
  },
  phrase: ({ name, language, trouble }) =>
    `${leading(name)}${language === undefined ? '' : `In ${language}: `}${textTroubleWords(trouble)}`,
};
