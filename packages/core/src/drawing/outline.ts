import type { Rect } from '../geometry';
import type { Point, ShapeForm, ShapeLine, ShapePoint } from '../model';
import { ringPath } from './bars';

/** The outlines of shapes, as SVG path data in design pixels. */

/**
 * @param corner how far corners are rounded, in design pixels; those of arcs are not, nor points that have handles
 */
export function outlineOf(form: ShapeForm, rect: Rect, corner: number): string {
  if (form.is === 'arc') return ringPath(rect, form.start, form.start + form.sweep, form.width);
  return linesOf(form)
    .map((line) => drawn(line, rect, corner))
    .join('');
}

/** The same shape as points that can be moved one by one; an arc stays what it is. */
export function linesOf(form: Exclude<ShapeForm, { is: 'arc' }>): readonly ShapeLine[] {
  switch (form.is) {
    case 'polygon':
      return [{ points: around(form.corners, () => 1) }];
    case 'star':
      return [{ points: around(form.corners * 2, (i) => (i % 2 === 0 ? 1 : form.inner)) }];
    case 'path':
      return form.lines;
  }
}

/** Points round a middle from the top on, stretched so that they reach every side of their place. */
function around(count: number, reach: (i: number) => number): Point[] {
  const points = Array.from({ length: count }, (_, i) => {
    const turn = (i / count) * 2 * Math.PI;
    return { x: reach(i) * Math.sin(turn), y: -reach(i) * Math.cos(turn) };
  });
  const span = (of: 'x' | 'y') => {
    const all = points.map((point) => point[of]);
    const least = Math.min(...all);
    const size = Math.max(...all) - least;
    return (n: number): number => (size === 0 ? 0.5 : near((n - least) / size));
  };
  const [across, down] = [span('x'), span('y')];
  return points.map(({ x, y }) => ({ x: across(x), y: down(y) }));
}

function drawn({ points, open }: ShapeLine, rect: Rect, corner: number): string {
  if (points.length < 2) return '';
  const at = ({ x, y }: Point): Point => ({ x: rect.x + x * rect.width, y: rect.y + y * rect.height });
  const corners = points.map((point, i) => {
    const ends = open && (i === 0 || i === points.length - 1);
    const [before, after] = [points.at(i - 1)!, points[(i + 1) % points.length]!];
    return turnAt(at(point), isSharp(before, point, after) && !ends ? corner : 0, at(before), at(after));
  });
  const segment = (i: number): string => {
    const [from, to] = [points[i]!, points[(i + 1) % points.length]!];
    const end = corners[(i + 1) % points.length]!;
    if (!from.after && !to.before) return `L${said(end.from)}${end.round}`;
    const [first, second] = [at(from.after ?? from), at(to.before ?? to)];
    return `C${said(first)} ${said(second)} ${said(end.from)}${end.round}`;
  };
  const many = open ? points.length - 1 : points.length;
  const start = corners[0]!;
  return `M${said(start.to)}${Array.from({ length: many }, (_, i) => segment(i)).join('')}${open ? '' : 'Z'}`;
}

/** Whether straight lines lead to a point and from it. */
const isSharp = (before: ShapePoint, point: ShapePoint, after: ShapePoint): boolean =>
  !point.before && !point.after && !before.after && !after.before;

/** A corner: where the line that leads to it ends, how it is rounded, and where the next begins. */
function turnAt(
  point: Point,
  corner: number,
  before: Point,
  after: Point,
): { from: Point; to: Point; round: string } {
  const towards = (other: Point): Point | null => {
    const far = Math.hypot(other.x - point.x, other.y - point.y);
    // Two rounded corners share the line between them.
    const by = Math.min(corner, far / 2) / far;
    return far > 0 ? { x: point.x + (other.x - point.x) * by, y: point.y + (other.y - point.y) * by } : null;
  };
  const [from, to] = corner > 0 ? [towards(before), towards(after)] : [null, null];
  if (!from || !to) return { from: point, to: point, round: '' };
  return { from, to, round: `Q${said(point)} ${said(to)}` };
}

