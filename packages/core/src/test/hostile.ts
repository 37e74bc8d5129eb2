import { strToU8, zipSync } from 'fflate';
import { readFileSync } from 'node:fs';
import { demo } from './whole';

/** Files that are meant to do harm, of every kind there is, each by what is wrong with it. */

const whole = JSON.stringify(demo);

function changed(path: (string | number)[], to: unknown): string {
  const copy = structuredClone(demo) as unknown as Record<string | number, unknown>;
  let at = copy;
  for (const step of path.slice(0, -1)) at = (at[step] ??= {}) as Record<string | number, unknown>;
  at[path.at(-1)!] = to;
  return JSON.stringify(copy);
}
const element = demo.screens[0]!.elements[0]!;
const deep = (depth: number): unknown => {
  let value: unknown = 1;
  for (let i = 0; i < depth; i++) value = [value];
  return value;
};

export const documents: [string, string][] = [
  ['nothing', ''],
  ['words', 'hello there'],
  ['a number', '7'],
  ['null', 'null'],
  ['a list', '[]'],
  ['an empty object', '{}'],
  ['a format of words', '{"format":"seven"}'],
  ['a format to come', whole.replace(/"format":\d+/, '"format":99')],
  ['half a document', whole.slice(0, whole.length / 2)],
  ['a quarter', whole.slice(0, whole.length / 4)],
  ['all but a brace', whole.slice(0, -1)],
  ['a trailing word', `${whole}x`],
  ['a byte order in the middle', whole.replace('"name"', '\ufeff"name"')],
  ['brackets without end', '['.repeat(200_000)],
  ['braces without end', '{"a":'.repeat(200_000)],
  ['a deep key', changed(['later'], deep(60))],
  ['__proto__', whole.replace('"design":', '"__proto__":{"polluted":true},"design":')],
  ['a deep __proto__', whole.replace('"background":{', '"background":{"__proto__":{},')],
  ['constructor as a key', whole.replace('"design":', '"constructor":{"prototype":{}},"design":')],
  ['constructor as an id', changed(['screens', 0, 'id'], 'constructor')],
  ['toString as an id', changed(['values', 0, 'id'], 'toString')],
  ['an id of nothing', changed(['screens', 0, 'id'], '')],
  ['an id without end', changed(['screens', 0, 'id'], 'x'.repeat(100_000))],
  ['two screens of one id', changed(['screens', 1, 'id'], demo.screens[0]!.id)],
  ['a screen called project', changed(['screens', 0, 'id'], 'project')],
  [
    'a million screens',
    changed(
      ['screens'],
      Array.from({ length: 1_000_000 }, () => 0),
    ),
  ],
  [
    'a million links',
    changed(
      ['links'],
      Array.from({ length: 1_000_000 }, () => ({})),
    ),
  ],
  [
    'five thousand wrong elements',
    changed(
      ['screens', 0, 'elements'],
      Array.from({ length: 5000 }, (_, i) => ({ ...element, id: `x${i}`, type: 'wheel' })),
    ),
  ],
  ['an element that holds itself', changed(['screens', 0, 'elements', 0, 'parent'], element.id)],
  [
    'elements held too deep',
    changed(
      ['screens', 0, 'elements'],
      Array.from({ length: 3000 }, (_, i) => ({
        ...element,
        id: `x${i}`,
        parent: i === 0 ? null : `x${i - 1}`,
      })),
    ),
  ],
  [
    'an easing without end',
    changed(['defaults', 'motion'], {
      name: 'fade',
      duration: '1 s',
      easing: `linear(${'0, '.repeat(3_000_000)}0)`,
    }),
  ],
  [
    'an easing of nonsense',
    changed(['defaults', 'motion'], { name: 'fade', duration: '1 s', easing: 'alert(1)' }),
  ],
  ['a motion that is not known', changed(['defaults', 'motion'], { name: 'explode', duration: '1 s' })],
  ['a duration without a unit', changed(['defaults', 'motion'], { name: 'fade', duration: '1' })],
  [
    'a duration of digits without end',
    changed(['defaults', 'motion'], { name: 'fade', duration: `${'9'.repeat(100_000)} s` }),
  ],
  [
    'an opacity beneath nothing',
    changed(
      ['motions'],
      [{ id: 'm', name: 'M', tracks: [{ of: 'screen', change: 'opacity', from: '-50%', duration: '1 s' }] }],
    ),
  ],
  ['a frame of no width', changed(['design', 'width'], 0)],
  ['a frame without end', changed(['design', 'width'], 1e9)],
  ['half a pixel of width', changed(['design', 'width'], 800.5)],
  ['no frames a second', changed(['rates', 'frames'], 0)],
  ['an expression without end', changed(['links', 0, 'when'], '('.repeat(100_000))],
  ['a text without end', changed(['screens', 0, 'elements', 0, 'name'], 'x'.repeat(1_000_000))],
  ['an area in itself', changed(['areas'], [{ id: 'r', name: 'R', parent: 'r' }])],
  [
    'areas in a ring',
    changed(
      ['areas'],
      [
        { id: 'r', name: 'R', parent: 's' },
        { id: 's', name: 'S', parent: 'r' },
      ],
    ),
  ],
  [
    'a default that is none',
    changed(
      ['values'],
      [{ id: 'v', name: 'v', section: 'S', life: 'session', type: 'choice', options: [], default: 'x' }],
    ),
  ],
  ['a language that is none', changed(['languages'], [{ code: '../../etc', name: 'X' }])],
  [
    'one language twice',
    changed(
      ['languages'],
      [
        { code: 'en', name: 'A' },
        { code: 'en', name: 'B' },
      ],
    ),
  ],
  ['texts by a path', changed(['texts'], { '../x': { a: 'b' } })],
  ['texts that are no texts', changed(['texts'], { de: { a: { b: 1 } } })],
  ['a step that is not known', changed(['conversations', 0, 'steps', 0, 'step'], 'run')],
  [
    'steps within steps without end',
    changed(['conversations', 0, 'steps', 0], {
      id: 'z',
      step: 'choice',
      speaker: null,
      text: '',
      options: deep(50),
    }),
  ],
  ['a place of words', changed(['screens', 0, 'elements', 0, 'place', 'x', 'at'], 'middle')],
  ['a colour that runs', changed(['screens', 0, 'background', 'colour'], 'url(javascript:x())')],
  ['a key that is no text', changed(['actions', 0, 'keys'], [{ code: 'x' }])],
  ['a link from nowhere known', changed(['links', 0, 'from'], { id: 's' })],
  ['an effect that is not known', changed(['links', 0, 'effects'], [{ do: 'format disk' }])],
  ['a picture that says it is a page', changed(['assets', 0, 'media'], 7)],
  [
    'a font that measures nothing',
    changed(['assets', 0, 'face'], { unitsPerEm: 0, ascender: 0, descender: 0, advances: {}, kerning: {} }),
  ],
];

