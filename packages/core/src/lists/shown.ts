import type { ListElement, Scalar } from '../model';
import type { ListedRow } from './listing';

/**
 * Rows as a list shows them: those for which `holds`, in the order it is sorted by. Rows that are alike in all of that
 * stay as they came.
 */
export function shownRows(
  rows: readonly ListedRow[],
  { sort = [] }: Pick<ListElement, 'sort'>,
  holds: (row: ListedRow) => boolean,
): readonly ListedRow[] {
  const left = rows.filter(holds);
  if (sort.length === 0) return left;
  return left.sort((a, b) => {
    for (const { by, down } of sort) {
      const order = compare(a.held[by], b.held[by]);
      if (order !== 0) return down ? -order : order;
    }
    return 0;
  });
}

/** Off before on, numbers by size, and words as they are read, figures within them by what they count. */
function compare(a: Scalar | undefined, b: Scalar | undefined): number {
  if (a === b) return 0;
  if (typeof a === 'string' && typeof b === 'string') return WORDS.compare(a, b);
  return Number(a) - Number(b) || 0;
}
const WORDS = new Intl.Collator('en', { numeric: true });
