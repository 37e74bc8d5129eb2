import type { Rect } from '../geometry';

/** Whether a point lies in a rect, its edges included. */
export const contains = (rect: Rect, x: number, y: number): boolean =>
  x >= rect.x && x <= rect.x + rect.width && y >= rect.y && y <= rect.y + rect.height;
