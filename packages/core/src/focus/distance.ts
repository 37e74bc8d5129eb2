import type { Rect } from '../geometry';
import type { Direction } from '../model';

const ORTHOGONAL_WEIGHT = { left: 30, right: 30, up: 2, down: 2 } as const;
/** The most that alignment can reduce the distance by. */
export const ALIGN_WEIGHT = 5;

/**
 * How far a candidate is in a direction, by the distance function of the W3C CSS Spatial Navigation draft
 * (euclidean + displacement − alignment − √overlap), in design pixels.
 */
export function navigationDistance(from: Rect, to: Rect, direction: Direction): number {
  const sideways = direction === 'left' || direction === 'right';
  const dx = gap(from.x, from.x + from.width, to.x, to.x + to.width);
  const dy = gap(from.y, from.y + from.height, to.y, to.y + to.height);
  const shared = sideways
    ? overlap(from.y, from.y + from.height, to.y, to.y + to.height)
    : overlap(from.x, from.x + from.width, to.x, to.x + to.width);
  const own = sideways ? from.height : from.width;
  const across = sideways ? dy : dx;
  const aligned = shared > 0;
  const displacement = (across + (aligned ? 0 : own / 2)) * ORTHOGONAL_WEIGHT[direction];
  const alignment = aligned && own > 0 ? Math.min(shared / own, 1) * ALIGN_WEIGHT : 0;
  const area =
    overlap(from.x, from.x + from.width, to.x, to.x + to.width) *
    overlap(from.y, from.y + from.height, to.y, to.y + to.height);
  return Math.hypot(dx, dy) + displacement - alignment - Math.sqrt(area);
}

/** Whether a candidate lies in a direction: its centre beyond ours and its far edge beyond our far edge. */
export function liesIn(from: Rect, to: Rect, direction: Direction): boolean {
  const cx = to.x + to.width / 2 - (from.x + from.width / 2);
  const cy = to.y + to.height / 2 - (from.y + from.height / 2);
  switch (direction) {
    case 'up':
      return cy < 0 && to.y < from.y;
    case 'down':
      return cy > 0 && to.y + to.height > from.y + from.height;
    case 'left':
      return cx < 0 && to.x < from.x;
    case 'right':
      return cx > 0 && to.x + to.width > from.x + from.width;
  }
}

const gap = (a1: number, a2: number, b1: number, b2: number): number => Math.max(0, b1 - a2, a1 - b2);
const overlap = (a1: number, a2: number, b1: number, b2: number): number =>
  Math.max(0, Math.min(a2, b2) - Math.max(a1, b1));
