import fc from 'fast-check';
import { filledRow, ringPath, type Item } from '../drawing';
import type { Element, ProgressElement, Project } from '../model';
import { boxLook } from '../style';
import { Play, projectOf, screenOf } from '../test/flows';
import { reconcile } from '../run';
import { paintRun } from '.';

const RECT = { x: 100, y: 100, width: 400, height: 40 };
const bar = (over: Partial<ProgressElement> = {}): Element => ({
  id: 'bar',
  name: 'Bar',
  type: 'progress',
  parent: null,
  place: {
    x: { at: 'start', offset: RECT.x, size: RECT.width },
    y: { at: 'start', offset: RECT.y, size: RECT.height },
  },
  value: 'oil',
  box: { style: 'none', fill: '#000000' },
  bar: { style: 'none', fill: '#00ff00' },
  ...over,
});
const made = (over: Partial<ProgressElement>, value: object = {}): Project =>
  projectOf([screenOf('s', { elements: [bar(over)] })], [], {
    events: [{ id: 'set', name: 'set', direction: 'in', fields: [{ id: 'to', name: 'to', type: 'number' }] }],
    values: [
      { id: 'oil', name: 'oil', type: 'number', min: 0, max: 100, default: 80, life: 'session', ...value },
    ],
    links: [
      {
        id: 'l',
        from: 's',
        trigger: { on: 'event', event: 'set' },
        kind: 'stay',
        effects: [{ do: 'set', value: 'oil', to: 'to' }],
      },
    ],
  } as unknown as Partial<Project>);
const set = (play: Play, to: number): Play =>
  play.give({ type: 'event', event: 'set', fields: { to } } as unknown as Parameters<Play['give']>[0]);

const flat = (items: readonly Item[]): Item[] =>
  items.flatMap((item) => (item.kind === 'group' ? [item, ...flat(item.items)] : [item]));
/** How wide what is drawn in a colour is, as a percentage of the bar; null where nothing is. */
function shown(play: Play, colour: string): number | null {
  const item = flat(paintRun(play.flow, play.state)).find(
    (each) => each.kind === 'box' && each.fill === colour,
  );
  return item?.kind === 'box' ? Math.round((item.rect.width / RECT.width) * 1000) / 10 : null;
}
const GREEN = '#00ff00';
const RED = '#ff0000';
const loss = { box: { style: 'none', fill: RED }, after: '0.6 s', over: '0.4 s' } as const;

test('a change is half way at half of its time, and what is lost follows after its own', () => {
  const play = new Play(made({ eases: '0.4 s', loss }));
  expect(shown(play, GREEN)).toBe(80);
  set(play, 20);
  expect(shown(play, GREEN)).toBe(80);
  play.wait(200);
  expect([shown(play, GREEN), shown(play, RED)]).toEqual([50, 80]);
  play.wait(200);
  expect([shown(play, GREEN), shown(play, RED)]).toEqual([20, 80]);
  play.wait(200);
  expect(shown(play, RED)).toBe(80);
  play.wait(200);
  expect(shown(play, RED)).toBe(50);
  play.wait(200);
  expect([shown(play, GREEN), shown(play, RED)]).toEqual([20, null]);
});

test('a change goes by its curve, and never fuller than full', () => {
  const half = (easing: string): number | null => {
    const play = set(new Play(made({ eases: '0.4 s', easing })), 20).wait(200);
    const there = shown(play, GREEN);
    expect(shown(play.wait(200), GREEN)).toBe(20);
    return there;
  };
  // From 80 to 20 in two steps, the first of which is taken half way; and all at once after the first moment.
  expect(half('steps(2)')).toBe(50);
  expect(half('steps(1, jump-start)')).toBe(20);
  expect(half('linear(0, 0.75 50%, 1)')).toBe(35);
  // What leads back first would be fuller than it was, but no fuller than full.
  const back = set(new Play(made({ eases: '0.4 s', easing: 'linear(0, -2 50%, 1)' })), 20).wait(200);
  expect(shown(back, GREEN)).toBe(100);
});

test('a bar is never outside of where it comes from and goes to, and ends where its value is', () => {
  const changes = fc.array(
    fc.record({ to: fc.integer({ min: 0, max: 100 }), wait: fc.integer({ min: 0, max: 900 }) }),
    {
      minLength: 1,
      maxLength: 6,
    },
  );
  fc.assert(
    fc.property(changes, fc.constantFrom(undefined, '0.4 s'), (steps, eases) => {
      const play = new Play(made({ ...(eases ? { eases } : {}), loss }));
      let low = 80;
      let high = 80;
      for (const { to, wait } of steps) {
        set(play, to).wait(wait);
        low = Math.min(low, to);
        high = Math.max(high, to);
        const now = shown(play, GREEN) ?? 0;
        expect(now).toBeGreaterThanOrEqual(low - 0.1);
        expect(now).toBeLessThanOrEqual(high + 0.1);
        const lost = shown(play, RED);
        if (lost !== null) expect(lost).toBeGreaterThanOrEqual(now);
      }
      play.wait(5000);
      expect(shown(play, GREEN) ?? 0).toBe(steps.at(-1)!.to);
      expect(shown(play, RED)).toBeNull();
    }),
  );
});

test('time in one go or in many is the same bar, and an earlier state plays on from where it was', () => {
  fc.assert(
    fc.property(fc.array(fc.integer({ min: 1, max: 300 }), { minLength: 1, maxLength: 8 }), (waits) => {
      const once = set(new Play(made({ eases: '0.7 s', loss })), 10);
      const many = set(new Play(made({ eases: '0.7 s', loss })), 10);
      const { state } = many;
      once.wait(waits.reduce((sum, each) => sum + each, 0));
      for (const each of waits) many.wait(each);
      expect(shown(many, GREEN)).toBe(shown(once, GREEN));
      many.state = state;
      expect(shown(many, GREEN)).toBe(80);
    }),
  );
});

