/** What stands in a field where several things differ. */
export const MIXED = 'mixed';

/** What all of some things have, or undefined where they differ. */
export function sharedBy<T, V extends string | number | boolean>(
  things: readonly T[],
  of: (thing: T) => V,
): V | undefined {
  const all = new Set(things.map(of));
  return all.size === 1 ? [...all][0] : undefined;
}
