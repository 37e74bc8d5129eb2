import opentype from 'opentype.js';
import type { FontMetrics } from '../text';

/** Characters a built-in font is asked for: printable ASCII, Latin-1, Latin Extended-A and common punctuation. */
const WANTED: number[] = [];
for (let c = 0x20; c <= 0x17f; c++) if (c < 0x7f || c > 0x9f) WANTED.push(c);
WANTED.push(
  0x2013,
  0x2014,
  0x2018,
  0x2019,
  0x201a,
  0x201c,
  0x201d,
  0x201e,
  0x2022,
  0x2026,
  0x2032,
  0x2033,
  0x20ac,
  0x2122,
  0x2190,
  0x2191,
  0x2192,
  0x2193,
  0x2212,
  0x00d7,
);

/**
 * Reads widths and kerning from a woff, ttf or otf file, in font units (Open Font Format `hmtx`, `kern`, `GPOS`).
 * @throws when the bytes are not a font.
 */
export function readMetrics(file: ArrayBuffer): FontMetrics {
  const font = opentype.parse(file);
  const advances: Record<string, number> = {};
  const kerning: Record<string, number> = {};
  const glyphs = WANTED.filter((code) => font.charToGlyphIndex(String.fromCodePoint(code)) > 0).map(
    (code) => ({
      char: String.fromCodePoint(code),
      glyph: font.charToGlyph(String.fromCodePoint(code)),
    }),
  );
  for (const { char, glyph } of glyphs) advances[char] = glyph.advanceWidth ?? 0;
  for (const left of glyphs)
    for (const right of glyphs) {
      const kern = font.getKerningValue(left.glyph, right.glyph);
      if (kern) kerning[left.char + right.char] = kern;
    }
  return {
    unitsPerEm: font.unitsPerEm,
    ascender: font.ascender,
    descender: font.descender,
    advances,
    kerning,
  };
}
