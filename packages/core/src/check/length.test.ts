import fc from 'fast-check';
import { applyCommand } from '../edit';
import { compile } from '../compile';
import type { Project } from '../model';
import { refusalWords } from '../refusal';
import { readProject } from '../schema';
import { anyProject } from '../test/arbitrary';
import { anyEdit } from '../test/edits';
import { documents } from '../test/hostile';
import { demo } from '../test/whole';
import { findingsOf, findingsOfTalks, findingWords } from '.';

/** The most words of a sentence that somebody reads in the middle of their work. */
const MOST = 25;

/** The sentences of a text with more words than that; what is quoted counts as one, however long its name. */
const tooLong = (text: string): string[] =>
  text
    .replace(/“[^”]*”/g, 'X')
    .split(/(?<=[.?!:])\s+/)
    .filter((sentence) => sentence.split(/\s+/).length > MOST);

const tellings = (project: Project): string[] => [
  ...findingsOf(project).map(findingWords),
  ...[...findingsOfTalks(compile(project)).values()].flat().map(findingWords),
];

test('a sentence of 26 words is found', () => {
  expect(tooLong(`${'so '.repeat(25)}on.`)).toHaveLength(1);
  expect(tooLong(`${'so '.repeat(24)}on. And so it goes on.`)).toEqual([]);
});

test('no finding takes more than 25 words a sentence to say', () => {
  let told = 0;
  const check = (project: Project): void => {
    const all = tellings(project);
    told += all.length;
    expect(all.flatMap(tooLong)).toEqual([]);
  };
  check(demo);
  fc.assert(
    fc.property(anyProject, fc.array(anyEdit, { maxLength: 3 }), (any, edits) =>
      check(
        edits.reduce((project, edit) => {
          const { name, args } = edit(project);
          return applyCommand(project, name, args).project;
        }, any),
      ),
    ),
    { numRuns: 60 },
  );
  expect(told).toBeGreaterThan(100);
});

test('no refusal of a file does', () => {
  // The largest are refused for their size alone, in the same words.
  const refused = documents.flatMap(([, text]) => {
    if (text.length > 100_000) return [];
    const read = readProject(text);
    return 'problems' in read ? read.problems.map(refusalWords) : [];
  });
  expect(refused.length).toBeGreaterThan(10);
  expect(refused.flatMap(tooLong)).toEqual([]);
});
