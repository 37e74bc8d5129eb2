/** What a file is by its first bytes, whatever it is called: the types that projects hold. */
export type Sort = 'picture' | 'font' | 'sound';

export interface Media {
  sort: Sort;
  /** MIME type (IANA). */
  media: string;
}

const SIGNS: [string, number, string, Sort][] = [
  ['\x89PNG\r\n\x1a\n', 0, 'image/png', 'picture'],
  ['\xff\xd8\xff', 0, 'image/jpeg', 'picture'],
  ['GIF8', 0, 'image/gif', 'picture'],
  ['WEBP', 8, 'image/webp', 'picture'],
  ['ftypavif', 4, 'image/avif', 'picture'],
  ['wOFF', 0, 'font/woff', 'font'],
  ['wOF2', 0, 'font/woff2', 'font'],
  ['OTTO', 0, 'font/otf', 'font'],
  ['\0\x01\0\0', 0, 'font/ttf', 'font'],
  ['true', 0, 'font/ttf', 'font'],
  ['WAVE', 8, 'audio/wav', 'sound'],
  ['OggS', 0, 'audio/ogg', 'sound'],
  ['ID3', 0, 'audio/mpeg', 'sound'],
  ['\xff\xfb', 0, 'audio/mpeg', 'sound'],
  ['fLaC', 0, 'audio/flac', 'sound'],
  ['ftypM4A', 4, 'audio/mp4', 'sound'],
];

/** The beginning of an SVG file: perhaps a byte order mark, a declaration and comments, then the drawing. */
const DRAWING =
  /^(?:\xef\xbb\xbf)?\s*(?:<\?xml[^>]*\?>\s*)?(?:<!--(?:(?!-->)[\s\S])*-->\s*)*(?:<!DOCTYPE svg[^[>]*(?:\[|>)|<svg[\s/>])/;

/** Null for what is none of them. */
export function mediaOf(bytes: Uint8Array): Media | null {
  const head = String.fromCharCode(...bytes.subarray(0, 4000));
  for (const [sign, at, media, sort] of SIGNS) if (head.startsWith(sign, at)) return { sort, media };
  return DRAWING.test(head) ? { sort: 'picture', media: 'image/svg+xml' } : null;
}
