import fc from 'fast-check';
import { DEFAULT_RATES } from '@tavu/core/model';
import { momentIn } from './units';

test('moments that lie so many milliseconds apart read as far apart', () => {
  const ms = (micros: number): number => Number(momentIn(micros, 's', DEFAULT_RATES).replace('.', ''));
  fc.assert(
    fc.property(fc.integer({ min: 0, max: 100_000 }), fc.integer({ min: 0, max: 5000 }), (half, apart) => {
      // Halves of a millisecond are where rounding may go either way.
      const micros = half * 500;
      expect(ms(micros + apart * 1000) - ms(micros)).toBe(apart);
    }),
    { numRuns: 500 },
  );
});
