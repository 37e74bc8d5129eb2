import { textWidth, type FontMetrics } from './metrics';

export interface Line {
  text: string;
  /** In the unit of the size. */
  width: number;
}

/**
 * Breaks a text into lines no wider than `width`, at spaces and at the text's own line ends; a word that is wider
 * than a whole line is cut. Spaces at a break are dropped.
 */
export function breakLines(text: string, font: FontMetrics, size: number, width: number): Line[] {
  return text.split('\n').flatMap((paragraph) => {
    const lines: string[] = [];
    let line = '';
    for (const word of paragraph.split(' ')) {
      const longer = line === '' ? word : `${line} ${word}`;
      if (textWidth(longer, font, size) <= width) {
        line = longer;
        continue;
      }
      if (line !== '') lines.push(line);
      const pieces = cutWord(word, font, size, width);
      lines.push(...pieces.slice(0, -1));
      line = pieces[pieces.length - 1] ?? '';
    }
    lines.push(line);
    return lines.map((each) => ({ text: each, width: textWidth(each, font, size) }));
  });
}

function cutWord(word: string, font: FontMetrics, size: number, width: number): string[] {
  if (textWidth(word, font, size) <= width) return [word];
  const pieces: string[] = [];
  let piece = '';
  for (const char of word) {
    if (piece !== '' && textWidth(piece + char, font, size) > width) {
      pieces.push(piece);
      piece = '';
    }
    piece += char;
  }
  return [...pieces, piece];
}
