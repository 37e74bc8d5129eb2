import Papa from 'papaparse';
import { fieldCalled } from '../lists';
import {
  fitScalar,
  isPicture,
  scalarWords,
  type Asset,
  type Field,
  type ListValue,
  type Row,
  type Scalar,
} from '../model';
import type { Export } from './format';
import { LARGEST } from './given';

/** Rows of a list as a table: CSV (RFC 4180), or what a spreadsheet copies, with tabs between its cells. */

type Pictures = readonly Asset[];

export const rowsOut: Export<'rows'> = {
  of: 'rows',
  title: 'CSV',
  about: 'A table that any spreadsheet opens',
  write: ({ list, rows, pictures }) => ({
    bytes: `\ufeff${rowsToCsv(list, rows, pictures)}`,
    ending: 'csv',
    media: 'text/csv',
  }),
};

/** One row a line, the first naming the fields; options and pictures by their names. */
export function rowsToCsv(
  { fields }: Pick<ListValue, 'fields'>,
  rows: readonly Row[],
  pictures: Pictures,
): string {
  const data = rows.map((row) => fields.map((field) => written(field, row[field.id], pictures)));
  return Papa.unparse({ fields: fields.map(({ name }) => name), data }, { newline: '\r\n' }) + '\r\n';
}

function written(field: Field, held: Scalar | undefined, pictures: Pictures): string {
  if (held === undefined) return '';
  if (field.type === 'picture') return pictures.find(({ id }) => id === held)?.name ?? String(held);
  return field.type === 'number' ? String(held) : scalarWords(field, held);
}

/** A cell that does not fit its field; it is left empty. */
export interface WrongCell {
  /** Counted from 1, in the table as it was given. */
  line: number;
  field: string;
  text: string;
}
export interface RowsRead {
  rows: Row[];
  wrong: WrongCell[];
  /** Columns that are no field of the list. */
  unknown: string[];
}

/**
 * Reads rows from a table, or gives null where there are none. Columns go by the names in the first line; where that
 * names no field, by their order.
 */
export function readRows(list: ListValue, text: string, pictures: Pictures): RowsRead | null {
  if (text.length > LARGEST) return null;
  const { data } = Papa.parse<string[]>(text.replace(/^\ufeff/, ''), { skipEmptyLines: 'greedy' });
  const [head] = data;
  if (!head) return null;
  const named = head.map((name) => fieldCalled(list, name.trim()));
  const hasHead = named.some((field) => field !== undefined);
  const columns = hasHead ? named : list.fields;
  const unknown = hasHead ? head.filter((name, i) => !named[i] && name.trim() !== '') : [];
  const wrong: WrongCell[] = [];
  const rows = data.slice(hasHead ? 1 : 0).map((cells, i) => {
    const row: Row = {};
    cells.forEach((cell, at) => {
      const field = columns[at];
      if (!field || cell.trim() === '') return;
      const held = readCell(field, cell.trim(), pictures);
      if (held === null) wrong.push({ line: i + (hasHead ? 2 : 1), field: field.name, text: cell });
      else row[field.id] = held;
    });
    return row;
  });
  return { rows, wrong, unknown };
}

const YES = /^(true|yes|on|1|x|✓)$/i;
const NO = /^(false|no|off|0|-)$/i;

function readCell(field: Field, text: string, pictures: Pictures): Scalar | null {
  const same = (word: string | undefined): boolean => word?.toLowerCase() === text.toLowerCase();
  switch (field.type) {
    case 'on/off':
      if (same(field.on) || YES.test(text)) return true;
      return same(field.off) || NO.test(text) ? false : null;
    case 'number': {
      const bare = text
        .replace(field.unit ?? '', '')
        .replace(',', '.')
        .trim();
      return bare === '' ? null : fitScalar(field, Number(bare));
    }
    case 'choice':
      return field.options.find(({ id, label }) => id === text || same(label))?.id ?? null;
    case 'picture':
      return (
        pictures.find((asset) => isPicture(asset) && (asset.id === text || same(asset.name)))?.id ?? null
      );
    case 'text':
      return text;
  }
}