/** The points of a line, and some on every curve: a curve reaches less far than its handles. */
export const pointsAlong = ({ points, open }: ShapeLine): Point[] =>
  points.flatMap((from, i) => {
    const to = points[i + 1] ?? (open ? undefined : points[0]);
    if (!to || (!from.after && !to.before)) return [from];
    const [second, third] = [from.after ?? from, to.before ?? to];
    return Array.from({ length: 16 }, (_, n) => {
      const t = n / 16;
      const on = (of: 'x' | 'y'): number =>
        (1 - t) ** 3 * from[of] +
        3 * (1 - t) ** 2 * t * second[of] +
        3 * (1 - t) * t * t * third[of] +
        t ** 3 * to[of];
      return { x: on('x'), y: on('y') };
    });
  });

/**
 * The same lines with the rect drawn round them closely.
 * @param rect the rect that their points are shares of, in design pixels; no side of the new one is under 1
 */
export function fittedLines(lines: readonly ShapeLine[], rect: Rect): { lines: ShapeLine[]; rect: Rect } {
  const points = lines.flatMap(pointsAlong);
  if (points.length === 0) return { lines: [...lines], rect };
  const side = (of: 'x' | 'y', start: number, size: number) => {
    const all = points.map((point) => start + point[of] * size);
    const [least, most] = [Math.min(...all), Math.max(...all)];
    const long = Math.max(1, most - least);
    // What is thinner than that stands in its middle.
    const from = (least + most - long) / 2;
    return { from, long, share: (n: number): number => near((start + n * size - from) / long) };
  };
  const [across, down] = [side('x', rect.x, rect.width), side('y', rect.y, rect.height)];
  const at = ({ x, y }: Point): Point => ({ x: across.share(x), y: down.share(y) });
  return {
    rect: { x: near(across.from), y: near(down.from), width: near(across.long), height: near(down.long) },
    lines: lines.map((line) => ({
      ...line,
      points: line.points.map(({ before, after, ...point }) => ({
        ...at(point),
        ...(before ? { before: at(before) } : {}),
        ...(after ? { after: at(after) } : {}),
      })),
    })),
  };
}

/** A point changed within lines; null takes it out, and a line of one point with it. */
export const withPoint = (
  lines: readonly ShapeLine[],
  line: number,
  point: number,
  to: ShapePoint | null,
): ShapeLine[] =>
  lines.flatMap((each, i) => {
    if (i !== line) return [each];
    const points = each.points.flatMap((own, n) => (n === point ? (to ? [to] : []) : [own]));
    return points.length > 1 ? [{ ...each, points }] : [];
  });

/** Lines with another point half way to the one that follows. */
export const withPointAfter = (lines: readonly ShapeLine[], line: number, point: number): ShapeLine[] =>
  lines.map((each, i) => {
    if (i !== line) return each;
    const from = each.points[point]!;
    const to = each.points[(point + 1) % each.points.length]!;
    const [, , , , , , , , middle] = pointsAlong({ points: [from, to], open: true });
    const half = middle ?? { x: (from.x + to.x) / 2, y: (from.y + to.y) / 2 };
    const { after: _, ...start } = from;
    const points = [...each.points.slice(0, point), start, half, ...each.points.slice(point + 1)];
    return { ...each, points };
  });

/** A point moved with its handles. */
export const movedPoint = ({ x, y, before, after }: ShapePoint, by: Point): ShapePoint => ({
  x: x + by.x,
  y: y + by.y,
  ...(before ? { before: { x: before.x + by.x, y: before.y + by.y } } : {}),
  ...(after ? { after: { x: after.x + by.x, y: after.y + by.y } } : {}),
});

/** A point made smooth, with handles along the line between its neighbours; or a corner, without. */
export function turnedPoint({ points }: ShapeLine, at: number, smooth: boolean): ShapePoint {
  const { x, y } = points[at]!;
  if (!smooth) return { x, y };
  const [from, to] = [points.at(at - 1)!, points[(at + 1) % points.length]!];
  const reach = { x: (to.x - from.x) / 4, y: (to.y - from.y) / 4 };
  return { x, y, before: { x: x - reach.x, y: y - reach.y }, after: { x: x + reach.x, y: y + reach.y } };
}

const near = (n: number): number => Math.round(n * 1e4) / 1e4;
const said = ({ x, y }: Point): string => `${near(x)} ${near(y)}`;
