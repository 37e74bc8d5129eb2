import fc from 'fast-check';
import type { Project } from '@tavu/core/model';
import type { Outcome, RunState } from '@tavu/core/run';
import { Log, MAX_ENTRIES } from './log';

const STATE = {} as RunState;
const PROJECT = {} as Project;
const set = (to: number, at = 0): Outcome => ({ at, did: 'set', value: 'oil', to, by: null });

test('equal writes in a row are one entry with a count, and nothing else is', () => {
  fc.assert(
    fc.property(fc.array(fc.integer({ min: 0, max: 2 }), { maxLength: 60 }), (levels) => {
      const log = new Log();
      for (const to of levels) log.add(set(to), STATE, PROJECT);
      const runs = levels.filter((to, i) => to !== levels[i - 1]).length;
      expect(log.entries).toHaveLength(runs);
      expect(log.entries.reduce((sum, { times }) => sum + times, 0)).toBe(levels.length);
    }),
  );
  const log = new Log();
  for (let n = 0; n < 3; n++) log.add({ at: 0, did: 'end' }, STATE, PROJECT);
  expect(log.entries).toHaveLength(3);
});

test('a hundred thousand entries are kept, the last of them with the states to go back to', () => {
  const log = new Log();
  for (let n = 0; n < MAX_ENTRIES + 5000; n++) log.add(set(n, n), STATE, PROJECT);
  expect(log.entries.length).toBeGreaterThanOrEqual(MAX_ENTRIES);
  expect(log.entries.length).toBeLessThanOrEqual(MAX_ENTRIES + 1000);
  expect(log.entries.at(-1)).toMatchObject({ before: STATE, outcome: { to: MAX_ENTRIES + 4999 } });
  expect(log.entries.filter(({ before }) => before !== null)).toHaveLength(2000);
});

test('what came after a moment is forgotten, and what came since one is found', () => {
  const log = new Log();
  for (let n = 0; n < 10; n++) log.add(set(n, n), STATE, PROJECT);
  expect(log.since(7).map(({ outcome }) => outcome.at)).toEqual([7, 8, 9]);
  const { changes } = log;
  log.cut(4);
  expect(log.entries.map(({ outcome }) => outcome.at)).toEqual([0, 1, 2, 3, 4]);
  expect(log.changes).toBeGreaterThan(changes);
  log.clear();
  expect(log.entries).toEqual([]);
});
