import type { Rebound } from '../keys';
import type { Flow } from '../compile';
import type { Listing } from '../lists';
import { MAX_ROWS, type Scalar } from '../model';
import type { Before } from './step';
import { chosenValues, listsOfLife, type Listings, type RunState, type SavedGame } from './state';

/** What outlasts a run: what players have chosen for themselves, and saved games. */
export function keptOf(flow: Flow, state: RunState): Required<Before> {
  const settings = Object.entries(chosenValues(state)).filter(
    ([id]) => flow.values.get(id)?.life === 'settings',
  );
  return {
    values: Object.fromEntries(settings),
    lists: listsOfLife(flow, state.lists, 'settings'),
    rebound: state.rebound,
    saves: state.saves,
  };
}

/** Reads what was kept, from wherever it has been: what is not as it should be is left out. */
export function readKept(from: unknown): Before {
  const { values, lists, rebound, saves } = isThing(from) ? from : {};
  return {
    values: scalarsIn(values),
    lists: listingsIn(lists),
    saves: Object.fromEntries(entriesOf(saves).map(([slot, held]) => [slot, savedIn(held)])),
    rebound: Object.fromEntries(
      entriesOf(rebound).map(([action, own]): [string, Rebound[string]] => {
        const { keys, pad } = isThing(own) ? own : {};
        return [
          action,
          {
            ...(Array.isArray(keys) && keys.every((key) => typeof key === 'string') ? { keys } : {}),
            ...(Array.isArray(pad) && pad.every((item) => Number.isInteger(item)) ? { pad } : {}),
          },
        ];
      }),
    ),
  };
}

/** What is kept of a game that cannot be read: that there is something in its slot. */
const DAMAGED: SavedGame = { values: {}, lists: {}, damaged: true };

/** A saved game; those that were kept before there were lists are values alone. */
function savedIn(held: unknown): SavedGame {
  if (!isThing(held)) return DAMAGED;
  const { values, lists, when } = held;
  if (isThing(values) && isThing(lists) && !held.damaged)
    return {
      values: scalarsIn(values),
      lists: listingsIn(lists),
      ...(typeof when === 'number' && Number.isFinite(when) ? { when } : {}),
    };
  return 'values' in held || 'lists' in held ? DAMAGED : { values: scalarsIn(held), lists: {} };
}

const listingsIn = (from: unknown): Listings =>
  Object.fromEntries(entriesOf(from).flatMap(([id, held]) => (isThing(held) ? [[id, listingIn(held)]] : [])));

function listingIn({ state, why, rows, next }: Thing): Listing {
  const readable = (Array.isArray(rows) ? rows : [])
    .slice(0, MAX_ROWS)
    .flatMap((row: unknown) =>
      isThing(row) && typeof row.key === 'string' ? [{ key: row.key, held: scalarsIn(row.held) }] : [],
    );
  return {
    state: state === 'waiting' || state === 'failed' ? state : 'ready',
    why: typeof why === 'string' ? why : '',
    rows: readable,
    next: Number.isSafeInteger(next) ? (next as number) : 1,
  };
}

type Thing = Record<string, unknown>;
const isThing = (value: unknown): value is Thing =>
  typeof value === 'object' && value !== null && !Array.isArray(value);
const entriesOf = (value: unknown): [string, unknown][] =>
  isThing(value) ? Object.entries(value).slice(0, 1000) : [];
const isScalar = (value: unknown): value is Scalar => ['boolean', 'number', 'string'].includes(typeof value);
const scalarsIn = (value: unknown): Record<string, Scalar> =>
  Object.fromEntries(entriesOf(value).filter((entry): entry is [string, Scalar] => isScalar(entry[1])));