test('after an edit a bar is at once where its value is, and one on its way goes on', () => {
  const play = set(new Play(made({ eases: '0.4 s', loss })), 20).wait(200);
  const edited = (over: Partial<ProgressElement>, value: object = {}): Play => {
    const next = new Play(made({ eases: '0.4 s', loss, ...over }, value));
    next.state = reconcile(next.flow, play.state);
    return next;
  };
  expect(shown(edited({ name: 'Lamp' }), GREEN)).toBe(50);
  // Twenty of two hundred.
  expect(shown(edited({}, { max: 200 }), GREEN)).toBe(10);
  const number = edited({ fills: { by: 'number', look: { style: 't-body' } } });
  expect(
    flat(paintRun(number.flow, number.state)).some(
      (item) => item.kind === 'text' && item.lines[0]?.text === '20',
    ),
  ).toBe(true);
});

test('an animation that waits for a loss begins with each loss, and with no gain', () => {
  const animations = [
    {
      id: 'a',
      on: 'loss',
      frames: [
        { at: '0 s', x: 0 },
        { at: '1 s', x: 100 },
      ],
    },
  ] as const;
  const play = new Play(made({ animations: animations as never }));
  const moved = (): number =>
    Math.max(0, ...flat(paintRun(play.flow, play.state)).map((item) => (item.kind === 'group' ? item.x : 0)));
  set(play, 90).wait(500);
  expect(moved()).toBe(0);
  set(play, 30).wait(500);
  expect(moved()).toBeCloseTo(50, 3);
});

test('the lowest level that a bar is below says how it looks', () => {
  const level = (below: number, fill: string) => ({ below, bar: { style: 'none', fill } });
  const levels = [level(0.5, '#ffff00'), level(0.25, RED)];
  const colours = (to: number): string | undefined =>
    [GREEN, '#ffff00', RED].find((colour) => shown(set(new Play(made({ levels })), to), colour) !== null);
  expect([80, 50, 49, 25, 24].map(colours)).toEqual([GREEN, GREEN, '#ffff00', '#ffff00', RED]);
});

test('a number runs in its own steps, past what a bar would hold', () => {
  const play = new Play(
    made(
      { fills: { by: 'number', look: { style: 't-body' } }, eases: '1 s' },
      { max: undefined, default: 100, unit: 'pts' },
    ),
  );
  const words = (): string =>
    flat(paintRun(play.flow, play.state))
      .flatMap((item) => (item.kind === 'text' ? item.lines.map(({ text }) => text) : []))
      .join('');
  expect(words()).toBe('100 pts');
  set(play, 1100).wait(500);
  expect(words()).toBe('600 pts');
  play.wait(600);
  expect(words()).toBe('1100 pts');
});

/** How much of a ring a path covers, from its corners alone: the turn from its first point to where it goes inwards. */
function coverage(path: string): number {
  if (path === '') return 0;
  const corners = [...path.matchAll(/(?:M|L|A[\d.]+ [\d.]+ 0 0 [01] )(-?[\d.]+) (-?[\d.]+)/g)].map(
    ([, x, y]) => [Number(x), Number(y)],
  );
  const angle = ([x, y]: number[]): number => (Math.atan2(x! - 50, 50 - y!) * 180) / Math.PI;
  // From the first corner by way of the middle one to the end of the outer arc: each less than a half turn and a bit.
  const [a, b, c] = [angle(corners[0]!), angle(corners[1]!), angle(corners[2]!)];
  const turn = (from: number, to: number): number => (to - from + 720) % 360;
  return (turn(a, b) + turn(b, c)) / 360;
}

test.each([0, 0.01, 0.25, 0.5, 0.99, 1])('a ring at %d covers as much of a turn', (share) => {
  const rect = { x: 0, y: 0, width: 100, height: 100 };
  const path = ringPath(rect, 30, 30 + 360 * share, 10);
  expect(coverage(path)).toBeCloseTo(share, 3);
  // A whole ring is two outlines, the inner one the other way round.
  expect((path.match(/M/g) ?? []).length).toBe(share === 0 ? 0 : share === 1 ? 2 : 1);
});

test.each([
  [0, 'half', [0, 0, 0, 0, 0]],
  [0.1, 'half', [0.5, 0, 0, 0, 0]],
  [0.7, 'half', [1, 1, 1, 0.5, 0]],
  [1, 'half', [1, 1, 1, 1, 1]],
  [0.01, 'whole', [1, 0, 0, 0, 0]],
  [0.5, 'any', [1, 1, 0.5, 0, 0]],
] as const)('of five things %d is shown in steps of %s', (share, steps, full) => {
  const project = projectOf([], []);
  const [green, black] = [GREEN, '#000000'].map((fill) => boxLook(project, { style: 'none', fill }));
  const items = filledRow(RECT, { by: 'row', count: 5, gap: 10, steps }, share, green!, black!);
  const width = (RECT.width - 40) / 5;
  const parts = Array.from({ length: 5 }, (_, i) => {
    const left = RECT.x + i * (width + 10);
    const item = items.find(
      (each) => each.kind === 'box' && each.fill === GREEN && Math.abs(each.rect.x - left) < 0.01,
    );
    return item?.kind === 'box' ? Math.round((item.rect.width / width) * 100) / 100 : 0;
  });
  expect(parts).toEqual(full);
  // What is not there is drawn empty, and only that.
  expect(items.filter((item) => item.kind === 'box' && item.fill === '#000000')).toHaveLength(
    full.filter((part) => part < 1).length,
  );
});
