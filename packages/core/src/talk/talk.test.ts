import fc from 'fast-check';
import { DEFAULT_RATES } from '../model';
import { talking, line } from '../test/talks';
import { compileTalk } from '../compile/talk';
import { lettersOf, withoutMarks } from '../marks';
import { readingTime, talkTimes, typeOut } from '.';

const times = talkTimes(talking([]));
const breathing = { ...times, comma: 100_000, stop: 300_000 };
const out = (text: string, how = times) => typeOut(text, 50_000, how, DEFAULT_RATES);

test('emoji, accents and flags are one letter each', () => {
  expect(out('né 👩‍👩‍👧 🇫🇮').letters).toEqual(['n', 'é', ' ', '👩‍👩‍👧', ' ', '🇫🇮']);
  expect(out('né').length).toBe(100_000);
});

test('marks make it slower, faster, as usual, or wait; a double bracket is a bracket', () => {
  expect(withoutMarks('[slow]Hm[usual], [[sic] [odd]')).toBe('Hm, [sic] [odd]');
  expect(out('ab[slow]c[fast]d[usual]e').at).toEqual([50_000, 100_000, 200_000, 225_000, 275_000]);
  expect(out('a[wait 0.4 s]b').at).toEqual([50_000, 500_000]);
  expect(out('a[wait 0.4 s]').length).toBe(450_000);
  expect(out('a[wait soon]').letters.join('')).toBe('a[wait soon]');
});

test('there is a breath after a comma and a sentence, where something follows', () => {
  expect(out('A, b.', breathing).at).toEqual([50_000, 100_000, 250_000, 300_000, 350_000]);
  expect(out('No. 3.5 s', breathing).length).toBe(9 * 50_000 + 300_000);
});

test('letters come in order, are the words without marks, and none is lost', () => {
  fc.assert(
    fc.property(fc.string({ unit: 'grapheme', maxLength: 60 }), fc.nat(200_000), (text, letter) => {
      const { letters, at, length } = typeOut(text, letter, breathing, DEFAULT_RATES);
      expect(letters.join('')).toBe(withoutMarks(text));
      expect(at).toHaveLength(letters.length);
      at.forEach((value, i) => expect(value).toBeGreaterThanOrEqual(i === 0 ? 0 : at[i - 1]!));
      expect(length).toBeGreaterThanOrEqual(at.at(-1) ?? 0);
      if (!/[[\]]/.test(text)) expect(letters).toEqual(lettersOf(text));
    }),
  );
});

test('reading takes so much and so much a letter, within its bounds', () => {
  expect(readingTime(20, times)).toBe(1_500_000);
  expect(readingTime(20, { ...times, max: 1_000_000 })).toBe(1_000_000);
  expect(readingTime(1, { ...times, min: 900_000 }, 2)).toBe(1_800_000);
});

test('what a conversation cannot do is told by its step, and never thrown', () => {
  const project = talking([
    line('a', 'Hi', { speaker: 'gone' }),
    line('b', 'Hi', { face: 'smug' }),
    { id: 'c', step: 'conversation', conversation: 'talk' },
    { id: 'd', step: 'routine', routine: 'gone' },
    { id: 'e', step: 'jump', to: 'gone' },
  ]);
  const { troubles, ops } = compileTalk(project, project.conversations![0]!, 'en');
  expect(troubles.map(({ key }) => key)).toEqual(['a', 'b', 'c', 'd', 'e']);
  expect(ops.map(({ op }) => op)).toEqual(['line', 'line', 'jump']);
});
