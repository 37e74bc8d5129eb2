import type { Step } from '@tavu/core/model';
import { found, rowsOf, sameRow } from './rows';

const line = (id: string, text: string, speaker: string | null = null): Step => ({
  id,
  step: 'line',
  speaker,
  text,
});
const steps: Step[] = [
  line('a', 'Fog again.', 'p-ines'),
  {
    id: 'c',
    step: 'choice',
    speaker: 'p-tobias',
    text: 'Do you read?',
    options: [
      { id: 'o', text: 'I read', steps: [line('b', 'Good.')] },
      { id: 'n', text: 'Silence', steps: [] },
    ],
  },
  {
    id: 'w',
    step: 'wait',
    event: 'seen',
    limit: '2 s',
    otherwise: [line('l', 'Nothing yet.')],
    note: 'the ferry',
  },
];

test('a page is read from top to bottom; what lies within is deeper and keeps the key it is played by', () => {
  expect(rowsOf(steps).map((row) => [row.row, row.key, row.depth, row.row === 'step' ? row.n : 0])).toEqual([
    ['step', 'a', 0, 1],
    ['step', 'c', 0, 2],
    ['option', 'c o', 1, 0],
    ['step', 'c b', 2, 3],
    ['option', 'c n', 1, 0],
    ['step', 'w', 0, 4],
    ['late', 'w late', 1, 0],
    ['step', 'w l', 2, 5],
  ]);
});

test('rows are found by words, by who says them, and by their notes', () => {
  const hits = (text: string): string[] => [
    ...found(rowsOf(steps), text, (id) => ({ 'p-ines': 'Ines', 'p-tobias': 'Tobias' })[id] ?? ''),
  ];
  expect(hits('read')).toEqual(['c', 'o']);
  expect(hits('INES')).toEqual(['a']);
  expect(hits('ferry')).toEqual(['w']);
  expect(hits('  ')).toEqual([]);
});

test('a row stays the same as long as its own step, its number and its depth do', () => {
  const [before, edited] = [rowsOf(steps), rowsOf([line('a', 'Fog.', 'p-ines'), ...steps.slice(1)])];
  expect(before.map((row, i) => sameRow(row, edited[i]!))).toEqual(before.map((_, i) => i !== 0));
  // Moved down by one, all are drawn anew but what has no number.
  const moved = rowsOf([line('z', 'First.'), ...steps]);
  expect(before.map((row, i) => sameRow(row, moved[i + 1]!))).toEqual(
    before.map((row) => row.row !== 'step'),
  );
  expect(before.some((row, i) => before.some((other, j) => i !== j && sameRow(row, other)))).toBe(false);
});
