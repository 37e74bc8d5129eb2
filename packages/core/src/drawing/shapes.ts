import type { Rect } from '../geometry';
import type { BubbleElement, Id } from '../model';
import type { DrawnBox, DrawnPicture } from '../style';
import { group, type GroupItem, type Item, type PictureItem } from './items';

/** A box with its shadow beneath and its outline round it. */
export function box(id: Id | null, rect: Rect, look: DrawnBox): Item[] {
  const { fill, gradient, border, borderWidth, corner, picture, shadow, outline } = look;
  const items: Item[] = [];
  if (shadow)
    items.push(
      soft(shadow.blur, [
        {
          ...plain(null, { ...rect, x: rect.x + shadow.x, y: rect.y + shadow.y }, shadow.colour),
          corner,
        },
      ]),
    );
  if (outline)
    items.push({
      ...plain(null, grown(rect, outline.width), CLEAR),
      border: outline.colour,
      borderWidth: outline.width,
      corner: corner + outline.width,
    });
  const filled: Item = { kind: 'box', id, rect, fill, border, borderWidth, corner };
  if (gradient) filled.gradient = gradient;
  if (look.dashes) filled.dashes = look.dashes;
  if (!picture || picture === 'none') return [...items, filled];
  return [...items, ...faced(filled, facePicture(rect, picture, corner), picture.under)];
}

/** A filled shape with a picture on it: over its fill and beneath its border, or beneath both. */
export function faced<Shape extends Item & { kind: 'box' | 'path' }>(
  shape: Shape,
  drawn: Item,
  under?: true,
): Item[] {
  if (under) return [drawn, shape];
  const bordered = shape.borderWidth > 0 && shape.border !== CLEAR;
  const { gradient: _, ...edge } = { ...shape, id: null, fill: CLEAR };
  return [{ ...shape, border: CLEAR }, drawn, ...(bordered ? [edge as Item] : [])];
}

/** A bubble’s outline with its fill; a picture on it has a shape of its own. */
export function bubbleFace(id: Id, path: string, rect: Rect, look: DrawnBox, dashed: boolean): Item[] {
  const { fill, border, borderWidth, gradient, picture } = look;
  const shape: Item & { kind: 'path' } = { kind: 'path', id, path, fill, border, borderWidth };
  if (gradient) shape.gradient = gradient;
  if (dashed) shape.dashes = { dash: borderWidth * 4, gap: borderWidth * 3 };
  else if (look.dashes) shape.dashes = look.dashes;
  return picture && picture !== 'none' ? faced(shape, facePicture(rect, picture, 0), picture.under) : [shape];
}

/** A picture over all of a rect, within its corners. */
export function facePicture(rect: Rect, picture: DrawnPicture, corner: number): Item {
  const { asset, fit, slice, scale = 1, width, height, tint, opacity = 1, blend = 'normal' } = picture;
  const item: PictureItem = { kind: 'picture', id: null, rect, asset, fit };
  if (fit === 'tile' || fit === 'slice') item.own = { width, height, scale };
  if (fit === 'slice') item.edges = slice ?? NO_EDGES;
  if (picture.sharp) item.sharp = true;
  const clip = corner > 0 ? { ...rect, corner } : undefined;
  if (!clip && !tint && opacity >= 1 && blend === 'normal') return item;
  const change: Partial<GroupItem> = { opacity };
  if (clip) change.clip = clip;
  if (blend !== 'normal') change.blend = blend;
  return group(tint ? [group([item], { tint })] : [item], change);
}

const NO_EDGES = { top: 0, right: 0, bottom: 0, left: 0 };

export const CLEAR = '#00000000';

/** A box of one colour. */
export const plain = (id: Id | null, rect: Rect, fill: string): Item & { kind: 'box' } => ({
  kind: 'box',
  id,
  rect,
  fill,
  border: CLEAR,
  borderWidth: 0,
  corner: 0,
});

export const soft = (blur: number, items: Item[]): Item => group(items, blur > 0 ? { blur: blur / 2 } : {});

/** A rect with every edge moved outwards by `by` design pixels; a negative number moves them inwards. */
export const grown = (rect: Rect, by: number): Rect => ({
  x: rect.x - by,
  y: rect.y - by,
  width: rect.width + 2 * by,
  height: rect.height + 2 * by,
});

/** The part of a rect inside distances from its edges, in design pixels; never smaller than nothing. */
export const inset = (
  rect: Rect,
  by: { top: number; right: number; bottom: number; left: number },
): Rect => ({
  x: rect.x + by.left,
  y: rect.y + by.top,
  width: Math.max(0, rect.width - by.left - by.right),
  height: Math.max(0, rect.height - by.top - by.bottom),
});

/**
 * The outline of a speech bubble with its tail, as SVG path data (SVG 2).
 * @param corner the corner radius in design pixels
 */
