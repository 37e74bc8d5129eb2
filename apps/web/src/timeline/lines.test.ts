import { READY } from '@tavu/core/animate';
import { blankProject, toMicros, type Element, type Project, type Screen } from '@tavu/core/model';
import { freshElement } from '@tavu/core/starter';
import { compileFrames, lengthOf } from '@tavu/core/animate';
import fc from 'fast-check';
import { isMatched, matchStay, stayOf, withLength } from '../animation/stay';
import { openInStudio, useStudio } from '../store/store';
import { linesOf } from './lines';
import { marksOn, tidyTime } from './scale';

const base = blankProject('Test');
const text = { ...freshElement(base, 'text'), id: 'e-t', name: 'Words' } as Element & { type: 'text' };
const screen = (over: Partial<Screen> = {}): Screen => ({
  id: 's',
  name: 'Harbour',
  kind: 'custom',
  layer: 'base',
  background: { colour: '#102030' },
  elements: [],
  ...over,
});
const project = (over: Partial<Screen> = {}, links: Project['links'] = []): Project => ({
  ...base,
  screens: [screen(over)],
  links,
  start: 's',
});
const later = (id: string, after: string, kind: 'go' | 'stay' = 'go'): Project['links'][number] => ({
  id,
  from: 's',
  trigger: { on: 'time', after, since: 'taken', clock: 'interface', covered: 'counts' },
  kind,
  effects: [],
});

test('a screen stays as long as what it loads, a message’s time, or its first link away', () => {
  const links = [later('late', '9 s'), later('soon', '4 s'), later('none', '1 s', 'stay')];
  const stay = (over: Partial<Screen>) => stayOf(project(over, links), screen(over));
  expect(stay({})).toMatchObject({ duration: '4 s', by: 'link', link: { id: 'soon' } });
  expect(stay({ loading: { by: 'pretending', lasts: '3 s' } })).toMatchObject({ duration: '3 s' });
  expect(stay({ layer: 'notice', lasts: '2.5 s' })).toMatchObject({ duration: '2.5 s', by: 'notice' });
  expect(stayOf(project(), screen())).toBeNull();
});

test.each([
  ['a link', {}, [later('l', '8 s')]],
  ['what it loads', { loading: { by: 'pretending' as const, lasts: '8 s' } }, []],
  ['a message', { layer: 'notice' as const, lasts: '8 s' }, []],
])('the stay by %s is made as long as its text', (_, over, links) => {
  openInStudio(project(over, links), new Map());
  const before = useStudio.getState().project;
  matchStay(before.screens[0]!, stayOf(before, before.screens[0]!)!, '6.4 s');
  const after = useStudio.getState().project;
  expect(stayOf(after, after.screens[0]!)!.duration).toBe('6.4 s');
});

test('holds are shared out so that all frames take as long as the stay', () => {
  const frames = {
    frames: [
      { text: 'a', hold: '1 s' },
      { text: 'b', hold: '500 ms' },
    ],
    last: { text: 'c', hold: '0.5 s' },
  };
  expect(withLength(frames, 2_000_000, 4_000_000, base.rates)).toEqual({
    frames: [
      { text: 'a', hold: '2 s' },
      { text: 'b', hold: '1 s' },
    ],
    last: { text: 'c', hold: '1 s' },
  });
});

test('the lines of a screen: its stay, least time, limit, timers, loops, frames, and what reading takes', () => {
  const over: Partial<Screen> = {
    minTime: '2 s',
    loading: { by: 'pretending', lasts: '6 s', limit: '20 s' },
    elements: [
      {
        ...text,
        animations: [{ id: 'a', ...READY.turn }],
        frames: {
          frames: [
            { text: 'x', hold: '1 s' },
            { text: 'y', hold: '1 s' },
          ],
        },
      },
    ],
  };
  const made = project(over, [later('t', '5 s', 'stay')]);
  const lines = linesOf(made, made.screens[0]!, made.screens[0]!.elements, (micros) => `${micros}`);
  expect(lines.map(({ label, from, until, marks }) => [label, from, until, marks.length])).toEqual([
    ['stays', 0, 6_000_000, 0],
    ['at least', 0, 2_000_000, 0],
    ['fails after', 0, 20_000_000, 0],
    ['timer', 0, 5_000_000, 0],
    ['Words', 0, Infinity, 2],
    ['Words', 0, Infinity, 2],
    ['to read it', 0, lines.at(-1)!.until, 0],
  ]);
});

test('an axis has a handful of marks at round times, and what is dragged is round too', () => {
  for (const length of [150_000, 620_000, 2_400_000, 13_000_000, 400_000_000]) {
    const marks = marksOn(length);
    expect(marks.length).toBeGreaterThan(3);
    expect(marks.length).toBeLessThan(12);
    expect(marks.at(-1)).toBeLessThanOrEqual(length);
  }
  expect([tidyTime(123_456, 600_000), tidyTime(123_456, 6_000_000)]).toEqual([123_000, 120_000]);
});

test('frames are matched to a stay to the microsecond, whatever they are shared out from', () => {
  fc.assert(
    fc.property(
      fc.array(fc.integer({ min: 1, max: 5000 }), { minLength: 1, maxLength: 6 }),
      fc.option(fc.integer({ min: 1, max: 5000 }), { nil: undefined }),
      fc.integer({ min: 1, max: 5 }),
      fc.integer({ min: 100_000, max: 20_000_000 }),
      (holds, last, rounds, to) => {
        const frames = {
          frames: holds.map((hold) => ({ text: '', hold: `${hold} ms` })),
          rounds,
          ...(last ? { last: { text: '', hold: `${last} ms` } } : {}),
        };
        const rates = { frames: 60, ticks: 60 };
        const length = (of: typeof frames): number => lengthOf(compileFrames(of, rates));
        const made = withLength(frames, length(frames), to, rates) as typeof frames;
        // A hold of less than a millisecond waits for one, and then no sum can be met.
        const holdsOf = [...made.frames, ...(made.last ? [made.last] : [])].map(({ hold }) => hold);
        const long = holdsOf.every((hold) => toMicros(hold, rates) > 1000);
        if (!long) return;
        expect(isMatched(length(made), to, made)).toBe(true);
        if (last || rounds === 1) expect(length(made)).toBe(to);
      },
    ),
  );
});
