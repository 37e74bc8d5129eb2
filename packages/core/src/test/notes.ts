import fc from 'fast-check';
import type { Note } from '../model';
import { lean } from './motions';

/** Notes as designers leave them. */
export const anyNotes: fc.Arbitrary<Note[]> = fc.array(
  fc
    .record({
      text: fc.constantFrom('Darker', '{oil} is gone', 'Ask Tobias'),
      by: fc.constantFrom(undefined, 'Ines'),
      done: fc.constantFrom(undefined, true as const),
    })
    .map(lean),
  { maxLength: 2 },
);

/** The texts of all notes in a document, found by nothing but the field they stand in. */
export const writtenNotes = (value: unknown): string[] =>
  typeof value !== 'object' || value === null
    ? []
    : Object.entries(value).flatMap(([key, held]) =>
        key === 'notes' && Array.isArray(held)
          ? (held as Note[]).map(({ text }) => text)
          : writtenNotes(held),
      );
