import Papa from 'papaparse';
import { SaxesParser } from 'saxes';
import type { TextRow } from '../language';
import type { Translated } from '../model';

/** Texts for translators and back: XLIFF 2 (OASIS) and CSV (RFC 4180). */

/** What a translator's file says of one text. */
export interface GivenText {
  key: string;
  /** What it was translated from, where the file says so. */
  source: string | null;
  target: string;
  state: NonNullable<Translated['state']>;
  /** Null: the file says nothing of it. */
  note: string | null;
  most: number | null;
}
export type GivenTexts = { language: string | null; texts: GivenText[] } | { error: string };

/** The largest file that is read, in characters. */
const LARGEST = 20_000_000;
/** How deep elements may stand within one another; XLIFF itself needs a handful. */
const DEEPEST = 100;
const STATES: readonly string[] = ['initial', 'translated', 'reviewed', 'final'];

/** What a translator’s tool reads, XLIFF 2.0. What is missing or was translated from other words is in its initial state. */
export function toXliff(
  project: { id: string; name: string },
  rows: readonly TextRow[],
  { source, target }: { source: string; target: string },
): string {
  const units = rows.map((row, i) => {
    const limit = row.most === null ? '' : ` slr:sizeRestriction="${row.most}"`;
    const note = row.note === '' ? '' : `\n     <note category="description">${escaped(row.note)}</note>`;
    const given =
      row.target === '' ? '' : `\n     <target xml:space="preserve">${escaped(row.target)}</target>`;
    return `   <unit id="u${i + 1}" name="${quoted(row.key)}"${limit}>
    <notes>
     <note category="location">${escaped(row.place)}</note>${note}
    </notes>
    <segment state="${stateOut(row.state)}">
     <source xml:space="preserve">${escaped(row.source)}</source>${given}
    </segment>
   </unit>`;
  });
  return `<?xml version="1.0" encoding="UTF-8"?>
<xliff xmlns="urn:oasis:names:tc:xliff:document:2.0" xmlns:slr="urn:oasis:names:tc:xliff:sizerestriction:2.0" version="2.0" srcLang="${quoted(source)}" trgLang="${quoted(target)}">
  <file id="texts" original="${quoted(project.name)}">
   <slr:profiles generalProfile="xliff:codepoints"/>
${units.join('\n')}
  </file>
</xliff>
`;
}

const stateOut = (state: TextRow['state']): string =>
  state === 'missing' || state === 'changed' ? 'initial' : state;

/** Characters that XML cannot hold are written as XLIFF's own code points. */
const escaped = (text: string): string =>
  text
    .replace(/&/g, '&amp;')
    .replace(/</g, '&lt;')
    .replace(/>/g, '&gt;')
    .replace(/\r/g, '&#13;')
    .replace(NOT_XML, (char) => `<cp hex="${char.codePointAt(0)!.toString(16).padStart(4, '0')}"/>`);
