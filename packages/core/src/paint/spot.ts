import type { PictureItem } from '../drawing';
import type { Asset, Point } from '../model';
import { cuts } from './picture';

/**
 * The spot of a picture that is drawn at a point, as its fit lays it in its rect, in shares of the picture's size: beside it
 * where they are below 0 or above 1.
 */
export function spotOf({ width, height }: Asset, item: PictureItem, at: Point): Point {
  const { rect, fit, cell, own, edges } = item;
  const within = { x: at.x - rect.x, y: at.y - rect.y };
  if (cell)
    return {
      x: (cell.x + (within.x / rect.width) * cell.width) / width,
      y: (cell.y + (within.y / rect.height) * cell.height) / height,
    };
  if (fit === 'slice' && own && edges) {
    const across = alongCuts(cuts(0, rect.width, edges.left, edges.right, width, own.scale), within.x);
    const down = alongCuts(cuts(0, rect.height, edges.top, edges.bottom, height, own.scale), within.y);
    return { x: across / width, y: down / height };
  }
  if (fit === 'tile' && own) {
    const [wide, high] = [width * own.scale, height * own.scale];
    return { x: (within.x % wide) / wide, y: (within.y % high) / high };
  }
  const [across, down] = [rect.width / width, rect.height / height];
  const by = fit === 'contain' ? Math.min(across, down) : fit === 'cover' ? Math.max(across, down) : null;
  const [byX, byY] = by === null ? [across, down] : [by, by];
  return {
    x: (within.x - (rect.width - width * byX) / 2) / (width * byX),
    y: (within.y - (rect.height - height * byY) / 2) / (height * byY),
  };
}

/** The picture’s own pixel that is drawn at a point of an axis in parts. */
function alongCuts(parts: ReturnType<typeof cuts>, at: number): number {
  const part = parts.find((each) => at <= each.at + each.size) ?? parts.at(-1);
  return part ? part.from + ((at - part.at) / part.size) * part.taken : 0;
}
