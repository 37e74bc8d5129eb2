import fc from 'fast-check';
import { Clock, LONGEST_FRAME } from './clock';
import { PadReader } from './pad';

test('the clock loses no microsecond over any frames, at any speed', () => {
  fc.assert(
    fc.property(
      fc.array(fc.float({ min: 0, max: 90, noNaN: true }), { maxLength: 60 }),
      fc.constantFrom(0.25, 1, 2, 8),
      (frames, speed) => {
        const clock = new Clock();
        let now = 1000;
        clock.take(now);
        let passed = 0;
        for (const frame of frames) passed += clock.take((now += frame), speed);
        expect(Math.abs(passed - (now - 1000) * 1000 * speed)).toBeLessThan(2);
      },
    ),
  );
});

test('a page that was hidden or stuck does not jump', () => {
  const clock = new Clock();
  clock.take(0);
  expect(clock.take(60_000)).toBe(LONGEST_FRAME * 1000);
  clock.pause();
  expect(clock.take(120_000)).toBe(0);
  expect(clock.take(120_016)).toBe(16_000);
});

const pad = (pressed: number[], axes = [0, 0]) => ({
  buttons: Array.from({ length: 17 }, (_, i) => ({ pressed: pressed.includes(i) })),
  axes,
});

test('a button goes down once and up once, however often it is read', () => {
  const reader = new PadReader();
  const read = [pad([]), pad([0]), pad([0]), pad([0]), pad([])].flatMap((item) => reader.read(item));
  expect(read).toEqual([
    { type: 'pad', button: 0, phase: 'down' },
    { type: 'pad', button: 0, phase: 'up' },
  ]);
});

test('the stick counts as a direction once, without flutter at its edge', () => {
  const reader = new PadReader();
  const read = [0, 0.6, 0.5, 0.6, 0.45, 0.2].flatMap((y) => reader.read(pad([], [0, y])));
  expect(read.map((item) => 'phase' in item && item.phase)).toEqual(['down', 'up']);
});

test('a pad that is pulled out lets go of everything; what is held while forgotten counts anew only when let go', () => {
  const reader = new PadReader();
  reader.read(pad([0, 9]));
  expect(reader.release()).toHaveLength(2);
  expect(reader.read(pad([0, 9]))).toEqual([]);
  reader.read(pad([]));
  expect(reader.read(pad([9]))).toEqual([{ type: 'pad', button: 9, phase: 'down' }]);
  expect(reader.read(null)).toEqual([{ type: 'pad', button: 9, phase: 'up' }]);
});
