import type { Easing } from '../model';

/** The CSS easing keywords (W3C CSS Easing Functions 1) as functions of progress, 0 to 1. */
export function ease(easing: Easing, p: number): number {
  if (p <= 0) return 0;
  if (p >= 1) return 1;
  const curve = CURVES[easing];
  return curve ? bezier(curve, p) : p;
}

type Curve = readonly [number, number, number, number];

const CURVES: Partial<Record<Easing, Curve>> = {
  ease: [0.25, 0.1, 0.25, 1],
  'ease-in': [0.42, 0, 1, 1],
  'ease-out': [0, 0, 0.58, 1],
  'ease-in-out': [0.42, 0, 0.58, 1],
};

function bezier([x1, y1, x2, y2]: Curve, x: number): number {
  // The curve's x rises throughout, so halving finds its parameter; 40 halvings are below any pixel.
  let low = 0;
  let high = 1;
  for (let i = 0; i < 40; i++) {
    const t = (low + high) / 2;
    if (cubic(x1, x2, t) < x) low = t;
    else high = t;
  }
  return cubic(y1, y2, (low + high) / 2);
}

const cubic = (a: number, b: number, t: number): number =>
  3 * a * t * (1 - t) * (1 - t) + 3 * b * t * t * (1 - t) + t * t * t;
