import opentype from 'opentype.js';
import { LONGEST_NAME, type FontFace } from '../model';
import { packFace, type FontMetrics } from '../text';

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
export const readMetrics = (file: ArrayBuffer): FontMetrics => metricsOf(opentype.parse(file));

/**
 * What a project keeps of a font: its measures, and the family, weight and slope that its file says (Open Font Format `name`,
 * `OS/2`).
 * @throws when the bytes are not a font.
 */
export function readFace(file: ArrayBuffer): FontFace {
  const font = opentype.parse(file);
  const face: FontFace = packFace(metricsOf(font));
  const { usWeightClass, fsSelection = 0 } = (font.tables.os2 ?? {}) as Record<string, number | undefined>;
  // Faces of a family of more than four have the name they share in a place of its own, which smaller files leave out.
  const name =
    font.getEnglishName('preferredFamily') ?? font.getEnglishName('fontFamily')?.replace(WEIGHT_NAMES, '');
  if (name?.trim()) face.family = name.trim().slice(0, LONGEST_NAME);
  if (usWeightClass && usWeightClass >= 1 && usWeightClass <= 1000) face.weight = usWeightClass;
  if (fsSelection & ITALIC) face.italic = true;
  return face;
}

/** What weights and slopes are called at the end of a name. */
const WEIGHT_NAMES =
  /(?: (?:thin|(?:extra|ultra)[ -]?light|light|regular|medium|(?:semi|demi)[ -]?bold|bold|(?:extra|ultra)[ -]?bold|black|heavy|italic|oblique))+$/i;

/** The bit of `fsSelection` that tells an italic face. */
const ITALIC = 1;

function metricsOf(font: opentype.Font): FontMetrics {
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
