import type { ListElement, Scalar } from '../model';
import type { ListedRow } from './listing';

/** What a list showed of some rows. */
export interface ShownBefore {
  of: readonly ListedRow[];
  shown: readonly ListedRow[];
}

/**
 * Rows as a list shows them: those for which `holds`, in the order it is sorted by. Rows that are alike in all of that
 * stay as they came.
 * @param before what came of it before, while `holds` says the same of the same rows: only rows that are new are looked at,
 *   and put among those that were there
 */
export function shownRows(
  rows: readonly ListedRow[],
  { sort = [] }: Pick<ListElement, 'sort'>,
  holds: (row: ListedRow) => boolean,
  before?: ShownBefore,
): readonly ListedRow[] {
  const at = new Map(rows.map((row, i) => [row, i]));
  const order = (a: ListedRow, b: ListedRow): number => compareBy(sort, a, b) || at.get(a)! - at.get(b)!;
  if (!before) return rows.filter(holds).sort(order);
  const known = new Set(before.of);
  const old = before.shown.filter((row) => at.has(row));
  const fresh = rows.filter((row) => !known.has(row) && holds(row)).sort(order);
  return merged(old, fresh, order);
}

/** Two lists that are in order, as one. */
function merged<T>(one: readonly T[], other: readonly T[], order: (a: T, b: T) => number): T[] {
  const made: T[] = [];
  let from = 0;
  for (const item of other) {
    let [low, high] = [from, one.length];
    while (low < high) {
      const middle = (low + high) >> 1;
      if (order(one[middle]!, item) < 0) low = middle + 1;
      else high = middle;
    }
    for (; from < low; from++) made.push(one[from]!);
    made.push(item);
  }
  for (; from < one.length; from++) made.push(one[from]!);
  return made;
}

function compareBy(sort: NonNullable<ListElement['sort']>, a: ListedRow, b: ListedRow): number {
  for (const { by, down } of sort) {
    const order = compare(a.held[by], b.held[by]);
    if (order !== 0) return down ? -order : order;
  }
  return 0;
}

/** Off before on, numbers by size, and words as they are read, figures within them by what they count. */
function compare(a: Scalar | undefined, b: Scalar | undefined): number {
  if (a === b) return 0;
  if (typeof a === 'string' && typeof b === 'string') return WORDS.compare(a, b);
  return Number(a) - Number(b) || 0;
}
const WORDS = new Intl.Collator('en', { numeric: true });