export function bubblePath(rect: Rect, corner: number, { shape, tail }: BubbleElement): string {
  switch (shape) {
    case 'shout':
      return spiky(rect, tail);
    case 'thought':
      return `${walled(rect, Math.min(rect.width, rect.height) / 2, 'round')}${drops(rect, tail)}`;
    case 'radio':
      return walled(rect, Math.max(corner, FOOT), 'cut', tail);
    case 'caption':
      return walled(rect, 0, 'round');
    default:
      return walled(rect, corner, 'round', tail);
  }
}

type Tail = BubbleElement['tail'];

/** How far a tail reaches out, and half of its foot. */
const REACH = 36;
const FOOT = 18;

const n = (value: number): string => String(Math.round(value * 100) / 100);

/**
 * A rectangle walked clockwise from its top left, its corners round or cut off, with the tail where it comes by: straight
 * beside round corners, a flash beside cut ones.
 */
function walled(
  { x, y, width, height }: Rect,
  corner: number,
  corners: 'round' | 'cut',
  tail?: Tail,
): string {
  const r = Math.max(0, Math.min(corner, width / 2, height / 2));
  const sides = [
    { side: 'top', from: [x, y], along: [1, 0], length: width },
    { side: 'right', from: [x + width, y], along: [0, 1], length: height },
    { side: 'bottom', from: [x + width, y + height], along: [-1, 0], length: width },
    { side: 'left', from: [x, y + height], along: [0, -1], length: height },
  ] as const;
  const path = sides.map(({ side, from, along: [dx, dy], length }) => {
    const point = (at: number, out = 0): string =>
      `${n(from[0] + dx * at + dy * out)} ${n(from[1] + dy * at - dx * out)}`;
    const turn = `${corners === 'cut' || r === 0 ? 'L' : `A${n(r)} ${n(r)} 0 0 1 `}${point(length, -r)}`;
    if (tail?.side !== side) return `L${point(length - r)}${turn}`;
    const foot = Math.min(FOOT, Math.max(0, length / 2 - r));
    // Bottom and left are walked backwards.
    const share = side === 'top' || side === 'right' ? tail.at : 1 - tail.at;
    const at = Math.max(r + foot, Math.min(length - r - foot, share * length));
    const flash = corners === 'cut' ? [point(at + foot, REACH * 0.5), point(at, REACH * 0.4)] : [];
    const tip = [point(at - foot), ...flash, point(at, REACH), point(at + foot)];
    return `L${tip.join('L')}L${point(length - r)}${turn}`;
  });
  return `M${n(x + r)} ${n(y)}${path.join('')}Z`;
}

/**
 * Spikes round the rectangle, for what is shouted, which leave all of it to the words; the tail is one that reaches
 * on.
 */
function spiky({ x, y, width, height }: Rect, tail: Tail): string {
  const goal = tail && tailPoint({ x, y, width, height }, tail, 2 * REACH);
  const sides: [from: [number, number], along: [number, number], length: number][] = [
    [[x, y], [1, 0], width],
    [[x + width, y], [0, 1], height],
    [[x + width, y + height], [-1, 0], width],
    [[x, y + height], [0, -1], height],
  ];
  const points = sides.flatMap(([[fromX, fromY], [dx, dy], length]) => {
    const count = Math.max(2, Math.round(length / (2 * FOOT)));
    return Array.from({ length: count * 2 }, (_, i) => {
      const at = (i / (count * 2)) * length;
      // Every other point is on the edge; a spike on a corner leans out of both of its sides.
      const out = i % 2 === 1 ? 0 : i % 4 === 0 ? REACH * 0.6 : REACH * 0.4;
      const lean = i === 0 ? -out : 0;
      return {
        x: fromX + dx * (at + lean) + dy * out,
        y: fromY + dy * (at + lean) - dx * out,
        spike: out > 0,
      };
    });
  });
  if (goal) {
    const far = (point: { x: number; y: number }): number => Math.hypot(point.x - goal.x, point.y - goal.y);
    const nearest = points.filter((point) => point.spike).reduce((a, b) => (far(b) < far(a) ? b : a));
    Object.assign(nearest, goal);
  }
  return `M${points.map((point) => `${n(point.x)} ${n(point.y)}`).join('L')}Z`;
}

/** Ever smaller circles towards whoever thinks. */
function drops(rect: Rect, tail: Tail): string {
  if (!tail) return '';
  const from = tailPoint(rect, tail, 0);
  const to = tailPoint(rect, tail, 2 * REACH);
  return [0.25, 0.65, 0.95]
    .map((share, i) => {
      const r = 14 - i * 4;
      const cx = from.x + (to.x - from.x) * share;
      const cy = from.y + (to.y - from.y) * share;
      return `M${n(cx - r)} ${n(cy)}A${r} ${r} 0 1 1 ${n(cx + r)} ${n(cy)}A${r} ${r} 0 1 1 ${n(cx - r)} ${n(cy)}Z`;
    })
    .join('');
}

function tailPoint({ x, y, width, height }: Rect, { side, at }: NonNullable<Tail>, reach = REACH) {
  if (side === 'top') return { x: x + width * at, y: y - reach };
  if (side === 'bottom') return { x: x + width * at, y: y + height + reach };
  return { x: side === 'left' ? x - reach : x + width + reach, y: y + height * at };
}
