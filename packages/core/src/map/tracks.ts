/**
 * Puts what shares a street in an order and on tracks.
 * @param crossed how often two cross with the first before the second
 * @param meets whether two need tracks of their own
 * @returns for each item its track from 0, and its place in the order
 */
export function tracksOf<T>(
  items: readonly T[],
  crossed: (a: T, b: T) => number,
  meets: (a: T, b: T) => boolean,
): { tracks: Map<T, number>; order: T[] } {
  const order: T[] = [];
  for (const item of items) {
    // Put in where it crosses least, from the end on.
    let cost = 0;
    let [best, at] = [0, order.length];
    for (let i = order.length - 1; i >= 0; i--) {
      cost += crossed(item, order[i]!) - crossed(order[i]!, item);
      if (cost < best) [best, at] = [cost, i];
    }
    order.splice(at, 0, item);
  }
  for (let moved = true, turns = 0; moved && turns < items.length; turns++) {
    moved = false;
    for (let i = 0; i + 1 < order.length; i++) {
      const [a, b] = [order[i]!, order[i + 1]!];
      if (crossed(b, a) >= crossed(a, b)) continue;
      [order[i], order[i + 1]] = [b, a];
      moved = true;
    }
  }
  const tracks = new Map<T, number>();
  order.forEach((item, i) => {
    let track = 0;
    for (const before of order.slice(0, i))
      if (meets(before, item)) track = Math.max(track, tracks.get(before)! + 1);
    tracks.set(item, track);
  });
  return { tracks, order };
}
