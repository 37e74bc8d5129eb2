import type { TextRow } from '../language';
import type { Translated } from '../model';
import { refusal, type Problem } from '../refusal';

/** What a translator's file says of one text. */
export interface GivenText {
  key: string;
  /** What it was translated from, where the file says so. */
  source: string | null;
  target: string;
  state: NonNullable<Translated['state']>;
  /** Null: the file says nothing of it. */
  note: string | null;
  maxLength: number | null;
}
export type GivenTexts = { language: string | null; texts: GivenText[] } | { problem: Problem };

/** The largest file that is read, in characters. */
export const LARGEST = 20_000_000;
export const TOO_LARGE: Problem = {
  ...refusal('too many characters', { max: LARGEST }),
  place: 'the whole file',
};
export const STATES: readonly string[] = ['initial', 'translated', 'reviewed', 'final'];

export const stateOut = (state: TextRow['state']): string =>
  state === 'missing' || state === 'changed' ? 'initial' : state;
