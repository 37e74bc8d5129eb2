import type { Rect, Solved } from '../geometry';
import type { Element, Id } from '../model';

/** Places on one screen that nearly match those on another, such as a heading that stands three pixels lower. */

export type Measure = 'left' | 'right' | 'top' | 'bottom' | 'width' | 'height';
export const MEASURES: readonly Measure[] = ['left', 'right', 'top', 'bottom', 'width', 'height'];

/** One measure of a rect, in design pixels. */
export function measure(rect: Rect, what: Measure): number {
  switch (what) {
    case 'left':
      return rect.x;
    case 'right':
      return rect.x + rect.width;
    case 'top':
      return rect.y;
    case 'bottom':
      return rect.y + rect.height;
    default:
      return rect[what];
  }
}

export interface NearMatch {
  what: Measure;
  /** What it measures here and there, in design pixels. */
  here: number;
  there: number;
  /** The element there. */
  sibling: Id;
}

/** How far apart two measures may be to be taken for one that was missed, in design pixels. */
export const NEAR = 8;

/**
 * What of an element nearly matches its siblings on another screen: those of the same name first, then the nearest of the
 * same type. What matches exactly is not told.
 */
export function nearMatches(
  element: Element,
  rect: Rect,
  siblings: readonly Element[],
  layout: Solved,
): NearMatch[] {
  const like = siblingsLike(element, rect, siblings, layout);
  return MEASURES.flatMap((what): NearMatch[] => {
    const here = measure(rect, what);
    const all = like.map((sibling) => ({ id: sibling.each.id, there: measure(sibling.rect, what) }));
    if (all.some(({ there }) => Math.abs(there - here) < 0.05)) return [];
    const near = all.find(({ there }) => Math.abs(there - here) <= NEAR);
    return near ? [{ what, here, there: near.there, sibling: near.id }] : [];
  });
}

/**
 * The element on another screen that one is matched with: of its name, else the nearest of its type; null where there
 * is none.
 */
export function counterpart(
  element: Element,
  rect: Rect,
  siblings: readonly Element[],
  layout: Solved,
): { sibling: Id; rect: Rect } | null {
  const named = siblings.filter((sibling) => rank(element, sibling) === 0);
  const [found] = siblingsLike(element, rect, siblings, layout);
  if (found && rank(element, found.each) === 0) return { sibling: found.each.id, rect: found.rect };
  const [other] = named.map((item) => ({ sibling: item.id, rect: layout.get(item.id)! }));
  return other ?? (found ? { sibling: found.each.id, rect: found.rect } : null);
}

/** Those of its type: of its name first, then the nearest. */
const siblingsLike = (element: Element, rect: Rect, siblings: readonly Element[], layout: Solved) =>
  siblings
    .filter((sibling) => sibling.type === element.type)
    .map((sibling) => ({ each: sibling, rect: layout.get(sibling.id)! }))
    .sort(
      (a, b) => rank(element, a.each) - rank(element, b.each) || apart(rect, a.rect) - apart(rect, b.rect),
    );

const rank = (element: Element, other: Element): number =>
  other.name.toLowerCase() === element.name.toLowerCase() ? 0 : 1;

const apart = (a: Rect, b: Rect): number => Math.hypot(a.x - b.x, a.y - b.y);

/** How a rect's edges move to match: all of it with its edge, or that edge alone while the rest stays. */
export function matched(
  rect: Rect,
  { what, here, there }: Pick<NearMatch, 'what' | 'here' | 'there'>,
  restStays: boolean,
): Rect {
  const by = there - here;
  switch (what) {
    case 'width':
      return { ...rect, width: rect.width + by };
    case 'height':
      return { ...rect, height: rect.height + by };
    case 'left':
      return { ...rect, x: rect.x + by, ...(restStays ? { width: rect.width - by } : {}) };
    case 'top':
      return { ...rect, y: rect.y + by, ...(restStays ? { height: rect.height - by } : {}) };
    case 'right':
      return restStays ? { ...rect, width: rect.width + by } : { ...rect, x: rect.x + by };
    case 'bottom':
      return restStays ? { ...rect, height: rect.height + by } : { ...rect, y: rect.y + by };
  }
}
