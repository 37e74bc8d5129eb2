import Papa from 'papaparse';
import { textTable, type TextRow } from '../language';
import { textOf, type Export, type Import } from './format';
import { refusal, type Refusal } from '../refusal';
import { LARGEST, stateOut, STATES, TOO_LARGE, type GivenText, type GivenTexts } from './given';

/** CSV (RFC 4180): texts for translators and back. */

export const csvOut: Export<'texts'> = {
  of: 'texts',
  title: 'CSV',
  about: 'A table that any spreadsheet opens',
  write: ({ project, language }) => ({
    bytes: `\ufeff${toCsv(textTable(project, language), language)}`,
    ending: `${language}.csv`,
    media: 'text/csv',
  }),
};

export const csvIn: Import<'texts'> = {
  of: 'texts',
  endings: ['.csv'],
  // Any text can be a table.
  fits: () => true,
  read: (bytes) => readCsv(textOf(bytes)),
};

const COLUMNS = ['key', 'place', 'note', 'max length', 'source', 'target', 'state'] as const;

/** One row a text, the first naming the columns; the language stands in the name of the column of translations. */
export function toCsv(rows: readonly TextRow[], language: string): string {
  const named = COLUMNS.map((value) => (value === 'target' ? `target ${language}` : value));
  const data = rows.map((row) =>
    COLUMNS.map((value) => {
      if (value === 'state') return stateOut(row.state);
      return value === 'max length' ? (row.maxLength ?? '') : row[value];
    }),
  );
  return Papa.unparse({ fields: named, data }, { newline: '\r\n', quotes: true }) + '\r\n';
}

const wrongAt = (line: number, why: Refusal): GivenTexts => ({ problem: { ...why, place: `line ${line}` } });

/** Reads such a table back, its columns in whatever order; `key` and `target` have to be there. */
export function readCsv(text: string): GivenTexts {
  if (text.length > LARGEST) return { problem: TOO_LARGE };
  const { data, errors } = Papa.parse<string[]>(text.replace(/^\ufeff/, ''), { skipEmptyLines: 'greedy' });
  const [fault] = errors.filter((error) => error.type !== 'Delimiter');
  if (fault) return wrongAt((fault.row ?? 0) + 1, refusal('fault', { says: `${fault.message}.` }));
  const [head, ...rows] = data;
  const at = (name: string): number => head?.findIndex((value) => value.trim().split(' ')[0] === name) ?? -1;
  const [key, target] = [at('key'), at('target')];
  if (!head || key < 0 || target < 0) return wrongAt(1, refusal('no columns'));
  const cell = (row: readonly string[], name: string): string | null => {
    const i = at(name);
    return i < 0 ? null : (row[i] ?? '');
  };
  const language = head[target]!.trim().split(' ')[1] ?? null;
  const texts: GivenText[] = [];
  for (const [i, row] of rows.entries()) {
    if (row.length > head.length)
      return wrongAt(i + 2, refusal('row too long', { has: row.length, max: head.length }));
    const state = cell(row, 'state') ?? '';
    // Tables of earlier versions say `most`.
    const max = Number(cell(row, 'max') ?? cell(row, 'most') ?? '');
    texts.push({
      key: row[key] ?? '',
      source: cell(row, 'source'),
      target: row[target] ?? '',
      state: STATES.includes(state) ? (state as GivenText['state']) : 'translated',
      note: cell(row, 'note'),
      maxLength: Number.isInteger(max) && max > 0 ? max : null,
    });
  }
  return { language, texts };
}
