import type { Project } from '../model';
import { letterStarts } from '../text';
import { asWords, lettersOf } from '../marks';
import { laySaid, type Lettering } from './runs';

/** A place between two letters: how many UTF-16 code units stand before it, and where it is, in design pixels. */
export interface LetterPlace {
  at: number;
  x: number;
}

/** Every place in plain words on one line, from before the first letter to after the last. */
export function letterPlaces(project: Project, words: string, look: Lettering): LetterPlace[] {
  const letters = lettersOf(words);
  const { size, face } = laySaid(project, asWords(words), { ...look, wrap: 'cut' }, ENDLESS);
  const starts = letterStarts(letters, face.metrics, size, look.letters);
  const last = starts.at(-1);
  let at = 0;
  const places = starts.map(({ letter, x }) => {
    const place = { at, x };
    at += letter.length;
    return place;
  });
  return [...places, { at, x: last ? last.x + last.width : 0 }];
}

/** A box in which every line has room. */
export const ENDLESS = { width: 1e6, height: 1e6 };

/** The place at or next before so many code units. */
export const placeAt = (places: readonly LetterPlace[], at: number): LetterPlace =>
  places.filter((place) => place.at <= at).at(-1) ?? places[0]!;

/** The place nearest to a distance from where the words begin. */
export const placeNear = (places: readonly LetterPlace[], x: number): LetterPlace =>
  places.reduce((best, place) => (Math.abs(place.x - x) < Math.abs(best.x - x) ? place : best));
