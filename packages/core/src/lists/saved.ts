import {
  fitScalar,
  maxRows,
  zeroOf,
  type Id,
  type ListValue,
  type SavedPart,
  type Scalar,
  type Value,
} from '../model';
import type { ListedRow, Listing } from './listing';

/** What is known of a saved game without loading it. */
export interface Kept {
  /** What values were chosen to be; others held their defaults. */
  values: Readonly<Record<Id, Scalar>>;
  /** Milliseconds since 1970. */
  when?: number;
  damaged?: true;
}
export type Saves = Readonly<Record<string, Kept>>;

/**
 * A list of saved games as it is now: a row for each named slot in order, then one for each other slot that holds a game, in
 * the order they were first saved (whole numbers first). The very same while the list, what is saved and the values are.
 * @param values those of the project, for what a game has not kept
 */
export function savedListing(list: ListValue, saves: Saves, values: ReadonlyMap<Id, Value>): Listing {
  const known = made.get(list) ?? new WeakMap<Saves, Made>();
  const before = known.get(saves);
  if (before?.values === values) return before.listing;
  const slots = [...new Set([...(list.saved?.slots ?? []), ...Object.keys(saves)])].slice(0, maxRows(list));
  const rows = slots.map((slot): ListedRow => {
    const kept = Object.hasOwn(saves, slot) ? saves[slot]! : null;
    const held = list.fields.map((field) => {
      const part = list.saved?.holds[field.id];
      return [field.id, fitScalar(field, part && partOf(part, slot, kept, values)) ?? zeroOf(field)];
    });
    return { key: slot, held: Object.fromEntries(held) };
  });
  const listing: Listing = { state: 'ready', why: '', rows, next: 1 };
  made.set(list, known.set(saves, { values, listing }));
  return listing;
}
interface Made {
  values: ReadonlyMap<Id, Value>;
  listing: Listing;
}
/** For each list by what is saved, since a run and what is looked at beside it ask by turns. */
const made = new WeakMap<ListValue, WeakMap<Saves, Made>>();

function partOf(
  part: SavedPart,
  slot: string,
  kept: Kept | null,
  values: ReadonlyMap<Id, Value>,
): Scalar | undefined {
  if ('part' in part)
    switch (part.part) {
      case 'slot':
        return slot;
      case 'when':
        return kept?.when ?? 0;
      case 'state':
        return !kept ? 'empty' : kept.damaged ? 'damaged' : 'saved';
    }
  // Nothing can be said of a game that is not there.
  if (!kept || kept.damaged) return undefined;
  return kept.values[part.value] ?? values.get(part.value)?.default;
}
