import fc from 'fast-check';
import { compileFrames, frameAt } from './frames';
import { shuffled } from './shuffle';

const RATES = { frames: 60, ticks: 20 };

test('each round shows each thing once, and none twice in a row', () => {
  fc.assert(
    fc.property(fc.integer({ min: 1, max: 12 }), fc.integer(), fc.nat(200), (count, seed, round) => {
      const now = shuffled(count, seed, round);
      expect([...now].sort((a, b) => a - b)).toEqual(Array.from({ length: count }, (_, i) => i));
      if (count > 1) expect(shuffled(count, seed, round + 1)[0]).not.toBe(now.at(-1));
      expect(shuffled(count, seed, round)).toEqual(now);
    }),
  );
});

test('over many seeds every order of four is about equally frequent', () => {
  const found = new Map<string, number>();
  for (let seed = 0; seed < 24_000; seed++) {
    const order = shuffled(4, seed, 0).join();
    found.set(order, (found.get(order) ?? 0) + 1);
  }
  expect(found.size).toBe(24);
  // 1,000 expected; six standard deviations either way.
  for (const count of found.values()) expect(Math.abs(count - 1000)).toBeLessThan(190);
});

test('shuffled frames keep their holds, and each round takes equally long', () => {
  const holds = [300, 500, 700];
  const frames = compileFrames(
    { frames: holds.map((hold) => ({ text: `${hold}`, hold: `${hold} ms` })), shuffled: true },
    RATES,
  );
  fc.assert(
    fc.property(fc.integer(), fc.nat(20), (seed, round) => {
      const shown = new Map<number, number>();
      for (let ms = 0; ms < 1500; ms += 10) {
        const at = frameAt(frames, (round * 1500 + ms) * 1000, seed) as number;
        shown.set(at, (shown.get(at) ?? 0) + 10);
      }
      expect([shown.get(0), shown.get(1), shown.get(2)]).toEqual(holds);
    }),
  );
});
