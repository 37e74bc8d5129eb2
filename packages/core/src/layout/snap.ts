import type { Rect, Span, Axis } from '../geometry';

/** What a moved or resized element snaps to, and the distances around it. Design pixels throughout. */

export interface Snapped {
  /** What to add to the movement. */
  x: number;
  y: number;
  /** The guides it has snapped to. */
  lines: SnapLine[];
}
/** A line across the frame at `at`, from one end of what stands on it to the other. */
export interface SnapLine {
  axis: Axis;
  at: number;
  from: number;
  to: number;
}

export type Edge = 'start' | 'middle' | 'end';
export const EVERY_EDGE: readonly Edge[] = ['start', 'middle', 'end'];

export const spanOf = (rect: Rect, axis: Axis): Span =>
  axis === 'x' ? { start: rect.x, size: rect.width } : { start: rect.y, size: rect.height };

const edgeOf = ({ start, size }: Span, edge: Edge): number =>
  edge === 'start' ? start : edge === 'end' ? start + size : start + size / 2;

/**
 * Where a dragged rect comes to lie: one of its edges or its centre on that of another within `reach`, else its
 * start on the
 * grid. All lengths in design pixels.
 * @param edges the edges that move with the drag, by axis
 * @param grid the grid’s spacing; 0 for none
 */
export function snap(
  rect: Rect,
  others: readonly Rect[],
  edges: { x: readonly Edge[]; y: readonly Edge[] },
  { reach, grid }: { reach: number; grid: number },
): Snapped {
  const lines: SnapLine[] = [];
  const along = (axis: Axis): number => {
    let best: { by: number; at: number; other: Rect } | null = null;
    for (const mine of edges[axis])
      for (const other of others)
        for (const theirs of EVERY_EDGE) {
          // A centre snaps to centres only; edges snap to edges.
          if ((mine === 'middle') !== (theirs === 'middle')) continue;
          const at = edgeOf(spanOf(other, axis), theirs);
          const by = at - edgeOf(spanOf(rect, axis), mine);
          if (Math.abs(by) <= reach && (!best || Math.abs(by) < Math.abs(best.by))) best = { by, at, other };
        }
    if (best) {
      const across = axis === 'x' ? 'y' : 'x';
      const [a, b] = [spanOf(rect, across), spanOf(best.other, across)];
      lines.push({
        axis: axis,
        at: best.at,
        from: Math.min(a.start, b.start),
        to: Math.max(a.start + a.size, b.start + b.size),
      });
      return best.by;
    }
    const [edge] = edges[axis];
    if (grid <= 0 || edge === undefined) return 0;
    const at = edgeOf(spanOf(rect, axis), edge);
    return Math.round(at / grid) * grid - at;
  };
  const x = along('x');
  const y = along('y');
  return { x, y, lines };
}

/** The free way from a rect to the nearest thing on one side of it. */
export interface Gap {
  side: 'left' | 'right' | 'top' | 'bottom';
  /** Where it runs: from the rect's edge to the other's. */
  from: { x: number; y: number };
  to: { x: number; y: number };
  distance: number;
}

/** Distances from a rect to its nearest neighbours beside, above and below it. */
export function gapsAround(rect: Rect, others: readonly Rect[]): Gap[] {
  const gaps: Gap[] = [];
  for (const axis of ['x', 'y'] as const)
    for (const sign of [-1, 1] as const) {
      const across = axis === 'x' ? 'y' : 'x';
      const mine = spanOf(rect, axis);
      let nearest: { distance: number; middle: number } | null = null;
      for (const other of others) {
        const theirs = spanOf(other, axis);
        const distance =
          sign < 0 ? mine.start - theirs.start - theirs.size : theirs.start - mine.start - mine.size;
        const [a, b] = [spanOf(rect, across), spanOf(other, across)];
        const from = Math.max(a.start, b.start);
        const to = Math.min(a.start + a.size, b.start + b.size);
        if (distance < 0 || to <= from) continue;
        if (!nearest || distance < nearest.distance) nearest = { distance, middle: (from + to) / 2 };
      }
      if (!nearest) continue;
      const edge = sign < 0 ? mine.start : mine.start + mine.size;
      const far = edge + sign * nearest.distance;
      const point = (at: number) =>
        axis === 'x' ? { x: at, y: nearest!.middle } : { x: nearest!.middle, y: at };
      gaps.push({
        side: axis === 'x' ? (sign < 0 ? 'left' : 'right') : sign < 0 ? 'top' : 'bottom',
        from: point(edge),
        to: point(far),
        distance: nearest.distance,
      });
    }
  return gaps;
}

/** How far each rect moves, in design pixels, so that its start, middle or end lies on that of `to`. */
export function alignTo(rects: readonly Rect[], to: Rect, axis: Axis, edge: Edge): number[] {
  const at = edgeOf(spanOf(to, axis), edge);
  return rects.map((rect) => at - edgeOf(spanOf(rect, axis), edge));
}

/** How far each rect moves, in design pixels, so that all gaps are equal; the outermost two stay. */
export function spread(rects: readonly Rect[], axis: Axis): number[] {
  const order = rects
    .map((rect, i) => ({ i, ...spanOf(rect, axis) }))
    .sort((a, b) => a.start - b.start || a.i - b.i);
  const moves = rects.map(() => 0);
  const [first] = order;
  const last = order.at(-1);
  if (!first || !last || order.length < 3) return moves;
  const room = last.start + last.size - first.start;
  const gap = (room - order.reduce((sum, item) => sum + item.size, 0)) / (order.length - 1);
  let at = first.start;
  for (const item of order) {
    moves[item.i] = at - item.start;
    at += item.size + gap;
  }
  return moves;
}

/** The smallest rect around some. */
export function around(rects: readonly Rect[]): Rect {
  const x = Math.min(...rects.map((rect) => rect.x));
  const y = Math.min(...rects.map((rect) => rect.y));
  return {
    x,
    y,
    width: Math.max(...rects.map((rect) => rect.x + rect.width)) - x,
    height: Math.max(...rects.map((rect) => rect.y + rect.height)) - y,
  };
}
