/** Round steps for an axis of time, in microseconds. */
const STEPS = [
  10_000, 20_000, 50_000, 100_000, 200_000, 500_000, 1_000_000, 2_000_000, 5_000_000, 10_000_000, 30_000_000,
  60_000_000, 300_000_000, 900_000_000,
];

/** Where marks stand on an axis of this length, about eight of them; microseconds. */
export function marksOn(length: number): number[] {
  const step = STEPS.find((value) => length / value <= 9) ?? STEPS.at(-1)!;
  return Array.from({ length: Math.floor(length / step) + 1 }, (_, i) => i * step);
}

/** A dragged time, to the millisecond, or to ten of them on a coarse axis. */
export const tidyTime = (micros: number, length: number): number => {
  const step = length > 2_000_000 ? 10_000 : 1000;
  return Math.round(micros / step) * step;
};
