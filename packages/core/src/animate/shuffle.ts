/**
 * An order of `count` things for a round: each once, and never the one first that was last in the round before. The same
 * seed always gives the same orders.
 * @param seed of the run and of what is shuffled, any integer
 * @param round from 0
 */
export function shuffled(count: number, seed: number, round: number): number[] {
  // Two take turns, in the order that the first round has.
  const order = ordered(count, seed, count === 2 ? 0 : round);
  if (count > 2 && round > 0 && order[0] === ordered(count, seed, round - 1).at(-1))
    [order[0], order[1]] = [order[1]!, order[0]!];
  return order;
}

/** Fisher and Yates: every order is equally likely. */
function ordered(count: number, seed: number, round: number): number[] {
  const order = Array.from({ length: count }, (_, i) => i);
  const random = numbers(seedOf(seed, round));
  for (let i = count - 1; i > 0; i--) {
    const other = Math.floor(random() * (i + 1));
    [order[i], order[other]] = [order[other]!, order[i]!];
  }
  return order;
}

/** A seed that depends on all of these, in 32 bits: FNV-1a over their words. */
export function seedOf(...from: readonly (number | string)[]): number {
  let hash = 0x811c9dc5;
  for (const sign of from.join('|')) hash = Math.imul(hash ^ sign.codePointAt(0)!, 0x01000193);
  return hash >>> 0;
}

/** Numbers from 0 to before 1, one after another: the generator called mulberry32. */
function numbers(seed: number): () => number {
  let at = seed;
  return () => {
    at = (at + 0x6d2b79f5) | 0;
    let mixed = Math.imul(at ^ (at >>> 15), at | 1);
    mixed ^= mixed + Math.imul(mixed ^ (mixed >>> 7), mixed | 61);
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 0x100000000;
  };
}
