import { textWidth, type FontMetrics } from './metrics';

export interface Line {
  text: string;
  /** In the unit of the size. */
  width: number;
}

/**
 * Breaks a text into lines no wider than `width`, at spaces and at the text's own line ends; a word that is wider
 * than a whole line is cut. Spaces at a break are dropped. `letters` is added after every letter.
 */
export function breakLines(
  text: string,
  font: FontMetrics,
  size: number,
  width: number,
  letters = 0,
): Line[] {
  const wide = (value: string): number => textWidth(value, font, size, letters);
  return text.split('\n').flatMap((paragraph) => {
    const lines: string[] = [];
    let line = '';
    for (const word of paragraph.split(' ')) {
      const longer = line === '' ? word : `${line} ${word}`;
      if (wide(longer) <= width) {
        line = longer;
        continue;
      }
      if (line !== '') lines.push(line);
      const pieces = cutWord(word, wide, width);
      lines.push(...pieces.slice(0, -1));
      line = pieces[pieces.length - 1] ?? '';
    }
    lines.push(line);
    return lines.map((value) => ({ text: value, width: wide(value) }));
  });
}

function cutWord(word: string, wide: (text: string) => number, width: number): string[] {
  if (wide(word) <= width) return [word];
  const pieces: string[] = [];
  let piece = '';
  for (const char of word) {
    if (piece !== '' && wide(piece + char) > width) {
      pieces.push(piece);
      piece = '';
    }
    piece += char;
  }
  return [...pieces, piece];
}

/** The lines of a text as it is written, each cut to `width` and ended with an ellipsis where something is missing. */
export function cutLines(text: string, font: FontMetrics, size: number, width: number, letters = 0): Line[] {
  const wide = (value: string): number => textWidth(value, font, size, letters);
  return text.split('\n').map((line) => {
    if (wide(line) <= width) return { text: line, width: wide(line) };
    const chars = [...line];
    let [min, max] = [0, chars.length];
    while (min < max) {
      const middle = (min + max + 1) >> 1;
      if (wide(`${chars.slice(0, middle).join('').trimEnd()}…`) <= width) min = middle;
      else max = middle - 1;
    }
    const cut = `${chars.slice(0, min).join('').trimEnd()}…`;
    return { text: cut, width: wide(cut) };
  });
}
