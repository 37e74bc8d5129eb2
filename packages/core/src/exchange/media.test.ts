import { refusalWords } from '../refusal';
import { readFileSync } from 'node:fs';
import type { Project } from '../model';
import { bytesFault, mediaOf, svgFault } from '.';

const bytes = (text: string): Uint8Array => Uint8Array.from(text, (char) => char.charCodeAt(0));

test.each([
  ['\x89PNG\r\n\x1a\nrest', 'image/png'],
  ['\xff\xd8\xff\xe0rest', 'image/jpeg'],
  ['RIFF????WEBPVP8 ', 'image/webp'],
  ['RIFF????WAVEfmt ', 'audio/wav'],
  ['OggS....', 'audio/ogg'],
  ['ID3....', 'audio/mpeg'],
  ['wOFF....', 'font/woff'],
  ['wOF2....', 'font/woff2'],
  ['OTTO....', 'font/otf'],
  ['<svg xmlns="http://www.w3.org/2000/svg"/>', 'image/svg+xml'],
  ['\xef\xbb\xbf<?xml version="1.0"?>\n<!-- drawn -->\n<svg width="3"/>', 'image/svg+xml'],
])('what begins with %j is %s', (head, media) => expect(mediaOf(bytes(head))?.media).toBe(media));

test.each(['', 'hello', '<html><svg/></html>', 'RIFF????AVI ', '<script/>'])(
  '%j is nothing that is taken in',
  (head) => expect(mediaOf(bytes(head))).toBeNull(),
);

const drawing = (inner: string, attributes = ''): string =>
  `<svg xmlns="http://www.w3.org/2000/svg" xmlns:xlink="http://www.w3.org/1999/xlink" ${attributes}>${inner}</svg>`;

test.each([
  [drawing('<script>x()</script>'), /script/],
  [drawing('<SCRIPT/>'), /script/],
  ['<s:svg xmlns:s="http://www.w3.org/2000/svg"><s:script>x()</s:script></s:svg>', /script/],
  [drawing('<h:script xmlns:h="http://www.w3.org/1999/xhtml">x()</h:script>'), /script/],
  [drawing('', 'onload = "x()"'), /script/],
  [drawing('<a href="JavaScript:x()"/>'), /script/],
  [drawing('<a href="java&#115;cript:x()"/>'), /script/],
  [drawing('<use href=" &#x6a;avascript:x()"/>'), /script/],
  [drawing('<foreignObject/>'), /web page/],
  ['<s:svg xmlns:s="http://www.w3.org/2000/svg"><s:foreignObject/></s:svg>', /web page/],
  [drawing('<b xmlns="http://www.w3.org/1999/xhtml"/>'), /web page/],
  ['<!DOCTYPE svg [<!ENTITY a "b">]><svg/>', /entities/],
  [drawing('<image href="https://elsewhere.example/a.png"/>'), /elsewhere/],
  [drawing("<image xlink:href='//elsewhere.example/a.png'/>"), /elsewhere/],
  [drawing('<image href="&#104;ttps://elsewhere.example/a.png"/>'), /elsewhere/],
  [drawing('<image href="data:image/svg+xml;base64,PHN2Zy8+"/>'), /elsewhere/],
  [drawing('<rect style="fill: url(http://elsewhere.example/#a)"/>'), /elsewhere/],
  [drawing('<rect fill="url(//elsewhere.example/#a)"/>'), /elsewhere/],
  [drawing('<style>@import "http://elsewhere.example/a.css";</style>'), /elsewhere/],
  [drawing('<style><![CDATA[@font-face{src:url(http://elsewhere.example/a)}]]></style>'), /elsewhere/],
  [drawing('<style>rect{fill:u\\72l(http://elsewhere.example/)}</style>'), /cannot be checked/],
  [drawing('<style>svg{background:image-set("http://elsewhere.example/a.png" 1x)}</style>'), /elsewhere/],
  [
    drawing('<style>svg{background:u/**/rl(x)} rect{fill:url(/**/"http://elsewhere.example")}</style>'),
    /elsewhere/,
  ],
  ['<?xml-stylesheet href="http://elsewhere.example/a.css"?><svg/>', /elsewhere/],
  [drawing('<g xml:base="http://elsewhere.example/"><use href="#a"/></g>'), /elsewhere/],
  [drawing('<animate attributeName="x"/>'), /is animated/],
  [drawing('<video/>'), /a plain drawing cannot have/],
  [drawing('<rect formaction="x"/>'), /a plain drawing cannot have/],
  ['<svg><rect></svg>', /damaged/],
  ['<html/>', /no SVG drawing/],
  ['', /damaged|no SVG drawing/],
  [drawing('<g>'.repeat(200) + '</g>'.repeat(200)), /deep/],
  [drawing('<rect/>'.repeat(20_001)), /elements/],
  [drawing(`<desc>${'x'.repeat(5_000_001)}</desc>`), /larger/],
  [
    drawing(
      `<g id="l0"><rect/></g>${Array.from({ length: 12 }, (_, i) => `<g id="l${i + 1}">${`<use href="#l${i}"/>`.repeat(10)}</g>`).join('')}`,
    ),
    /draws more than/,
  ],
])('a drawing such as %.120s is refused', (text, why) => expect(refusalWords(svgFault(text)!)).toMatch(why));

