import { textTroubles, textTroubleWords, type TextTrouble } from '../message';
import { leading, scopeAt } from './around';
import type { Check } from './finding';

export const text: Check<{ name?: string; language?: string; trouble: TextTrouble }> = {
  severity: 'error',
  about:
    'A text names what is not there, or is written so that it cannot be said: it stands as it is written.',
  place: (project, place, { element, name }) => {
    // The text it was translated from is kept only to notice that it has changed since.
    if (place.is !== 'text' || place.path[0] === 'translated') return [];
    if (!place.message || !place.text.includes('{')) return [];
    const language = project.languages?.find(({ code }) => code === place.language)?.name;
    return textTroubles(place.text, scopeAt(project, place.around)).map((trouble) => ({
      name: element?.name ?? name,
      language,
      trouble,
    }));
  },
  phrase: ({ name, language, trouble }) =>
    `${leading(name)}${language === undefined ? '' : `In ${language}: `}${textTroubleWords(trouble)}`,
};
