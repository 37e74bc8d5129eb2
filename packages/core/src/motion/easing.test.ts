import fc from 'fast-check';
import { ease, EASING_PATTERN, readEasing } from './easing';

/** Easings as CSS Easing Functions Level 2 tells of them, worked out by hand. */

/** A `linear()` whose every stop says where it is reached. */
const stops = fc
  .array(fc.tuple(fc.integer({ min: -20, max: 30 }), fc.integer({ min: 1, max: 25 })), {
    minLength: 2,
    maxLength: 5,
  })
  .map((all) => {
    let at = 0;
    return all.map(([out, step], i) => ({ out: out / 10, at: i === 0 ? 0 : (at += step) }));
  });

test('a linear() runs straight from each stop to the next, and on beyond the last as it ran there', () => {
  fc.assert(
    fc.property(stops, fc.integer({ min: 0, max: 99 }), (all, percent) => {
      const text = `linear(${all.map(({ out, at }) => `${out} ${at}%`).join(', ')})`;
      expect(readEasing(text)).toEqual({ ok: text });
      const i = all.findIndex(({ at }) => at > percent);
      const b = i < 0 ? all.length - 1 : Math.max(1, i);
      const [from, to] = [all[b - 1]!, all[b]!];
      const share = (percent - from.at) / (to.at - from.at);
      expect(ease(text, percent / 100)).toBeCloseTo(from.out + (to.out - from.out) * share, 6);
    }),
    { numRuns: 300 },
  );
});

test.each([
  // Without places the stops stand evenly.
  ['linear(0, 1, 0.2, 0.6, 1)', 0.125, 0.5],
  ['linear(0, 1, 0.2, 0.6, 1)', 0.5, 0.2],
  ['linear(0, 0.4 20%, 0.6, 0.8, 1)', 0.6, 0.7],
  // A place before that of an earlier stop counts as that.
  ['linear(0, 1 60%, 0.5 20%, 0)', 0.8, 0.25],
  ['linear(0 20%, 1 60%)', 0.1, -0.25],
  ['linear(0, 1 50%, 0.25 50%, 1)', 0.5, 0.25],
])('%s at %d is %d', (easing, p, is) => {
  expect(readEasing(easing)).toEqual({ ok: easing });
  expect(ease(easing, p)).toBeCloseTo(is, 9);
});

test('before it begins there is nothing, and at its end all of it, whatever the curve', () => {
  for (const easing of ['step-start', 'steps(3, jump-both)', 'linear(0.5, 0.7)', 'ease'])
    expect([ease(easing, -0.01), ease(easing, 1), ease(easing, 1.5)]).toEqual([0, 1, 1]);
});

test('an easing is read however it is spaced and written, up to its longest', () => {
  expect(readEasing('  Ease-In ')).toEqual({ ok: 'ease-in' });
  expect(readEasing('linear(0,   0.5   20%,\n1)')).toEqual({ ok: 'linear(0, 0.5 20%, 1)' });
  for (const fine of [
    'steps(1)',
    'steps(999)',
    'steps(2, jump-none)',
    'steps(1, end)',
    'cubic-bezier(1, -2, 0, 3)',
  ])
    expect(readEasing(fine)).toEqual({ ok: fine });
  const long = (length: number): string => `linear(0${', 1'.repeat(length)})`;
  const most = long(130);
  expect(most.length).toBeLessThanOrEqual(400);
  expect(readEasing(most)).toEqual({ ok: most });
  expect(readEasing(`${most}${' '.repeat(401 - most.length)}`)).toEqual({
    error: 'It can have 400 characters.',
  });
});

test.each([
  'eas',
  'linear ease',
  'steps(1.5)',
  'steps(1000)',
  'steps(2, jump-end, end)',
  'linear(0, 1',
  'linear(0 1, 1)',
  'cubic-bezier(-0.1, 0, 1, 1)',
])('%s is refused, with what can be written, and by files too', (text) => {
  expect(readEasing(text)).toEqual({ error: expect.stringContaining('steps(4)') });
  expect(EASING_PATTERN.test(text)).toBe(false);
});

test('a handle outside of 0 to 1 is refused as it is typed; a file that has one goes straight', () => {
  for (const text of ['cubic-bezier(1.2, 0, 1, 1)', 'cubic-bezier(0, 0, 1.1, 1)']) {
    expect(readEasing(text)).toHaveProperty('error');
    expect(ease(text, 0.3)).toBeCloseTo(0.3, 9);
  }
});

test('a curve walked backwards is the same curve seen from its end', () => {
  fc.assert(
    fc.property(
      fc.constantFrom('ease', 'ease-in', 'cubic-bezier(0.9, -1, 0.2, 2)', 'linear(0, 0.9 10%, 1)'),
      fc.double({ min: 0.001, max: 0.999, noNaN: true }),
      (easing, p) => expect(ease(easing, p, true) + ease(easing, 1 - p)).toBeCloseTo(1, 9),
    ),
  );
});
