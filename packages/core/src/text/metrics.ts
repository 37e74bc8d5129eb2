import type { FontFace } from '../model';

/** What line breaking needs to know of a font, in font units. */
export interface FontMetrics {
  unitsPerEm: number;
  ascender: number;
  descender: number;
  /** Width of each character. */
  advances: Record<string, number>;
  /** Correction between two characters that stand beside each other, by the pair. */
  kerning: Record<string, number>;
  /** Where all figures are made as wide as the widest: the width each has by itself. */
  figures?: Record<string, number>;
}

/**
 * Width of one line in the unit of `size`, with `letters` after every letter but the last. A character the font lacks
 * counts as wide as `n`.
 */
export function textWidth(text: string, font: FontMetrics, size: number, letters = 0): number {
  const pairs = pairsOf(font);
  let units = 0;
  let kerned: ReadonlyMap<string, number> | undefined;
  let count = 0;
  for (const char of text) {
    units += font.advances[char] ?? font.advances.n ?? font.unitsPerEm / 2;
    units += kerned?.get(char) ?? 0;
    kerned = pairs.get(char);
    count++;
  }
  return (units / font.unitsPerEm) * size + letters * Math.max(0, count - 1);
}

/** Where each letter of a line stands, from where the line begins, in the unit of `size`. */
export function letterStarts(
  all: readonly string[],
  font: FontMetrics,
  size: number,
  letters = 0,
): { letter: string; x: number; width: number }[] {
  let before = '';
  return all.map((letter) => {
    before += letter;
    const width = textWidth(letter, font, size);
    return { letter, x: textWidth(before, font, size, letters) - width, width };
  });
}

/** The same font with all figures as wide as the widest of them. */
export function evenFigures(font: FontMetrics): FontMetrics {
  const found = evened.get(font);
  if (found) return found;
  const widest = Math.max(...FIGURES.map((figure) => font.advances[figure] ?? 0));
  const advances = { ...font.advances };
  const figures: Record<string, number> = {};
  for (const figure of FIGURES) {
    if (font.advances[figure] !== undefined) figures[figure] = font.advances[figure];
    advances[figure] = widest;
  }
  const kerning = Object.fromEntries(
    Object.entries(font.kerning).filter(([pair]) => ![...pair].some((char) => FIGURES.includes(char))),
  );
  const made = { ...font, advances, kerning, figures };
  evened.set(font, made);
  return made;
}
export const FIGURES = [...'0123456789'];
const evened = new WeakMap<FontMetrics, FontMetrics>();

/** Kerning by the first letter, then the second: texts are measured in every frame in which they change. */
function pairsOf(font: FontMetrics): ReadonlyMap<string, ReadonlyMap<string, number>> {
  const known = paired.get(font);
  if (known) return known;
  const made = new Map<string, Map<string, number>>();
  for (const [pair, by] of Object.entries(font.kerning)) {
    const [first, second] = [...pair] as [string, string];
    const row = made.get(first) ?? new Map<string, number>();
    made.set(first, row.set(second, by));
  }
  paired.set(font, made);
  return made;
}
const paired = new WeakMap<FontMetrics, ReadonlyMap<string, ReadonlyMap<string, number>>>();

/** A font's measures as a project keeps them: letters of one width together. */
export function packFace(font: FontMetrics): FontFace {
  const advances: Record<string, string> = {};
  for (const [char, width] of Object.entries(font.advances)) advances[width] = (advances[width] ?? '') + char;
  const kerning: FontFace['kerning'] = {};
  for (const [pair, by] of Object.entries(font.kerning)) {
    const [first, second] = [...pair] as [string, string];
    const row = (kerning[first] ??= {});
    row[by] = (row[by] ?? '') + second;
  }
  const { unitsPerEm, ascender, descender } = font;
  return { unitsPerEm, ascender, descender, advances, kerning };
}

const unpacked = new WeakMap<FontFace, FontMetrics>();

/** The measures of a face of the project, ready to look up. */
export function unpackFace(face: FontFace): FontMetrics {
  const known = unpacked.get(face);
  if (known) return known;
  const advances: Record<string, number> = {};
  for (const [width, chars] of Object.entries(face.advances))
    for (const char of chars) advances[char] = Number(width);
  const kerning: Record<string, number> = {};
  for (const [first, row] of Object.entries(face.kerning))
    for (const [by, seconds] of Object.entries(row))
      for (const second of seconds) kerning[first + second] = Number(by);
  const { unitsPerEm, ascender, descender } = face;
  const made = { unitsPerEm, ascender, descender, advances, kerning };
  unpacked.set(face, made);
  return made;
}
