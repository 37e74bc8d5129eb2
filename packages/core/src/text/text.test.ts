import { readFileSync } from 'node:fs';
import fc from 'fast-check';
import { breakLines, builtInFont, textWidth } from '.';
import { readMetrics } from '../font';

const plain = builtInFont('plain', 400);

test.each([
  ['plain', 400, 'atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-400-normal.woff'],
  ['plain', 700, 'atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-700-normal.woff'],
  ['display', 400, 'marcellus/files/marcellus-latin-400-normal.woff'],
] as const)('the metrics of %s %d are those of its font file', (font, weight, file) => {
  const bytes = readFileSync(`node_modules/@fontsource/${file}`);
  const buffer = bytes.buffer.slice(bytes.byteOffset, bytes.byteOffset + bytes.byteLength) as ArrayBuffer;
  expect(builtInFont(font, weight)).toEqual(readMetrics(buffer));
});

test('what is not a font is refused', () => expect(() => readMetrics(new ArrayBuffer(40))).toThrow());

test('no line is wider than its box, and no letter is lost', () => {
  fc.assert(
    fc.property(fc.string({ maxLength: 200 }), fc.integer({ min: 60, max: 900 }), (text, width) => {
      const lines = breakLines(text, plain, 34, width);
      for (const line of lines) if ([...line.text].length > 1) expect(line.width).toBeLessThanOrEqual(width);
      const letters = (value: string) => value.replace(/[ \n]/g, '');
      expect(letters(lines.map((line) => line.text).join(''))).toBe(letters(text));
    }),
  );
});

test('lines end where the text says, and a box wide enough keeps a paragraph whole', () => {
  expect(breakLines('One\nTwo three\n', plain, 34, 10_000).map((line) => line.text)).toEqual([
    'One',
    'Two three',
    '',
  ]);
});

test('kerning draws letters together', () => {
  const apart = textWidth('A', plain, 100) + textWidth('V', plain, 100);
  expect(textWidth('AV', plain, 100)).toBeLessThan(apart);
});
