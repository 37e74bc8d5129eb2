import svgpath from 'svgpath';
import { SaxesParser } from 'saxes';
import { pointsAlong } from '../drawing';
import type { Point, ShapeLine, ShapePoint } from '../model';
import { refusal, type Refusal } from '../refusal';

/** A drawing (SVG) read as a shape: its outlines as points, in shares of the box around all of them. */
export interface ReadOutline {
  lines: ShapeLine[];
  /** The box around it, in the drawing’s own units. */
  width: number;
  height: number;
}

/** More points than this are no shape to edit. */
const MOST_POINTS = 5000;

/**
 * Reads the outlines of paths, polygons, lines, rectangles, circles and ellipses of an SVG document, moved as their groups
 * are (SVG 2, `transform`). What is only told of in `defs` is left out.
 */
export function readOutline(text: string): ReadOutline | Refusal {
  let found: string[];
  try {
    found = pathsOf(text);
  } catch (error) {
    return refusal('fault', { says: `It is no drawing: ${error instanceof Error ? error.message : ''}` });
  }
  const lines = found.flatMap(linesOfPath);
  const points = lines.flatMap((line) => line.points);
  if (points.length < 2) return refusal('no outline');
  if (points.length > MOST_POINTS)
    return refusal('too many points', { max: MOST_POINTS, has: points.length });
  return withinBox(lines);
}

/** The `d` of every outline, in the units of the whole. */
function pathsOf(text: string): string[] {
  const parser = new SaxesParser();
  const found: string[] = [];
  const moves: string[] = [];
  let told = 0;
  parser.on('opentag', ({ name, attributes }) => {
    const local = name.replace(/^.*:/, '');
    moves.push(attributes.transform ?? '');
    if (TOLD.has(local)) told++;
    const d = told === 0 ? SHAPES[local]?.(attributes) : undefined;
    if (d)
      found.push(
        moves.reduceRight((path, move) => (move ? path.transform(move) : path), svgpath(d)).toString(),
      );
  });
  parser.on('closetag', ({ name }) => {
    moves.pop();
    if (TOLD.has(name.replace(/^.*:/, ''))) told--;
  });
  parser.on('error', (error) => {
    throw error;
  });
  parser.write(text).close();
  return found;
}

/** What stands in these is drawn only where something else refers to it. */
const TOLD = new Set(['defs', 'clipPath', 'mask', 'symbol', 'pattern', 'marker']);

type Attributes = Record<string, string>;

const SHAPES: Record<string, (attributes: Attributes) => string | undefined> = {
  path: ({ d }) => d,
  polygon: ({ points }) => points && `M${points}Z`,
  polyline: ({ points }) => points && `M${points}`,
  line: ({ x1 = '0', y1 = '0', x2 = '0', y2 = '0' }) => `M${x1} ${y1}L${x2} ${y2}`,
  rect: ({ x = '0', y = '0', width, height }) =>
    width && height && `M${x} ${y}h${width}v${height}h-${width}Z`,
  circle: ({ cx = '0', cy = '0', r }) => r && oval(+cx, +cy, +r, +r),
  ellipse: ({ cx = '0', cy = '0', rx, ry }) => rx && ry && oval(+cx, +cy, +rx, +ry),
};

const oval = (x: number, y: number, rx: number, ry: number): string =>
  `M${x - rx} ${y}A${rx} ${ry} 0 0 1 ${x + rx} ${y}A${rx} ${ry} 0 0 1 ${x - rx} ${y}Z`;

/** Every line of a path by its points; arcs and quadratic curves become cubic ones. */
function linesOfPath(d: string): ShapeLine[] {
  const lines: ShapeLine[] = [];
  let points: ShapePoint[] = [];
  const end = (open: boolean): void => {
    if (points.length > 1) lines.push(open ? { points, open: true } : closed(points));
    points = [];
  };
  svgpath(d)
    .abs()
    .unshort()
    .unarc()
    .iterate((segment, _, x, y) => {
      const [name, ...n] = segment as [string, ...number[]];
      if (name === 'M') {
        end(true);
        points.push({ x: n[0]!, y: n[1]! });
        return;
      }
      if (name === 'Z' || name === 'z') {
        const first = points[0];
        end(false);
        // What follows begins where the closed line began.
        if (first) points.push({ x: first.x, y: first.y });
        return;
      }
      const curve = cubic(name, n, { x, y });
      if (!curve) return;
      if (curve.after) points.at(-1)!.after = curve.after;
      points.push(curve.to);
    });
  end(true);
  return lines;
}

/** The point a segment leads to with its handle, and the handle of the one it comes from. */
function cubic(name: string, n: number[], from: Point): { after?: Point; to: ShapePoint } | null {
  switch (name) {
    case 'L':
      return { to: { x: n[0]!, y: n[1]! } };
    case 'H':
      return { to: { x: n[0]!, y: from.y } };
    case 'V':
      return { to: { x: from.x, y: n[0]! } };
    case 'C':
      return {
        after: { x: n[0]!, y: n[1]! },
        to: { x: n[4]!, y: n[5]!, before: { x: n[2]!, y: n[3]! } },
      };
    case 'Q': {
      const [by, to] = [
        { x: n[0]!, y: n[1]! },
        { x: n[2]!, y: n[3]! },
      ];
      // A quadratic curve is the cubic one whose handles reach two thirds of the way to its one.
      const towards = (end: Point): Point => ({
        x: end.x + ((by.x - end.x) * 2) / 3,
        y: end.y + ((by.y - end.y) * 2) / 3,
      });
      return { after: towards(from), to: { ...to, before: towards(to) } };
    }
    default:
      return null;
  }
}

/** A last point on the first is the first. */
function closed(points: ShapePoint[]): ShapeLine {
  const [first, last] = [points[0]!, points.at(-1)!];
  if (points.length < 3 || Math.hypot(first.x - last.x, first.y - last.y) > 1e-6) return { points };
  const { before } = last;
  return { points: [{ ...first, ...(before ? { before } : {}) }, ...points.slice(1, -1)] };
}

/** The same in shares of the box around what is drawn; handles may reach out of it. */
function withinBox(lines: readonly ShapeLine[]): ReadOutline {
  const points = lines.flatMap(pointsAlong);
  const span = (of: 'x' | 'y') => {
    const all = points.map((point) => point[of]);
    const least = Math.min(...all);
    const size = Math.max(...all) - least;
    const share = (n: number): number => (size === 0 ? 0.5 : Math.round(((n - least) / size) * 1e5) / 1e5);
    return { size: size || 1, share };
  };
  const [across, down] = [span('x'), span('y')];
  const at = ({ x, y }: Point): Point => ({ x: across.share(x), y: down.share(y) });
  return {
    width: across.size,
    height: down.size,
    lines: lines.map(({ points: own, ...line }) => ({
      ...line,
      points: own.map(({ before, after, ...point }) => ({
        ...at(point),
        ...(before ? { before: at(before) } : {}),
        ...(after ? { after: at(after) } : {}),
      })),
    })),
  };
}
