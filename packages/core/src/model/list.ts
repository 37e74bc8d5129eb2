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
}

/** What a row holds, by the ids of fields. What is missing is as empty as its type can be. */
export type Row = Record<Id, Scalar>;

/** The most rows that a list can hold. */
export const MAX_ROWS = 10_000;

export const maxRows = ({ max = MAX_ROWS }: Pick<ListValue, 'max'>): number =>
  Math.min(MAX_ROWS, Math.max(1, max));
