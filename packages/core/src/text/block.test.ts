import fc from 'fast-check';
import { readFileSync } from 'node:fs';
import { readMetrics } from '../font';
import { cutLines, fits, builtInFont, layText, packFace, textWidth } from '.';
import { unpackFace } from './metrics';

const font = builtInFont('plain', 400);
const look = { size: 40, line: 1.2 };
const box = fc.record({
  width: fc.integer({ min: 40, max: 900 }),
  height: fc.integer({ min: 20, max: 400 }),
});
const words = fc
  .array(fc.stringMatching(/^[a-z]{1,9}$/), { minLength: 1, maxLength: 12 })
  .map((all) => all.join(' '));

test('a fitted text is as large as its box takes, and no larger than the most', () => {
  fc.assert(
    fc.property(words, box, (text, within) => {
      const fit = { min: 8, max: 44 };
      const block = layText(text, { ...look, fit }, font, within);
      expect(block.size).toBeGreaterThanOrEqual(8);
      expect(block.size).toBeLessThanOrEqual(44);
      if (block.size > 8) expect(fits(block)).toBe(true);
      if (block.size >= 43.5) return;
      const larger = block.size + 1;
      expect(fits(layText(text, { ...look, fit: { min: larger, max: larger } }, font, within))).toBe(false);
    }),
  );
});

test('cut lines are no wider than the box and end with an ellipsis where something is missing', () => {
  fc.assert(
    fc.property(words, fc.integer({ min: 40, max: 600 }), (text, width) => {
      const [line] = cutLines(text, font, 30, width);
      expect(line!.width).toBeLessThanOrEqual(width);
      expect(line!.text === text || line!.text.endsWith('…')).toBe(true);
    }),
  );
});

test('how far a text reaches beyond its box is told', () => {
  const wide = textWidth('lighthouse', font, 40);
  const block = layText('lighthouse', look, font, { width: wide - 30, height: 30 });
  expect(block.over.across).toBeCloseTo(30, 6);
  expect(layText('a b', look, font, { width: 30, height: 50 }).over.down).toBeCloseTo(46, 6);
  expect(layText('ab', look, font, { width: 200, height: 10 }).over).toEqual({ across: 0, down: 0 });
});

test('room between letters widens a line by just so much for each but the last', () => {
  expect(textWidth('gull', font, 40, 5) - textWidth('gull', font, 40)).toBeCloseTo(15, 6);
});

test('a font’s measures are the same packed and unpacked', () => {
  const bytes = readFileSync('node_modules/@fontsource/marcellus/files/marcellus-latin-400-normal.woff');
  const metrics = readMetrics(
    bytes.buffer.slice(bytes.byteOffset, bytes.byteOffset + bytes.byteLength) as ArrayBuffer,
  );
  expect(unpackFace(packFace(metrics))).toEqual(metrics);
  expect(JSON.stringify(packFace(metrics)).length).toBeLessThan(JSON.stringify(metrics).length / 2);
});
