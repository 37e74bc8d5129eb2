import { countLetters } from '../marks';
import type { Project } from '../model';
import { readingTime, talkTimes } from '../talk';

/** How long a text takes to read by the project's own rules, in milliseconds, to a tenth of a second. */
export const timeToRead = (project: Project, text: string): number =>
  Math.round(readingTime(countLetters(text), talkTimes(project)) / 100_000) * 100;
