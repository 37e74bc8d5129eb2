import type { Item, PictureItem } from '../drawing';
import { type Project, withId } from '../model';
import { isSolidAt } from '../sheet';
import { contains } from './contains';
import { spotOf } from './spot';

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
  const { x, y } = spotOf(asset, item, at);
  return isSolidAt(asset, x, y);
}
