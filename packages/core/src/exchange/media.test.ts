import { readFileSync } from 'node:fs';
import { mediaOf, svgFault } from '.';

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

test.each([
  ['<svg><script>x()</script></svg>', 'script'],
  ['<svg onload = "x()"/>', 'script'],
  ['<svg><a href="JavaScript:x()"/></svg>', 'script'],
  ['<svg><foreignObject/></svg>', 'web page'],
  ['<!DOCTYPE svg [<!ENTITY a "b">]><svg/>', 'entities'],
  ['<svg><image href="https://elsewhere.example/a.png"/></svg>', 'elsewhere'],
  ["<svg><image xlink:href='//elsewhere.example/a.png'/></svg>", 'elsewhere'],
])('a drawing such as %s is refused', (text, why) => expect(svgFault(text)).toContain(why));

test('the demo’s drawings are taken in', () => {
  for (const name of ['a-title-night', 'a-dawn', 'a-ship']) {
    const text = readFileSync(`examples/saltwick-light/assets/${name}.svg`, 'utf8');
    expect([mediaOf(bytes(text.slice(0, 4000)))?.media, svgFault(text)]).toEqual(['image/svg+xml', null]);
  }
});
