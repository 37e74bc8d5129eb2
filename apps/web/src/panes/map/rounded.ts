import type { Point } from '@tavu/core/map';

/** How wide the corners of links are rounded, in map pixels. */
const RADIUS = 6;

/** A path through some corners, as SVG's path data, each corner rounded as far as the pieces beside it have room. */
export function rounded(points: readonly Point[]): string {
  if (points.length < 2) return '';
  const [first, ...rest] = points;
  let path = `M${first!.x} ${first!.y}`;
  rest.forEach((corner, i) => {
    const before = points[i]!;
    const after = rest[i + 1];
    const into = Math.hypot(corner.x - before.x, corner.y - before.y);
    const out = after ? Math.hypot(after.x - corner.x, after.y - corner.y) : 0;
    const radius = Math.min(RADIUS, into / 2, out / 2);
    if (!after || radius === 0) {
      path += `L${corner.x} ${corner.y}`;
      return;
    }
    const towards = (to: Point, far: number): string =>
      `${corner.x + ((to.x - corner.x) / far) * radius} ${corner.y + ((to.y - corner.y) / far) * radius}`;
    path += `L${towards(before, into)}Q${corner.x} ${corner.y} ${towards(after, out)}`;
  });
  return path;
}
