import {
  fitScalar,
  identifierOf,
  maxRows,
  zeroOf,
  type Field,
  type Id,
  type ListValue,
  type Row,
  type Scalar,
} from '../model';

/** What a list holds at one moment. Plain data. */
export interface Listing {
  /** `waiting`: what it holds is being got; `failed`: it could not be. */
  state: 'waiting' | 'ready' | 'failed';
  /** Why it failed, in words for players; empty where it has not. */
  why: string;
  rows: readonly ListedRow[];
  /** The number that the next row gets, where rows have no key of their own. */
  next: number;
}

export interface ListedRow {
  /** What tells it from the others of its list. */
  key: string;
  /** By the ids of fields; every field of the list is there. */
  held: Readonly<Record<Id, Scalar>>;
}

/** A row as it comes from outside: by the ids or the names of fields. */
export type GivenRow = Readonly<Record<string, unknown>>;

/** What is done to a list. All but `wait` and `fail` make it ready. */
export type ListWrite =
  /** These rows and no others. */
  | { do: 'replace'; rows: readonly GivenRow[] }
  /** A row whose key is there is changed in what is given; any other comes last. */
  | { do: 'put'; rows: readonly GivenRow[] }
  /** Rows there are are changed in what is given, their keys too. */
  | { do: 'change'; rows: readonly { key: string; given: GivenRow }[] }
  | { do: 'remove'; keys: readonly (string | number)[] }
  | { do: 'clear' }
  | { do: 'wait' }
  | { do: 'fail'; why: string };

/** Something that was given and could not be taken as it was. */
export type ListTrouble =
  | { trouble: 'unknown field'; field: string }
  | { trouble: 'wrong type'; field: Id; given: unknown; holds: Scalar }
  | { trouble: 'out of range'; field: Id; given: unknown; holds: Scalar }
  | { trouble: 'same key'; key: string }
  | { trouble: 'no such row'; key: string }
  | { trouble: 'no key'; field: Id }
  | { trouble: 'no row' }
  | { trouble: 'too many'; max: number; left: number }
  | { trouble: 'no reason' };

export interface Written {
  listing: Listing;
  troubles: readonly ListTrouble[];
}

const NOTHING: Listing = { state: 'ready', why: '', rows: [], next: 1 };

/** What a list holds before anything has written to it. The same as long as it is defined by the same. */
export function firstListing(list: ListValue): Listing {
  const known = firsts.get(list.default);
  const { fields, key, max } = list;
  if (known && known.fields === fields && known.key === key && known.max === max) return known.made;
  const made = write(list, NOTHING, { do: 'replace', rows: list.default }).listing;
  firsts.set(list.default, { fields, key, max, made });
  return made;
}
const firsts = new WeakMap<readonly Row[], Pick<ListValue, 'fields' | 'key' | 'max'> & { made: Listing }>();

/**
 * Does one thing to a list. Whatever is wrong with what is given is told, and the rest of it counts: an unknown field is left
 * out, one of a wrong type keeps what it held, of two rows of one key the later counts, and rows past the most are left
 * out.
 */
export function write(list: ListValue, now: Listing, what: ListWrite): Written {
  switch (what.do) {
    case 'wait':
      return { listing: { ...now, state: 'waiting', why: '' }, troubles: [] };
    case 'fail':
      return {
        listing: { ...now, state: 'failed', why: what.why },
        troubles: what.why.trim() === '' ? [{ trouble: 'no reason' }] : [],
      };
    case 'clear':
      return { listing: { ...now, ...READY, rows: [] }, troubles: [] };
    case 'remove': {
      const keys = new Set(what.keys.map(String));
      const rows = now.rows.filter(({ key }) => !keys.delete(key));
      return {
        listing: { ...now, ...READY, rows },
        troubles: [...keys].map((key) => ({ trouble: 'no such row', key })),
      };
    }
    case 'change':
      return change(list, now, what.rows);
    case 'replace':
      return put(list, { ...now, rows: [] }, what.rows, now.rows);
    case 'put':
      return put(list, now, what.rows, []);
  }
}

const READY = { state: 'ready', why: '' } as const;

/** @param before rows that are gone; one that comes again as it was is the very same. */
function put(
  list: ListValue,
  now: Listing,
  given: readonly GivenRow[],
  before: readonly ListedRow[],
): Written {
  const troubles: ListTrouble[] = [];
  const rows = [...now.rows];
  const at = new Map(rows.map(({ key }, i) => [key, i]));
  const same = new Map(before.map((row) => [row.key, row]));
  const came = new Set<string>();
  const max = maxRows(list);
  let { next } = now;
  let left = 0;
  for (const each of given) {
    const row = readRow(list, each, troubles);
    if (!row) continue;
    const { key = String(next) } = row;
    if (came.has(key)) troubles.push({ trouble: 'same key', key });
    came.add(key);
    const place = at.get(key);
    if (place === undefined && rows.length >= max) {
      left++;
      continue;
    }
    if (row.key === undefined) next++;
    const old = place === undefined ? undefined : rows[place];
    const made = { key, held: heldBy(list, row.given, old?.held, troubles) };
    const kept = keptAs(old ?? same.get(key), made);
    if (place === undefined) {
      at.set(key, rows.length);
      rows.push(kept);
    } else rows[place] = kept;
  }
  if (left > 0) troubles.push({ trouble: 'too many', max, left });
  return { listing: { ...READY, rows, next }, troubles };
}

