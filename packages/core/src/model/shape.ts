/** Shapes that are drawn by their outline. Points are shares of the place they are drawn in: 0 to 1 across and down. */

export interface Point {
  x: number;
  y: number;
}

/** Where a line turns; with handles, it leaves and arrives along them, as a cubic Bézier curve. */
export interface ShapePoint extends Point {
  /** The handle on the way to it. */
  before?: Point;
  /** The handle on the way from it. */
  after?: Point;
}

/** From point to point, and back to the first unless it is open. */
export interface ShapeLine {
  points: ShapePoint[];
  open?: true;
}

export type ShapeForm =
  /** All sides alike, as large as its place. */
  | { is: 'polygon'; corners: number }
  /** `inner`: how far its inner corners are from the middle, as a share of its outer ones. */
  | { is: 'star'; corners: number; inner: number }
  /** A part of a ring: degrees, clockwise from the top; its width in design pixels, filled to the middle where it is wide. */
  | { is: 'arc'; start: number; sweep: number; width: number }
  /** Drawn by points. */
  | { is: 'path'; lines: ShapeLine[] };
