import type { Item, PictureItem } from '../drawing';
import { type Project, withId } from '../model';
import { isSolidAt } from '../sheet';
import { contains } from './contains';
import { cuts } from './picture';

interface Point {
  x: number;
  y: number;
}

/** Whether boxes or pictures of a display list are drawn at a point, all at rest; words and lines do not count. */
export function isDrawnAt(project: Pick<Project, 'assets'>, items: readonly Item[], at: Point): boolean {
  return items.some((item): boolean => {
    switch (item.kind) {
      case 'group':
        return (
          !isCutOff(item.clip, at) && isDrawnAt(project, item.items, { x: at.x - item.x, y: at.y - item.y })
        );
      case 'box':
        return contains(item.rect, at.x, at.y) && (!isClear(item.fill) || item.gradient !== undefined);
      case 'picture':
        return contains(item.rect, at.x, at.y) && isPictureAt(project, item, at);
      default:
        return false;
    }
  });
}

const isCutOff = (
  clip: { x: number; y: number; width: number; height: number } | undefined,
  at: Point,
): boolean => clip !== undefined && !contains(clip, at.x, at.y);

const isClear = (colour: string): boolean => colour.length === 9 && colour.endsWith('00');

/** Whether a picture is drawn at a point of its rect, as its fit lays it there. */
function isPictureAt({ assets }: Pick<Project, 'assets'>, item: PictureItem, at: Point): boolean {
  const asset = withId(assets, item.asset);
  if (!asset || asset.width <= 0 || asset.height <= 0) return true;
  const { rect, fit, cell, own, edges } = item;
  const within = { x: at.x - rect.x, y: at.y - rect.y };
  const { width, height } = asset;
  if (cell)
    return isSolidAt(
      asset,
      (cell.x + (within.x / rect.width) * cell.width) / width,
      (cell.y + (within.y / rect.height) * cell.height) / height,
    );
  if (fit === 'slice' && own && edges) {
    const across = alongCuts(cuts(0, rect.width, edges.left, edges.right, width, own.scale), within.x);
    const down = alongCuts(cuts(0, rect.height, edges.top, edges.bottom, height, own.scale), within.y);
    return isSolidAt(asset, across / width, down / height);
  }
  if (fit === 'tile' && own) {
    const [wide, high] = [width * own.scale, height * own.scale];
    return isSolidAt(asset, (within.x % wide) / wide, (within.y % high) / high);
  }
  const [across, down] = [rect.width / width, rect.height / height];
  const by = fit === 'contain' ? Math.min(across, down) : fit === 'cover' ? Math.max(across, down) : null;
  const [byX, byY] = by === null ? [across, down] : [by, by];
  return isSolidAt(
    asset,
    (within.x - (rect.width - width * byX) / 2) / (width * byX),
    (within.y - (rect.height - height * byY) / 2) / (height * byY),
  );
}

/** The picture’s own pixel that is drawn at a point of an axis in parts. */
function alongCuts(parts: ReturnType<typeof cuts>, at: number): number {
  const part = parts.find((each) => at <= each.at + each.size) ?? parts.at(-1);
  return part ? part.from + ((at - part.at) / part.size) * part.taken : 0;
}