test.each([
  drawing('<rect width="3" style="fill: url(#a); stroke: rgb(1, 2, 3)" transform="rotate(3)"/><defs/>'),
  drawing('<image xlink:href="data:image/png;base64,iVBORw0KGgo="/>'),
  drawing('<style>.a{fill:#fff}/* (not a function) */</style><g class="a" data-name="x" aria-label="y"/>'),
  drawing('<metadata><x:thing xmlns:x="urn:any" x:on="1"/></metadata><g x:label="a" xmlns:x="urn:any"/>'),
  drawing('<g id="a"><use href="#a"/></g>'),
  '<!DOCTYPE svg PUBLIC "-//W3C//DTD SVG 1.1//EN" "http://www.w3.org/Graphics/SVG/1.1/DTD/svg11.dtd"><svg/>',
])('a plain drawing is taken in: %.120s', (text) => expect(svgFault(text)).toBeNull());

test('the demo’s pictures and sounds are taken in', () => {
  const project = JSON.parse(readFileSync('examples/saltwick-light/project.json', 'utf8')) as Project;
  for (const { id, media } of project.assets) {
    const ending = media === 'image/svg+xml' ? 'svg' : 'wav';
    const found = new Uint8Array(readFileSync(`examples/saltwick-light/assets/${id}.${ending}`));
    expect([id, mediaOf(found)?.media, bytesFault(media, found)]).toEqual([id, media, null]);
  }
});

/** Two frames of MPEG audio, layer III, 128 kbit/s at 44.1 kHz, silent. */
const mp3 = (): Uint8Array => {
  const found = new Uint8Array(2 * 417);
  for (const at of [0, 417]) found.set([0xff, 0xfb, 0x90, 0x00], at);
  return found;
};

test('a sound is one only if it goes on like one', () => {
  expect(bytesFault('audio/mpeg', mp3())).toBeNull();
  const tagged = new Uint8Array(20 + mp3().length);
  tagged.set([0x49, 0x44, 0x33, 4, 0, 0, 0, 0, 0, 10]);
  tagged.set(mp3(), 20);
  expect(bytesFault('audio/mpeg', tagged)).toBeNull();
  expect(refusalWords(bytesFault('audio/mpeg', bytes('ID3....junk, and more of it'))!)).toMatch(/damaged/);
  expect(refusalWords(bytesFault('audio/mpeg', bytes('\xff\xfbjunk, and more of it'))!)).toMatch(/damaged/);
  expect(refusalWords(bytesFault('audio/wav', bytes('RIFF????WAVEfmt junk'))!)).toMatch(/damaged/);
  expect(bytesFault('audio/wav', mp3())).toBeNull();
  expect(refusalWords(bytesFault('image/png', mp3())!)).toMatch(/is not/);
});

test.each(['<!---->', '<?xml ', ' ', '<!--'])('%j again and again is told in an instant', (head) =>
  expect(mediaOf(bytes(head.repeat(4000)))).toBeNull(),
);
