import { cellsOf, type Asset, type Cell } from '../model';
import type { FontMetrics } from './metrics';

/** A font whose letters are the frames of a picture. */
interface PictureFont {
  metrics: FontMetrics;
  cells: ReadonlyMap<string, Cell>;
}

/** How much of a frame lies beneath the line that letters stand on. */
const BENEATH = 0.2;
/** A space as wide as this share of a frame's height, where no frame is one. */
const SPACE = 0.35;

const known = new WeakMap<Asset, PictureFont | null>();

/** The letters of a picture that is cut into frames; null where it has none. Small letters that it lacks are its capitals. */
export function pictureFont(asset: Asset): PictureFont | null {
  const found = known.get(asset);
  if (found !== undefined) return found;
  const made = make(asset);
  known.set(asset, made);
  return made;
}

function make(asset: Asset): PictureFont | null {
  const frames = cellsOf(asset);
  const cells = new Map<string, Cell>();
  [...(asset.characters ?? '')].forEach((char, i) => {
    if (frames[i] && !cells.has(char)) cells.set(char, frames[i]);
  });
  if (cells.size === 0) return null;
  for (const [char, cell] of [...cells]) {
    const small = char.toLowerCase();
    if (!cells.has(small)) cells.set(small, cell);
  }
  const unitsPerEm = Math.max(...[...cells.values()].map(({ height }) => height));
  const advances: Record<string, number> = { ' ': unitsPerEm * SPACE };
  for (const [char, { width }] of cells) advances[char] = width;
  const descender = -Math.round(unitsPerEm * BENEATH);
  return {
    metrics: { unitsPerEm, ascender: unitsPerEm + descender, descender, advances, kerning: {} },
    cells,
  };
}
