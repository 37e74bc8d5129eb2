import { CARD, planMap, type MapLine, type MapPlan, type Point } from '../map';
import type { Layer, Link, Project, Screen } from '../model';
import { event, link, press, projectOf, screenOf, show } from './flows';

/** What is drawn on a map, looked at as boxes and straight pieces, without what drew it. */

export interface Rect {
  x: number;
  y: number;
  width: number;
  height: number;
}

interface Piece {
  a: Point;
  b: Point;
}

const piecesOf = ({ path }: MapLine): Piece[] => path.slice(1).map((b, i) => ({ a: path[i]!, b }));

const low = (n: number, m: number): number => Math.min(n, m);
const high = (n: number, m: number): number => Math.max(n, m);

/** Whether a piece runs through the inside of a box. */
const runsThrough = ({ a, b }: Piece, box: Rect): boolean =>
  high(a.x, b.x) > box.x &&
  low(a.x, b.x) < box.x + box.width &&
  high(a.y, b.y) > box.y &&
  low(a.y, b.y) < box.y + box.height;

const overlap = (a: Rect, b: Rect): boolean =>
  a.x < b.x + b.width && b.x < a.x + a.width && a.y < b.y + b.height && b.y < a.y + a.height;

const boxOf = (card: { x: number; y: number }): Rect => ({ ...card, width: CARD.width, height: CARD.height });

/** Everything on a map that covers what it should not, in words; nothing where all is well. */
export function faultsOf(plan: MapPlan): string[] {
  const faults: string[] = [];
  const cards = plan.cards.map((card) => ({ id: card.id, box: boxOf(card) }));
  const labels = plan.lines.map((line) => ({ line, box: line.label }));
  cards.forEach(({ id, box }, i) => {
    for (const other of cards.slice(i + 1))
      if (overlap(box, other.box)) faults.push(`${id} over ${other.id}`);
    for (const { line, box: label } of labels)
      if (overlap(box, label)) faults.push(`label ${line.key} over ${id}`);
  });
  labels.forEach(({ line, box }, i) => {
    for (const other of labels.slice(i + 1))
      if (overlap(box, other.box)) faults.push(`label ${line.key} over label ${other.line.key}`);
  });
  for (const line of plan.lines)
    for (const piece of piecesOf(line)) {
      for (const { id, box } of cards) if (runsThrough(piece, box)) faults.push(`${line.key} through ${id}`);
      for (const other of labels)
        if (runsThrough(piece, other.box)) faults.push(`${line.key} through label ${other.line.key}`);
    }
  return faults;
}

/** Whether one runs across and the other down, and they cross or one ends on the other. */
function cross(a: Piece, b: Piece): { x: number; y: number } | null {
  const across = a.a.y === a.b.y ? a : b;
  const down = across === a ? b : a;
  if (across.a.y !== across.b.y || down.a.x !== down.b.x) return null;
  const { x } = down.a;
  const { y } = across.a;
  const inX = x >= low(across.a.x, across.b.x) && x <= high(across.a.x, across.b.x);
  const inY = y >= low(down.a.y, down.b.y) && y <= high(down.a.y, down.b.y);
  return inX && inY ? { x, y } : null;
}

/** Whether two pieces lie on one another for a while. */
function coincide(a: Piece, b: Piece): boolean {
  if (a.a.x === a.b.x && b.a.x === b.b.x && a.a.x === b.a.x)
    return low(high(a.a.y, a.b.y), high(b.a.y, b.b.y)) > high(low(a.a.y, a.b.y), low(b.a.y, b.b.y));
  if (a.a.y === a.b.y && b.a.y === b.b.y && a.a.y === b.a.y)
    return low(high(a.a.x, a.b.x), high(b.a.x, b.b.x)) > high(low(a.a.x, a.b.x), low(b.a.x, b.b.x));
  return false;
}

/**
 * Where links that lead to different cards cross: each place once, however many of those that are joined run through it.
 */
export function crossingsOf(plan: MapPlan): { crossings: number; coincide: string[] } {
  const byTarget = new Map<string, Map<string, Piece>>();
  for (const line of plan.lines) {
    const pieces = byTarget.get(line.to) ?? new Map<string, Piece>();
    byTarget.set(line.to, pieces);
    for (const piece of piecesOf(line)) pieces.set(JSON.stringify(piece), piece);
  }
  const targets = [...byTarget.values()].map((pieces) => [...pieces.values()]);
  const same: string[] = [];
  let crossings = 0;
  targets.forEach((mine, i) => {
    for (const theirs of targets.slice(i + 1)) {
      const places = new Set<string>();
      for (const a of mine)
        for (const b of theirs) {
          const at = cross(a, b);
          if (at) places.add(`${at.x} ${at.y}`);
          if (coincide(a, b)) same.push(JSON.stringify([a, b]));
        }
      crossings += places.size;
    }
  });
  return { crossings, coincide: same };
}

