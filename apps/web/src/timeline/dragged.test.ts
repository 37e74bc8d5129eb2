import { compile } from '@tavu/core/compile';
import {
  blankProject,
  type Link,
  type Motion,
  type Order,
  type Project,
  type Screen,
} from '@tavu/core/model';
import { transitionOf, rehearse } from '@tavu/core/run';
import fc from 'fast-check';
import { endDragged, startDragged, type Dragged } from './dragged';
import { rowsOf, type Row } from './rows';

/** What is dragged in the picture of a transition is where it was dragged to when the engine plays it. */

const base = blankProject('Test');
const screen = (id: string): Screen => ({
  id,
  name: id,
  kind: 'custom',
  layer: 'base',
  background: { colour: '#102030' },
  elements: [],
});
const project = (motion: Motion, order: Order): Project => ({
  ...base,
  screens: [screen('dusk'), screen('dawn')],
  links: [
    {
      id: 'on',
      from: 'dusk',
      to: { screen: 'dawn' },
      trigger: { on: 'time', after: '1 s', since: 'taken', clock: 'interface', covered: 'counts' },
      kind: 'go',
      effects: [],
      motion,
      order,
    } as Link,
  ],
  start: 'dusk',
});

const rowsFor = (motion: Motion, order: Order): Row[] => {
  const flow = compile(project(motion, order));
  return rowsOf(transitionOf(flow, rehearse(flow, 'on')!), (id) => id);
};
const rowOf = (rows: Row[], half: 'leaving' | 'entering'): Row =>
  rows.find((row) => row.picture.way === half)!;
const after = (dragged: Dragged | null, motion: Motion, order: Order): Row[] =>
  rowsFor(dragged?.change.motion ?? motion, dragged?.change.order ?? order);

const slide = { name: 'slide', from: 'left', duration: '400 ms' } as const;
const motions: Motion[] = [slide, { ...slide, leaving: { name: 'fade', duration: '0.3 s' } }] as Motion[];
/** Whole milliseconds, in microseconds. */
const time = fc.integer({ min: 1, max: 3000 }).map((ms) => ms * 1000);

test('an end that is dragged is where it was dragged to, and the other half stays as it was', () =>
  fc.assert(
    fc.property(
      fc.constantFrom(...motions),
      fc.constantFrom('leaving', 'entering'),
      time,
      (motion, half, by) => {
        const before = rowsFor(motion, 'together');
        const to = rowOf(before, half).from + by;
        const rows = after(endDragged(motion, rowOf(before, half), to, base.rates), motion, 'together');
        expect(rowOf(rows, half).until).toBe(to);
        const other = half === 'leaving' ? 'entering' : 'leaving';
        if (motion.leaving) expect(rowOf(rows, other).until).toBe(rowOf(before, other).until);
      },
    ),
  ));

test('a picture that comes begins where it is dragged to: with the one that goes, over it, or after it', () =>
  fc.assert(
    fc.property(fc.constantFrom(...motions), fc.integer({ min: -200, max: 700 }), (motion, ms) => {
      const before = rowsFor(motion, 'after');
      const gone = rowOf(before, 'leaving').until;
      const row = rowOf(before, 'entering');
      const rows = after(startDragged(motion, row, ms * 1000, gone, base.rates), motion, 'after');
      expect(rowOf(rows, 'entering').from).toBe(Math.min(Math.max(0, ms * 1000), gone));
    }),
  ));

test('nothing is dragged of what has no time of its own, and no beginning but of what comes', () => {
  const rows = rowsFor(slide, 'after');
  expect(endDragged({ name: 'none' }, rowOf(rows, 'leaving'), 5000, base.rates)).toBeNull();
  expect(startDragged(slide, rowOf(rows, 'leaving'), 5000, 400_000, base.rates)).toBeNull();
  expect(startDragged(slide, rowOf(rows, 'entering'), 5000, null, base.rates)).toBeNull();
});
