import type { Id } from '../model';

/** In design pixels, from the frame's top left corner. */
export interface Rect {
  x: number;
  y: number;
  width: number;
  height: number;
}

/** Start and size on one axis. */
export interface Span {
  start: number;
  size: number;
}

export type Axis = 'x' | 'y';

/** Where each element stands. */
export type Solved = Map<Id, Rect>;
