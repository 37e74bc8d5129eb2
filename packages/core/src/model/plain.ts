import equal from 'fast-deep-equal';

/** Plain data, as a project is made of. */

/**
 * A copy that shares nothing with the original, as a file would give it back: fields that are undefined are left out.
 */
export const copyOf = <T>(value: T): T => JSON.parse(JSON.stringify(value)) as T;

/**
 * Whether two values hold the same, whatever the order of their fields. One that is undefined is not one that is left
 * out.
 */
export const isAlike = (a: unknown, b: unknown): boolean => equal(a, b);

/** A copy without the fields that are undefined: what is not said is not written. */
export const lean = <T extends object>(value: T): T =>
  Object.fromEntries(Object.entries(value).filter(([, each]) => each !== undefined)) as T;