/** The same numbers for the same seed, from 0 up to 1: Lehmer's generator with the multiplier of Park and Miller. */
export function numbersFrom(seed: number): () => number {
  let state = (seed % 2147483646) + 1;
  return () => (state = (state * 48271) % 2147483647) / 2147483647;
}

/** A flow of some size with areas in one another, layers, controls, gaps and links in all directions. */
export function anyFlow(seed: number, size: number): Project {
  const next = numbersFrom(seed);
  const pick = <T>(items: readonly T[]): T => items[Math.floor(next() * items.length)]!;
  const areas = Array.from({ length: Math.floor(next() * 5) }, (_, i) => ({
    id: `r${i}`,
    name: `Area ${i}`,
    parent: i > 0 && next() < 0.4 ? `r${Math.floor(next() * i)}` : null,
  }));
  const screens = Array.from({ length: size }, (_, i): Screen => {
    const layer: Layer = next() < 0.65 ? 'base' : pick(['overlay', 'overlay', 'notice', 'hud']);
    const area = areas.length > 0 && next() < 0.6 ? { area: pick(areas).id } : {};
    return screenOf(`s${i}`, { layer, ...area }, [`b${i}a`, `b${i}b`]);
  });
  const links = Array.from({ length: Math.floor(size * (1 + next())) }, (): Link => {
    const at = Math.floor(next() * size);
    // Most links lead somewhere near, as in games.
    const to = next() < 0.7 ? Math.min(size - 1, at + Math.floor(next() * 6)) : Math.floor(next() * size);
    const from = areas.length > 0 && next() < 0.15 ? pick(areas).id : `s${at}`;
    const trigger =
      from.startsWith('s') && next() < 0.6 ? press(`b${at}${pick(['a', 'b'])}`) : event('go on');
    if (next() < 0.1) return { ...link(from, trigger, 'go'), to: { gap: `Gap ${Math.floor(next() * 4)}` } };
    if (screens[to]!.layer === 'notice')
      return link(from, trigger, 'stay', undefined, { effects: [show(`s${to}`)] });
    return link(from, trigger, 'go', `s${to}`);
  });
  return projectOf(screens, links, { areas });
}

/** The cards that stand together in a row, where there are several, in a flow without gaps. */
export function cellsOf(project: Project, plan: MapPlan): string[][] {
  const cells = new Map<string, string[]>();
  for (const { id, layer, row } of plan.cards) {
    const area = layer === 'base' ? project.screens.find((screen) => screen.id === id)!.area : undefined;
    const key = `${layer} ${row} ${area}`;
    cells.set(key, [...(cells.get(key) ?? []), id]);
  }
  return [...cells.values()].filter(({ length }) => length > 1);
}

export const crossingsIn = (project: Project, order: ReadonlyMap<string, number>): number =>
  crossingsOf(
    planMap({
      ...project,
      screens: project.screens.map((screen) => ({ ...screen, order: order.get(screen.id) })),
    }),
  ).crossings;

export const withoutGaps = (project: Project): Project => ({
  ...project,
  links: project.links.filter(({ to }) => !to || 'screen' in to),
});

/**
 * The fewest crossings of some random orders of every row, each made better by changing places as long as that helps. The
 * flow has no gaps.
 */
export function fewestFrom(project: Project, beginnings: number, next: () => number): number {
  const cells = cellsOf(project, planMap(project));
  let best = Infinity;
  for (let beginning = 0; beginning < beginnings; beginning++) {
    const order = new Map(
      cells.flatMap((cell) =>
        cell
          .map((id) => ({ id, key: next() }))
          .sort((a, b) => a.key - b.key)
          .map(({ id }, i): [string, number] => [id, i]),
      ),
    );
    let cost = crossingsIn(project, order);
    for (let better = true; better;) {
      better = false;
      for (const cell of cells)
        for (const [i, a] of cell.entries())
          for (const b of cell.slice(i + 1)) {
            const [first, second] = [order.get(a)!, order.get(b)!];
            order.set(a, second).set(b, first);
            const now = crossingsIn(project, order);
            if (now < cost) [cost, better] = [now, true];
            else order.set(a, first).set(b, second);
          }
    }
    best = Math.min(best, cost);
  }
  return best;
}
