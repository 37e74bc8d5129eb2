/** What line breaking needs to know of a font, in font units. */
export interface FontMetrics {
  unitsPerEm: number;
  ascender: number;
  descender: number;
  /** Width of each character. */
  advances: Record<string, number>;
  /** Correction between two characters that stand beside each other, by the pair. */
  kerning: Record<string, number>;
}

/** Width of one line in the unit of `size`. A character the font lacks counts as wide as `n`. */
export function textWidth(text: string, font: FontMetrics, size: number): number {
  let units = 0;
  let last = '';
  for (const char of text) {
    units += font.advances[char] ?? font.advances.n ?? font.unitsPerEm / 2;
    units += font.kerning[last + char] ?? 0;
    last = char;
  }
  return (units / font.unitsPerEm) * size;
}
