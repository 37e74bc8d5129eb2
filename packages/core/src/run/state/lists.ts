import type { Flow } from '../../compile';
import { firstListing, fitListing, savedListing, write, type Listing, type ListWrite } from '../../lists';
import type { Id, Life, ListValue } from '../../model';
import type { Say } from './outcome';
import type { RunState } from './state';

/** What lists hold in a run. Those that nothing has written to follow their defaults, also when those change. */

/** Lists that something has written to. */
export type Listings = Readonly<Record<Id, Listing>>;

/** What a list holds now; undefined for one that is gone. */
export function listingOf(
  { lists, values }: Pick<Flow, 'lists' | 'values'>,
  state: Pick<RunState, 'lists' | 'saves'>,
  id: Id,
): Listing | undefined {
  const list = lists.get(id);
  if (!list) return undefined;
  return state.lists[id] ?? (list.saved ? savedListing(list, state.saves, values) : firstListing(list));
}

/** Lists of saved games show what is saved, and no longer what was put in by hand to look at. */
export function followSaves({ lists }: Pick<Flow, 'lists'>, state: RunState): void {
  state.lists = Object.fromEntries(Object.entries(state.lists).filter(([id]) => !lists.get(id)?.saved));
}

/** Does one thing to a list, and tells what of it could not be taken. `by` is the link; null is the game, or a hand. */
export function writeList(
  flow: Flow,
  state: RunState,
  id: Id,
  what: ListWrite,
  by: Id | null,
  say: Say,
): void {
  const list = flow.lists.get(id);
  const now = listingOf(flow, state, id);
  if (!list || !now) return say({ at: state.now, did: 'list refused', list: id, why: 'gone' });
  if (by !== null && list.saved)
    return say({ at: state.now, did: 'list refused', list: id, why: 'saved games' });
  const { listing: written, troubles } = write(list, now, what);
  // Rows of saved games go by their slots, which need not be their keys.
  const listing = list.saved ? fitListing(list, written) : written;
  state.lists = { ...state.lists, [id]: listing };
  say({
    at: state.now,
    did: 'list',
    list: id,
    what: what.do,
    rows: listing.rows.length,
    by,
    ...(troubles.length > 0 ? { troubles } : {}),
  });
}

/** What was known of lists, as those of the project can hold it now. The very same where nothing is otherwise. */
export function fitLists({ lists }: Pick<Flow, 'lists'>, known: Listings): Listings {
  let same = true;
  const fit: [Id, Listing][] = [];
  for (const [id, listing] of Object.entries(known)) {
    const list = lists.get(id);
    const made = list && fitListing(list, listing);
    same &&= made === listing;
    if (made) fit.push([id, made]);
  }
  return same ? known : Object.fromEntries(fit);
}

/** Of some lists, those that live so long, or any but those. */
export const listsOfLife = (
  { lists }: Pick<Flow, 'lists'>,
  known: Listings,
  life: Life,
  is = true,
): Listings =>
  Object.fromEntries(Object.entries(known).filter(([id]) => (lists.get(id)?.life === life) === is));

/** What lists hold while they are worked with and there is no game to fill them: their samples, where they have any. */
export function sampleLists({ lists }: Pick<Flow, 'lists'>): Listings {
  const made: [Id, Listing][] = [];
  for (const [id, list] of lists) if (list.samples.length > 0) made.push([id, sampleListing(list)]);
  return Object.fromEntries(made);
}

/** The samples of a list as it would hold them. The same as long as they are. */
function sampleListing(list: ListValue): Listing {
  const known = samples.get(list);
  if (known?.of === list.samples) return known.made;
  const made = write(
    list,
    { state: 'ready', why: '', rows: [], next: 1 },
    { do: 'replace', rows: list.samples },
  );
  samples.set(list, { of: list.samples, made: made.listing });
  return made.listing;
}
const samples = new WeakMap<ListValue, { of: ListValue['samples']; made: Listing }>();