const quoted = (text: string): string =>
  text
    .replace(NOT_XML, '')
    .replace(/&/g, '&amp;')
    .replace(/</g, '&lt;')
    .replace(/"/g, '&quot;')
    .replace(/[\t\n\r]/g, (char) => `&#${char.charCodeAt(0)};`);
/** What is no character of XML 1.0, halves of pairs among it. */
const NOT_XML = /[^\t\n\r\u0020-\ud7ff\ue000-\ufffd\u{10000}-\u{10ffff}]/gu;

/** Reads XLIFF 2. A document type, and with it every entity of one's own, is refused. */
export function readXliff(text: string): GivenTexts {
  if (text.length > LARGEST) return { error: tooLarge };
  const parser = new SaxesParser({ xmlns: true });
  const texts: GivenText[] = [];
  let language: string | null = null;
  let version = '';
  let wrong: string | null = null;
  let unit: GivenText | null = null;
  /** What the characters that come belong to. */
  let into: 'source' | 'target' | 'note' | null = null;
  let words = '';
  // What is wrong ends the reading there and then: nothing of the rest would be taken.
  const fail = (why: string): never => {
    wrong ??= `line ${parser.line}: ${why}`;
    throw new Error(wrong);
  };
  let depth = 0;
  parser.on('doctype', () => fail('A document type is not allowed here.'));
  parser.on('error', (error) => fail(error.message.replace(/^\d+:\d+: /, '')));
  parser.on('opentag', ({ local, attributes }) => {
    depth += 1;
    if (depth > DEEPEST) fail(`It is nested more than ${DEEPEST} deep.`);
    const of = (name: string): string | undefined => attributes[name]?.value;
    if (local === 'xliff') {
      version = of('version') ?? '';
      language = of('trgLang') ?? null;
      if (!version.startsWith('2.')) fail(`It is XLIFF ${version || 'of no version'}; this reads XLIFF 2.`);
    } else if (local === 'unit') {
      const limit = Number(of('slr:sizeRestriction'));
      unit = {
        key: of('name') ?? of('id') ?? '',
        source: null,
        target: '',
        state: 'initial',
        note: null,
        most: Number.isInteger(limit) && limit > 0 ? limit : null,
      };
    } else if (local === 'segment' && unit) {
      const state = of('state') ?? 'initial';
      if (STATES.includes(state)) unit.state = state as GivenText['state'];
    } else if (local === 'source' || local === 'target') {
      into = local;
      words = '';
    } else if (local === 'note' && of('category') === 'description') {
      into = 'note';
      words = '';
    } else if (local === 'cp' && into) {
      const code = Number.parseInt(of('hex') ?? '', 16);
      if (code >= 0 && code <= 0x10ffff) words += String.fromCodePoint(code);
      else fail('A code point (cp) cannot be read.');
    }
  });
  parser.on('text', (more) => {
    if (into) words += more;
  });
  parser.on('cdata', (more) => {
    if (into) words += more;
  });
  parser.on('closetag', ({ local }) => {
    depth -= 1;
    if (!unit) return;
    // Segments of one unit follow one another.
    if (local === 'source' && into === 'source') unit.source = (unit.source ?? '') + words;
    else if (local === 'target' && into === 'target') unit.target += words;
    else if (local === 'note' && into === 'note') unit.note = words;
    else if (local === 'unit') {
      texts.push(unit);
      unit = null;
      return;
    } else return;
    into = null;
  });
  try {
    parser.write(text).close();
  } catch (error) {
    wrong ??= error instanceof Error ? error.message : 'It cannot be read.';
  }
  if (wrong) return { error: wrong };
  if (version === '') return { error: 'It is no XLIFF: it has no “xliff” element.' };
  return { language, texts };
}

const tooLarge = `It is larger than ${LARGEST / 1_000_000} million characters.`;
const COLUMNS = ['key', 'place', 'note', 'most', 'source', 'target', 'state'] as const;

/** One row a text, the first naming the columns; the language stands in the name of the column of translations. */
export function toCsv(rows: readonly TextRow[], language: string): string {
  const named = COLUMNS.map((each) => (each === 'target' ? `target ${language}` : each));
  const data = rows.map((row) =>
    COLUMNS.map((each) =>
      each === 'state' ? stateOut(row.state) : each === 'most' ? (row.most ?? '') : row[each],
    ),
  );
  return Papa.unparse({ fields: named, data }, { newline: '\r\n', quotes: true }) + '\r\n';
}

/** Reads such a table back, its columns in whatever order; `key` and `target` have to be there. */
export function readCsv(text: string): GivenTexts {
  if (text.length > LARGEST) return { error: tooLarge };
  const { data, errors } = Papa.parse<string[]>(text.replace(/^\ufeff/, ''), { skipEmptyLines: 'greedy' });
  const [fault] = errors.filter((each) => each.type !== 'Delimiter');
  if (fault) return { error: `line ${(fault.row ?? 0) + 1}: ${fault.message}.` };
  const [head, ...rows] = data;
  const at = (name: string): number => head?.findIndex((each) => each.trim().split(' ')[0] === name) ?? -1;
  const [key, target] = [at('key'), at('target')];
  if (!head || key < 0 || target < 0)
    return { error: 'line 1: The columns have to be named there, “key” and “target” among them.' };
  const cell = (row: readonly string[], name: string): string | null => {
    const i = at(name);
    return i < 0 ? null : (row[i] ?? '');
  };
  const language = head[target]!.trim().split(' ')[1] ?? null;
  const texts: GivenText[] = [];
  for (const [i, row] of rows.entries()) {
    if (row.length > head.length)
      return { error: `line ${i + 2}: It has ${row.length} columns, and the first has ${head.length}.` };
    const state = cell(row, 'state') ?? '';
    const most = Number(cell(row, 'most') ?? '');
    texts.push({
      key: row[key] ?? '',
      source: cell(row, 'source'),
      target: row[target] ?? '',
      state: STATES.includes(state) ? (state as GivenText['state']) : 'translated',
      note: cell(row, 'note'),
      most: Number.isInteger(most) && most > 0 ? most : null,
    });
  }
  return { language, texts };
}
