import type { Point } from '@tavu/core/map';

/** Where the map is seen from: its offset in pixels of the page, and how near. */
export interface View {
  x: number;
  y: number;
  k: number;
}

/** How far out one goes by hand, and how near; a map that is larger still is seen from as far as it takes. */
const FARTHEST = 0.15;
const NEAREST = 2.5;

/** Lines of a wheel that tells no pixels. */
const LINE = 16;

/** Nearer or further by a factor, with one point of the frame staying where it is. */
export function zoomedAt(view: View, by: number, at: { x: number; y: number }, farthest = FARTHEST): View {
  const k = Math.min(NEAREST, Math.max(Math.min(FARTHEST, farthest), view.k * by));
  const share = k / view.k;
  return { k, x: at.x - (at.x - view.x) * share, y: at.y - (at.y - view.y) * share };
}

type Wheel = Pick<WheelEvent, 'deltaX' | 'deltaY' | 'deltaMode' | 'ctrlKey' | 'metaKey' | 'shiftKey'>;

/** A wheel scrolls, with Shift to the side; with Ctrl, as a pinch on a touchpad is told, it zooms about the pointer. */
export function wheeled(view: View, wheel: Wheel, at: { x: number; y: number }, farthest?: number): View {
  const scale = wheel.deltaMode === 0 ? 1 : LINE;
  const [dx, dy] = [wheel.deltaX * scale, wheel.deltaY * scale];
  if (wheel.ctrlKey || wheel.metaKey) {
    // A pinch tells small steps, a wheel large ones.
    const by = Math.max(-60, Math.min(60, dy));
    return zoomedAt(view, Math.exp(-by / 140), at, farthest);
  }
  const [x, y] = wheel.shiftKey && dx === 0 ? [dy, 0] : [dx, dy];
  return { ...view, x: view.x - x, y: view.y - y };
}

/** Two fingers that were at some points and are at others now: what lies under them stays under them. */
export function pinched(
  view: View,
  before: readonly [Point, Point],
  now: readonly [Point, Point],
  farthest?: number,
): View {
  const apart = ([a, b]: readonly [Point, Point]): number => Math.max(1, Math.hypot(a.x - b.x, a.y - b.y));
  const middle = ([a, b]: readonly [Point, Point]): Point => ({ x: (a.x + b.x) / 2, y: (a.y + b.y) / 2 });
  const [from, to] = [middle(before), middle(now)];
  const moved = { ...view, x: view.x + to.x - from.x, y: view.y + to.y - from.y };
  return zoomedAt(moved, apart(now) / apart(before), to, farthest);
}

/** The view that shows the whole of a map of some size, clear of rulers so thick, and no nearer than `nearest`. */
export function whole(
  frame: { width: number; height: number },
  map: { width: number; height: number },
  edge: { ruler: number; margin: number; nearest: number },
): View {
  const k = Math.min(
    edge.nearest,
    (frame.width - edge.ruler) / (map.width + 8),
    (frame.height - edge.ruler) / (map.height + 8),
  );
  return {
    k,
    x: Math.max(edge.ruler - edge.margin * k, (frame.width - map.width * k) / 2),
    y: Math.max(2, edge.ruler - edge.margin * k),
  };
}

/** The view that shows a part of the map as large as it can be, but not nearer than it is drawn. */
export function within(
  frame: { width: number; height: number },
  box: { x: number; y: number; width: number; height: number },
): View {
  const k = Math.min(1, (0.86 * frame.width) / box.width, (0.86 * frame.height) / box.height);
  return {
    k,
    x: frame.width / 2 - (box.x + box.width / 2) * k,
    y: frame.height / 2 - (box.y + box.height / 2) * k,
  };
}
