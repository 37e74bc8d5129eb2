import type { Field, Id, Life, Scalar } from './types';

/** A value that is a list of records: players who joined, scores, games that were found. */
export interface ListValue {
  id: Id;
  name: string;
  section: string;
  life: Life;
  /** The game may write it. Absent: false. */
  byGame?: boolean;
  fields: Field[];
  /** The field that tells one row from another. Absent: each is given a number as it comes. */
  key?: Id;
  /** How many rows it holds. Absent: MAX_ROWS. */
  max?: number;
  /** What it holds at first. */
  default: Row[];
  /** Rows to work with while there is no game. */
  samples: Row[];
  /** It shows saved games instead of holding rows of its own. */
  saved?: SavedGames;
}

/** Saved games as rows, one to a slot, which are always as what is saved. */
export interface SavedGames {
  /** Slots that have a row whether or not anything is saved in them, in order; others follow as they come. */
  slots: string[];
  /** What fields hold, by their ids. Any other is empty. */
  holds: Record<Id, SavedPart>;
}

/** Something that is known of a slot: itself, when it was saved, how it is, or a value as the game in it has kept it. */
export type SavedPart = { part: (typeof SAVED_PARTS)[number] } | { value: Id };
/** `when` is in milliseconds since 1970; `state` is one of SLOT_STATES. */
export const SAVED_PARTS = ['slot', 'when', 'state'] as const;
/** `damaged`: something is kept there that cannot be read. */
export const SLOT_STATES = ['empty', 'saved', 'damaged'] as const;

/** What a row holds, by the ids of fields. What is missing is as empty as its type can be. */
export type Row = Record<Id, Scalar>;

/** The most rows that a list can hold. */
export const MAX_ROWS = 10_000;

export const maxRows = ({ max = MAX_ROWS }: Pick<ListValue, 'max'>): number =>
  Math.min(MAX_ROWS, Math.max(1, max));