/** A row that gets the key of another takes its place, and that one goes. */
function change(list: ListValue, now: Listing, given: readonly { key: string; given: GivenRow }[]): Written {
  const troubles: ListTrouble[] = [];
  const told = new Map(given.map((each) => [each.key, each.given]));
  const changed = now.rows.map((row) => {
    const each = told.get(row.key);
    if (!each) return row;
    const fields = fieldsTold(list, each, troubles);
    const keyed = list.fields.find(({ id }) => id === list.key);
    if (keyed && fields.get(keyed) === '') {
      troubles.push({ trouble: 'no key', field: keyed.id });
      fields.delete(keyed);
    }
    const held = heldBy(list, fields, row.held, troubles);
    const key = keyed ? String(held[keyed.id]) : row.key;
    return keptAs(row.key === key ? row : undefined, { key, held });
  });
  const last = new Map(changed.map((row, i) => [row.key, i]));
  const rows = changed.filter(({ key }, i) => {
    if (last.get(key) === i) return true;
    troubles.push({ trouble: 'same key', key });
    return false;
  });
  return { listing: { ...READY, rows, next: now.next }, troubles };
}

/** What a row that was given says of fields there are, and the key it has by that. */
function readRow(
  list: ListValue,
  given: unknown,
  troubles: ListTrouble[],
): { key: string | undefined; given: Map<Field, unknown> } | null {
  if (typeof given !== 'object' || given === null || Array.isArray(given)) {
    troubles.push({ trouble: 'no row' });
    return null;
  }
  const told = fieldsTold(list, given as GivenRow, troubles);
  const keyed = list.fields.find(({ id }) => id === list.key);
  if (!keyed) return { key: undefined, given: told };
  const key = fitScalar(keyed, told.get(keyed));
  if (key === null || key === '') {
    troubles.push({ trouble: 'no key', field: keyed.id });
    return null;
  }
  return { key: String(key), given: told };
}

function fieldsTold(list: ListValue, given: GivenRow, troubles: ListTrouble[]): Map<Field, unknown> {
  const told = new Map<Field, unknown>();
  for (const [name, each] of Object.entries(given)) {
    const field = fieldCalled(list, name);
    if (field) told.set(field, each);
    else troubles.push({ trouble: 'unknown field', field: name });
  }
  return told;
}

/** The field of a list that goes by an id, a name, or what expressions call it. */
export const fieldCalled = ({ fields }: Pick<ListValue, 'fields'>, name: string): Field | undefined =>
  fields.find(({ id }) => id === name) ??
  fields.find((field) => field.name === name || identifierOf(field.name) === name);

function heldBy(
  { fields }: ListValue,
  given: ReadonlyMap<Field, unknown>,
  old: ListedRow['held'] | undefined,
  troubles: ListTrouble[],
): ListedRow['held'] {
  const held: Record<Id, Scalar> = {};
  for (const field of fields) {
    const told = given.get(field);
    const fit = fitScalar(field, told);
    held[field.id] = fit ?? old?.[field.id] ?? zeroOf(field);
    if (told === undefined || fit === told) continue;
    const holds = held[field.id]!;
    troubles.push({
      trouble: fit === null ? 'wrong type' : 'out of range',
      field: field.id,
      given: told,
      holds,
    });
  }
  return held;
}

/** The row there was, where nothing about it is otherwise. */
const keptAs = (old: ListedRow | undefined, row: ListedRow): ListedRow =>
  old && Object.keys(row.held).every((id) => old.held[id] === row.held[id]) ? old : row;

/**
 * What a list holds once its fields, key or most are otherwise: every row with what still fits, by its new key. The
 * same listing where that is nothing new.
 */
export function fitListing(list: ListValue, now: Listing): Listing {
  const rows = now.rows.map(({ key, held }) => ({ key, held: fitHeld(list, held) }));
  const keyed = list.fields.some(({ id }) => id === list.key);
  const seen = new Set<string>();
  const made: ListedRow[] = [];
  rows.forEach((row, i) => {
    const own = keyed ? String(row.held[list.key!]) : row.key;
    if (own === '' || seen.has(own) || made.length >= maxRows(list)) return;
    seen.add(own);
    made.push(keptAs(own === now.rows[i]!.key ? now.rows[i] : undefined, { key: own, held: row.held }));
  });
  const next = Math.max(now.next, ...made.map(({ key }) => (/^\d{1,15}$/.test(key) ? Number(key) + 1 : 1)));
  const same =
    next === now.next && made.length === now.rows.length && made.every((row, i) => row === now.rows[i]);
  return same ? now : { ...now, rows: made, next };
}

const fitHeld = ({ fields }: ListValue, held: ListedRow['held']): ListedRow['held'] =>
  Object.fromEntries(fields.map((field) => [field.id, fitScalar(field, held[field.id]) ?? zeroOf(field)]));

/** Rows as a project has them, of what a list holds. */
export const rowsOf = ({ rows }: Pick<Listing, 'rows'>): Row[] => rows.map(({ held }) => ({ ...held }));