const zip = (files: Record<string, Uint8Array>): Uint8Array => zipSync(files, { level: 1 });
const fine = zip({ 'project.json': strToU8(whole) });
export const zips: [string, Uint8Array][] = [
  ['a bomb', zip({ 'project.json': new Uint8Array(210_000_000) })],
  ['a bomb of assets', zip({ 'project.json': strToU8(whole), 'assets/a': new Uint8Array(210_000_000) })],
  [
    'too many files',
    zip(Object.fromEntries(Array.from({ length: 5000 }, (_, i) => [`assets/f${i}`, new Uint8Array(0)]))),
  ],
  ['no project', zip({ 'readme.txt': strToU8('hi') })],
  ['a project elsewhere', zip({ '../project.json': strToU8(whole) })],
  ['a project that is none', zip({ 'project.json': strToU8('{"format":1}') })],
  ['a beginning and nothing more', Uint8Array.from([0x50, 0x4b, 3, 4])],
  ...[30, 200, 1000, 4000, fine.length - 4].map((at): [string, Uint8Array] => [
    `cut at ${at}`,
    fine.slice(0, at),
  ]),
];

const wav = new Uint8Array(readFileSync('examples/saltwick-light/assets/a-bell.wav'));
const png = (length: number): Uint8Array => {
  const found = new Uint8Array(length);
  found.set(
    [0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a, 0, 0, 0, 13, 0x49, 0x48, 0x44, 0x52].slice(0, length),
  );
  return found;
};
/** Pictures, sounds and fonts, with the media type that they claim to have. */
export const pieces: [string, string, Uint8Array][] = [
  ...[12, 16, 20, 30, 40, 44].map((at): [string, string, Uint8Array] => [
    `a sound cut at ${at}`,
    'audio/wav',
    wav.slice(0, at),
  ]),
  ...[8, 16, 60, 4000].map((at): [string, string, Uint8Array] => [
    `a picture of ${at} bytes`,
    'image/png',
    png(at),
  ]),
  ['a picture that is a page', 'image/png', strToU8('<html><script>x()</script></html>')],
  ['a sound that is a picture', 'audio/wav', strToU8('<svg xmlns="http://www.w3.org/2000/svg"/>')],
  ['a font that is words', 'font/woff', strToU8('wOFFle')],
  ['a drawing that is cut', 'image/svg+xml', strToU8('<svg xmlns="http://www.w3.org/2000/svg"><g>')],
  [
    'a drawing with a script',
    'image/svg+xml',
    strToU8('<svg xmlns="http://www.w3.org/2000/svg"><script/></svg>'),
  ],
];

const xliff = (inner: string, version = '2.0'): string =>
  `<xliff xmlns="urn:oasis:names:tc:xliff:document:2.0" version="${version}" trgLang="de"><file id="f">${inner}</file></xliff>`;

export const xliffs: [string, string][] = [
  ['nothing', ''],
  ['words', 'hello'],
  ['a page', '<html></html>'],
  ['the version before', xliff('', '1.2')],
  ['no version', xliff('', '')],
  ['a document type', `<!DOCTYPE xliff SYSTEM "http://elsewhere.example/x.dtd">${xliff('')}`],
  [
    'entities',
    `<!DOCTYPE x [<!ENTITY a "b"><!ENTITY c "&a;&a;">]>${xliff('<unit id="u"><segment><source>&c;</source></segment></unit>')}`,
  ],
  [
    'an entity that there is none of',
    xliff('<unit id="u"><segment><source>&nobody;</source></segment></unit>'),
  ],
  ['elements that are not closed', '<xliff version="2.0"><file><unit>'],
  ['elements sixteen thousand deep', `<xliff version="2.0">${'<a xmlns:b="c">'.repeat(16_000)}`],
  [
    'a code point that is none',
    xliff('<unit id="u"><segment><target><cp hex="ffffffff"/></target></segment></unit>'),
  ],
  ['more than is read', ' '.repeat(20_000_001)],
];
export const tables: [string, string][] = [
  ['nothing', ''],
  ['no columns', 'hello\r\n'],
  ['one column of two', 'key\r\na\r\n'],
  ['more cells than columns', 'key,target de\r\na,b,c\r\n'],
  ['a quote without end', 'key,target de\r\n"a,b\r\n'],
  ['more than is read', 'x'.repeat(20_000_001)],
];
