import type { GroupItem, Item, TextItem } from '../drawing';
import { withId, type Colour, type Gradient, type Id, type Point, type Project } from '../model';
import type { Rect } from '../geometry';
import { contains } from './contains';
import { spotOf } from './spot';

/** A small copy of a picture: `size` by `size` pixels, four bytes each (red, green, blue, alpha), not premultiplied. */
export interface Tones {
  size: number;
  pixels: ArrayLike<number>;
}
export type TonesOf = (asset: Id) => Tones | undefined;

/** Red, green and blue, 0 to 255, and how opaque, 0 to 1. */
export type Ink = readonly [number, number, number, number];

const CLEAR: Ink = [0, 0, 0, 0];

/** A colour as #rrggbb or #rrggbbaa. */
export function inkOf(colour: Colour): Ink {
  const part = (i: number): number => Number.parseInt(colour.slice(i, i + 2), 16);
  return [part(1), part(3), part(5), colour.length === 9 ? part(7) / 255 : 1];
}

/** One colour over another (W3C Compositing and Blending, source over). */
export function over([r, g, b, a]: Ink, [r0, g0, b0, a0]: Ink): Ink {
  const alpha = a + a0 * (1 - a);
  if (alpha === 0) return CLEAR;
  const mix = (top: number, below: number): number => (top * a + below * a0 * (1 - a)) / alpha;
  return [mix(r, r0), mix(g, g0), mix(b, b0), alpha];
}

/** What is drawn beneath a text at a point, and how much of the text itself is seen there. */
export interface Behind {
  ink: Ink;
  /** 0 to 1: less than 1 where what holds it is faded. */
  seen: number;
}

/**
 * The colour that is drawn at a point beneath a text, in design pixels; null where that cannot be told: beneath pictures that are
 * not known, and where something is blended, blurred or masked.
 */
export function behindText(
  project: Pick<Project, 'assets'>,
  items: readonly Item[],
  text: TextItem,
  at: Point,
  tones: TonesOf,
): Behind | null {
  const found = layered(items, at, CLEAR);
  return found === null || found === 'unknown' ? null : found.reached ? found.behind : null;

  /** Lays items over a colour until the text is reached. */
  function layered(
    all: readonly Item[],
    point: Point,
    beneath: Ink,
  ): { reached: boolean; behind: Behind } | 'unknown' | null {
    let ink = beneath;
    for (const item of all) {
      if (item === text) return { reached: true, behind: { ink, seen: 1 } };
      if (item.kind === 'group') {
        const inner = inGroup(item, point, ink);
        if (inner === 'unknown') return inner;
        if (inner?.reached) return inner;
        if (inner) ink = inner.behind.ink;
      } else {
        const own = inkAt(item, point);
        if (own === 'unknown') return own;
        ink = over(own, ink);
      }
    }
    return { reached: false, behind: { ink, seen: 1 } };
  }

  function inGroup(group: GroupItem, point: Point, beneath: Ink): ReturnType<typeof layered> {
    const inside = within(group, point);
    if (group.clip && !contains(group.clip, inside.x, inside.y)) return null;
    if (group.blur !== undefined) return holds(group.items, text) ? 'unknown' : null;
    if (group.blend || group.mask || group.tint) return 'unknown';
    const { opacity } = group;
    if (opacity >= 1) return layered(group.items, inside, beneath);
    const own = layered(group.items, inside, CLEAR);
    if (own === null || own === 'unknown') return own;
    const [r, g, b, a] = own.behind.ink;
    const ink = over([r, g, b, a * opacity], beneath);
    return { reached: own.reached, behind: { ink, seen: own.behind.seen * opacity } };
  }

  function inkAt(item: Exclude<Item, GroupItem>, point: Point): Ink | 'unknown' {
    if (item.kind === 'box') {
      if (!contains(item.rect, point.x, point.y)) return CLEAR;
      const fill = inkOf(item.fill);
      return item.gradient ? over(gradientAt(item.gradient, item.rect, point), fill) : fill;
    }
    if (item.kind === 'path') {
      // Where a shape is drawn is not worked out: only the one that carries the words is known to be beneath them.
      if (item.id === text.id && !item.gradient) return inkOf(item.fill);
      return inkOf(item.fill)[3] === 0 && !item.gradient ? CLEAR : 'unknown';
    }
    if (item.kind !== 'picture' || !contains(item.rect, point.x, point.y)) return CLEAR;
    const asset = withId(project.assets, item.asset);
    if (!asset || asset.width <= 0 || asset.height <= 0) return CLEAR;
    const { x, y } = spotOf(asset, item, point);
    if (x < 0 || y < 0 || x > 1 || y > 1) return CLEAR;
    const known = tones(item.asset);
    if (!known) return 'unknown';
    const cell = (share: number): number => Math.min(known.size - 1, Math.floor(share * known.size));
    const first = (cell(y) * known.size + cell(x)) * 4;
    const [r, g, b, a] = [0, 1, 2, 3].map((i) => known.pixels[first + i] ?? 0);
    return [r!, g!, b!, a! / 255];
  }
}

