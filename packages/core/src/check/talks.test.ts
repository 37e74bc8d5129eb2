import { compile } from '../compile';
import type { Step } from '../model';
import { line, talking } from '../test/talks';
import { findingsOfTalk, findingsTranslated, findingWords } from '.';

/** What is pointed out in a conversation before any run. */

const told = (
  steps: Step[],
  ...over: Parameters<typeof talking> extends [unknown, ...infer R] ? R : never
) => {
  const project = talking(steps, ...over);
  return findingsOfTalk(compile(project), project.conversations![0]!).map((finding) => [
    finding.where.step,
    findingWords(finding),
  ]);
};

test('a conversation with nothing wrong says nothing', () => {
  expect(told([line('a', 'All well.')])).toEqual([]);
});

test('a line without words, a speaker without a portrait, a screen without a part, text over its bubble', () => {
  expect(told([line('a', '  ')])).toEqual([['a', 'It says nothing yet.']]);
  expect(told([line('a', 'Hi')], { speakers: [{ id: 'ines', name: 'Ines', faces: [] }] })).toEqual([
    ['a', 'Ines has no portrait.'],
  ]);
  // Told once, and not at all of a voice that is never seen.
  const both = [line('a', 'Hi'), line('b', 'Still here')];
  expect(told(both, { speakers: [{ id: 'ines', name: 'Ines', faces: [] }] })).toEqual([
    ['a', 'Ines has no portrait.'],
  ]);
  expect(told(both, { speakers: [{ id: 'ines', name: 'Ines', faces: [], unseen: true }] })).toEqual([]);
  expect(told([line('a', 'Hi', { speaker: null })], {}, { elements: [] })).toEqual([
    ['', expect.stringContaining('nothing that says lines')],
  ]);
  const long = 'word '.repeat(300);
  const talk = { letter: '50 ms', reading: { base: '30 s', each: '50 ms' } };
  expect(told([line('a', long)], { talk: { ...talk, long: 'marked' } })).toEqual([
    ['a', expect.stringMatching(/^It does not fit: \d+ px too high\.$/)],
  ]);
  expect(told([line('a', long)], { talk })).toEqual([
    ['a', expect.stringMatching(/^It comes in \d+ parts\.$/)],
  ]);
});

test('too fast to read, more choices than buttons, things that are gone', () => {
  const fast = { letter: '1 ms', reading: { base: '0 s', each: '5 ms' } };
  expect(told([line('a', 'b'.repeat(40))], { talk: fast })[0]![1]).toMatch(
    /letters a second; 20 can be read/,
  );
  const many: Step = {
    id: 'c',
    step: 'choice',
    speaker: null,
    text: '',
    options: [1, 2, 3, 4].map((n) => ({ id: `o${n}`, text: `${n}`, steps: [] })),
  };
  expect(told([many])[0]![1]).toMatch(/buttons for 3 choices, and 4/);
  expect(
    told([
      { id: 's', step: 'show', element: 'nothing' },
      { id: 'w', step: 'wait', event: 'nothing' },
      { id: 'j', step: 'jump', to: 'nothing', when: 'fog' },
    ]).map(([key]) => key),
  ).toEqual(expect.arrayContaining(['s', 'w', 'j']));
});

test('a line that fits as it is written and not in another language is named with that language', () => {
  const project = talking([line('a', 'Short.')], {
    languages: [
      { code: 'en', name: 'English' },
      { code: 'fi', name: 'Finnish' },
    ],
    texts: { fi: { 'talk a': 'sana '.repeat(200) } },
    talk: { long: 'marked' },
  });
  const [talk] = project.conversations!;
  const found = findingsTranslated(project, talk!);
  expect(found.map((finding) => [finding.where.step, findingWords(finding)])).toEqual([
    ['a', 'It does not fit in Finnish.'],
  ]);
  expect(findingsTranslated({ ...project, texts: {} }, talk!)).toEqual([]);
  const parts = findingsTranslated({ ...project, talk: {} }, talk!);
  expect(parts.map((part) => [part.severity, findingWords(part)])).toEqual([
    ['advice', 'It comes in parts in Finnish.'],
  ]);
});
