/** How long a text takes to read, in milliseconds: a moment to find it, plus so much a character, within limits. */
export function readingTime(text: string): number {
  return Math.round(Math.min(6000, Math.max(1200, 500 + 50 * [...text].length)) / 100) * 100;
}
