import { SaxesParser } from 'saxes';
import { textTable, type TextRow } from '../language';
import { lasts, tokensOf, type Token } from '../marks';
import { textOf, type Export, type Import } from './format';
import { refusal, type Problem, type Refusal } from '../refusal';
import { LARGEST, stateOut, STATES, TOO_LARGE, type GivenText, type GivenTexts } from './given';

/** XLIFF 2 (OASIS): texts for translators and back. */

export const xliffOut: Export<'texts'> = {
  of: 'texts',
  title: 'XLIFF',
  about: 'What a translator’s tool reads',
  write: ({ project, language }) => ({
    bytes: toXliff(project, textTable(project, language), {
      source: project.languages?.[0]?.code ?? 'en',
      target: language,
    }),
    ending: `${language}.xlf`,
    media: 'application/xliff+xml',
  }),
};

export const xliffIn: Import<'texts'> = {
  of: 'texts',
  endings: ['.xlf', '.xliff', '.xml'],
  fits: (bytes) => /^\ufeff?\s*</.test(textOf(bytes, 100)),
  read: (bytes) => readXliff(textOf(bytes)),
};

/** How deep elements may stand within one another; XLIFF itself needs a handful. */
const DEEPEST = 100;

/**
 * What a translator’s tool reads, XLIFF 2.0. What is missing or was translated from other words is in its initial
 * state.
 */