const holds = (items: readonly Item[], text: TextItem): boolean =>
  items.some((item) => item === text || (item.kind === 'group' && holds(item.items, text)));

/** Where a point on a text is drawn, in design pixels of the frame; null where the text is not among the items. */
export function placeOutside(items: readonly Item[], text: TextItem, at: Point): Point | null {
  for (const item of items) {
    if (item === text) return at;
    if (item.kind !== 'group') continue;
    const inner = placeOutside(item.items, text, at);
    if (inner) return outside(item, inner);
  }
  return null;
}

/** A point on what a group holds, as the group draws it. */
function outside({ x, y, turn, scale }: GroupItem, at: Point): Point {
  let point = at;
  if (scale)
    point = { x: scale.x + (point.x - scale.x) * scale.by, y: scale.y + (point.y - scale.y) * scale.by };
  if (turn) {
    if (turn.flipped) point = { ...point, x: 2 * turn.x - point.x };
    const radians = (turn.angle * Math.PI) / 180;
    const [dx, dy] = [point.x - turn.x, point.y - turn.y];
    point = {
      x: turn.x + dx * Math.cos(radians) - dy * Math.sin(radians),
      y: turn.y + dx * Math.sin(radians) + dy * Math.cos(radians),
    };
  }
  return { x: point.x + x, y: point.y + y };
}

/** A point on what a group holds. */
function within({ x, y, turn, scale }: GroupItem, at: Point): Point {
  let point = { x: at.x - x, y: at.y - y };
  if (turn) {
    const radians = (-turn.angle * Math.PI) / 180;
    const [dx, dy] = [point.x - turn.x, point.y - turn.y];
    point = {
      x: turn.x + dx * Math.cos(radians) - dy * Math.sin(radians),
      y: turn.y + dx * Math.sin(radians) + dy * Math.cos(radians),
    };
    if (turn.flipped) point.x = 2 * turn.x - point.x;
  }
  if (scale && scale.by !== 0)
    point = { x: scale.x + (point.x - scale.x) / scale.by, y: scale.y + (point.y - scale.y) / scale.by };
  return point;
}

/** A gradient at a point of the rect it fills, by CSS's angle. */
function gradientAt({ angle, stops }: Gradient, { x, y, width, height }: Rect, at: Point): Ink {
  const turn = (angle * Math.PI) / 180;
  const [dx, dy] = [Math.sin(turn), -Math.cos(turn)];
  const reach = Math.abs(dx) + Math.abs(dy);
  const p = 0.5 + (((at.x - x) / width - 0.5) * dx + ((at.y - y) / height - 0.5) * dy) / reach;
  const sorted = [...stops].sort((a, b) => a.at - b.at);
  const next = sorted.findIndex((stop) => stop.at > p);
  if (next === 0) return inkOf(sorted[0]!.colour);
  if (next < 0) return sorted.length > 0 ? inkOf(sorted.at(-1)!.colour) : CLEAR;
  const [a, b] = [sorted[next - 1]!, sorted[next]!];
  const share = (p - a.at) / (b.at - a.at);
  const [from, to] = [inkOf(a.colour), inkOf(b.colour)];
  return [0, 1, 2, 3].map((i) => from[i]! + (to[i]! - from[i]!) * share) as unknown as Ink;
}

/** Relative luminance of an opaque colour (WCAG 2.2). */
export function luminance([r, g, b]: Ink): number {
  const linear = (channel: number): number => {
    const c = channel / 255;
    return c <= 0.04045 ? c / 12.92 : ((c + 0.055) / 1.055) ** 2.4;
  };
  return 0.2126 * linear(r) + 0.7152 * linear(g) + 0.0722 * linear(b);
}

/** How far two opaque colours stand out from one another, 1 to 21 (WCAG 2.2). */
export function contrast(a: Ink, b: Ink): number {
  const [light, dark] = [luminance(a), luminance(b)].sort((x, y) => y - x) as [number, number];
  return (light + 0.05) / (dark + 0.05);
}