export function toXliff(
  project: { id: string; name: string },
  rows: readonly TextRow[],
  { source, target }: { source: string; target: string },
): string {
  const units = rows.map((row, i) => {
    const limit = row.maxLength === null ? '' : ` slr:sizeRestriction="${row.maxLength}"`;
    const note = row.note === '' ? '' : `\n     <note category="description">${escaped(row.note)}</note>`;
    const codes = new InlineCodes();
    const said = codes.written(row.source);
    const given =
      row.target === '' ? '' : `\n     <target xml:space="preserve">${codes.written(row.target)}</target>`;
    return `   <unit id="u${i + 1}" name="${quoted(row.key)}"${limit}>
    <notes>
     <note category="location">${escaped(row.place)}</note>${note}
    </notes>${codes.data()}
    <segment state="${stateOut(row.state)}">
     <source xml:space="preserve">${said}</source>${given}
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

/**
 * The marks of a unit's texts as inline codes, so that a translator's tool keeps them: those that are ended round what they
 * mark, the rest as placeholders. A mark that both texts have goes by the same id in both.
 */
class InlineCodes {
  readonly #data = new Map<string, string>();
  readonly #ids = new Map<string, number>();

  written(text: string): string {
    if (!text.includes('[')) return escaped(text);
    const tokens = tokensOf(text);
    const ended = endedMarks(tokens);
    const seen = new Map<string, number>();
    return tokens
      .map(({ text: own, mark }, i) => {
        if (!mark) return escaped(own);
        if (mark.mark === 'end') return '</pc>';
        const nth = (seen.get(own) ?? 0) + 1;
        seen.set(own, nth);
        const id = this.#idOf(`${own} ${nth}`);
        const shown = quoted(own);
        return ended.has(i)
          ? `<pc id="${id}" dataRefStart="${this.#dataOf(own)}" dataRefEnd="${this.#dataOf('[/]')}" dispStart="${shown}" dispEnd="[/]">`
          : `<ph id="${id}" dataRef="${this.#dataOf(own)}" disp="${shown}"/>`;
      })
      .join('');
  }

  data(): string {
    if (this.#data.size === 0) return '';
    const all = [...this.#data].map(([text, id]) => `\n     <data id="${id}">${escaped(text)}</data>`);
    return `\n    <originalData>${all.join('')}\n    </originalData>`;
  }

  #dataOf = (text: string): string => numbered(this.#data, text, (n) => `d${n}`);
  #idOf = (key: string): number => numbered(this.#ids, key, (n) => n);
}

function numbered<T>(known: Map<string, T>, key: string, make: (n: number) => T): T {
  const made = known.get(key) ?? make(known.size + 1);
  known.set(key, made);
  return made;
}

/** Which tokens are marks that are ended, by their place in the list. */
function endedMarks(tokens: readonly Token[]): ReadonlySet<number> {
  const open: number[] = [];
  const ended = new Set<number>();
  tokens.forEach(({ mark }, i) => {
    if (mark?.mark === 'end') ended.add(open.pop()!);
    else if (mark && lasts(mark)) open.push(i);
  });
  return ended;
}

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

const WHOLE = 'the whole file';

/**
 * Reads XLIFF 2.0 (OASIS). A document type, and with it every entity of the file’s own, is refused. Faults come back
 * as a
 * `problem`; nothing is thrown.
 */
export function readXliff(text: string): GivenTexts {
  if (text.length > LARGEST) return { problem: TOO_LARGE };
  const parser = new SaxesParser({ xmlns: true });
  const texts: GivenText[] = [];
  let language: string | null = null;
  let version = '';
  let wrong: Problem | null = null;
  let unit: GivenText | null = null;
  /** What the characters that come belong to. */
  let into: 'source' | 'target' | 'note' | 'data' | null = null;
  let words = '';
  /** What stands in place of inline codes, by its id in the unit. */
  let codes = new Map<string, string>();
  let code = '';
  /** What the inline codes that are open end with. */
  const ends: string[] = [];
  // The first fault ends the reading, since nothing of the file would be used.
  const fail = (why: Refusal): never => {
    wrong ??= { ...why, place: `line ${parser.line}` };
    throw new Error(why.code);
  };
  let depth = 0;
  parser.on('doctype', () => fail(refusal('document type')));
  parser.on('error', (error) => fail(refusal('fault', { says: error.message.replace(/^\d+:\d+: /, '') })));
  parser.on('opentag', ({ local, attributes }) => {
    depth += 1;
    if (depth > DEEPEST) fail(refusal('too deep', { max: DEEPEST }));
    const of = (name: string): string | undefined => attributes[name]?.value;
    const codeOf = (ref: string, shown: string): string => codes.get(of(ref) ?? '') ?? of(shown) ?? '';
    const said = into === 'source' || into === 'target';
    if (said && local === 'pc') {
      words += codeOf('dataRefStart', 'dispStart');
      ends.push(codeOf('dataRefEnd', 'dispEnd'));
    } else if (said && (local === 'ph' || local === 'sc' || local === 'ec'))
      words += codeOf('dataRef', 'disp');
    else if (local === 'data') {
      into = 'data';
      words = '';
      code = of('id') ?? '';
    } else if (local === 'xliff') {
      version = of('version') ?? '';
      language = of('trgLang') ?? null;
      if (!version.startsWith('2.')) fail(refusal('another XLIFF', { version }));
    } else if (local === 'unit') {
      codes = new Map();
      const limit = Number(of('slr:sizeRestriction'));
      unit = {
        key: of('name') ?? of('id') ?? '',
        source: null,
        target: '',
        state: 'initial',
        note: null,
        maxLength: Number.isInteger(limit) && limit > 0 ? limit : null,
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
      const point = Number.parseInt(of('hex') ?? '', 16);
      if (point >= 0 && point <= 0x10ffff) words += String.fromCodePoint(point);
      else fail(refusal('no code point'));
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
    if (local === 'pc' && (into === 'source' || into === 'target')) {
      words += ends.pop() ?? '';
      return;
    }
    if (local === 'data' && into === 'data') codes.set(code, words);
    else if (local === 'source' && into === 'source') unit.source = (unit.source ?? '') + words;
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
    const says = error instanceof Error ? error.message : String(error);
    wrong ??= { ...refusal('fault', { says }), place: WHOLE };
  }
  if (wrong) return { problem: wrong };
  if (version === '') return { problem: { ...refusal('no XLIFF'), place: WHOLE } };
  return { language, texts };
}
