import { expand } from '../component';
import { solveLayout } from '../layout';
import type { Solved } from '../geometry';
import type { Id, Link, Project, Screen } from '../model';
import { elementOf } from '../triggers';
import { triggerLabel } from '../triggers/author';
import { CARD, type MapCard, type MapPlan } from './place';
import { leadsTo } from './steps';

export interface Point {
  x: number;
  y: number;
}

/** A line on the map, for one link or several with the same ends that no control on the card sets off. */
export interface MapLine {
  key: string;
  links: Id[];
  from: Id;
  to: Id;
  /** To a notice, or to a screen that is not made yet. */
  dashed: boolean;
  /** Where a line would cross much of the map, a short piece with the name of where it leads. */
  stub: string | null;
  start: Point;
  /** A cubic curve's two middle points. */
  bends: [Point, Point];
  end: Point;
  label: Point;
}

const LABEL_HEIGHT = 18;

/** How wide a line's label is, near enough to keep labels apart: its first three triggers, each with a mark. */
function labelSize(line: MapLine, triggers: ReadonlyMap<Id, string>): { width: number; height: number } {
  const words = line.links.slice(0, 3).map((id) => 18 + 6 * Math.min(16, triggers.get(id)!.length));
  const stub = line.stub === null ? 0 : 20 + 6 * Math.min(18, line.stub.length);
  return {
    height: LABEL_HEIGHT,
    width: Math.min(
      150,
      words.reduce((sum, width) => sum + width, stub),
    ),
  };
}

/** The longest way a line is drawn, in map pixels; what leads further is a stub. */
const LONGEST = 620;
const STUB = 14;

/**
 * Lines start at the very control that sets the link off and end at the edge of the card they lead to. The links of an
 * area start at its box.
 */
export function planLines(project: Project, plan: MapPlan): MapLine[] {
  const cards = new Map(plan.cards.map((card) => [card.id, card]));
  const cardOf = (id: Id): MapCard | undefined => cards.get(plan.stands.get(id) ?? id);
  const layouts: Layouts = new Map();
  for (const screen of project.screens) layouts.set(screen.id, layoutOf(project, screen));
  const boxes = new Map(plan.areas.filter((area) => !area.folded).map((area) => [area.id, area]));
  const lines = new Map<string, MapLine>();
  for (const link of project.links) {
    const box = boxes.get(link.from);
    const from = cardOf(link.from);
    if (!from && !box) continue;
    for (const target of leadsTo(link)) {
      const to = cardOf(target);
      if (!to || (from?.holds && from === to)) continue;
      const control = from?.holds ? '' : (elementOf(link.trigger) ?? '');
      const key = `${from?.id ?? link.from} ${control} ${to.id}`;
      const known = lines.get(key);
      if (known) known.links.push(link.id);
      else if (box) lines.set(key, fromBox(key, link, box, to));
      else
        lines.set(
          key,
          shortened(lineBetween(key, link, from!, to, controlPoint(project, layouts, from!, link)), to, {
            x: from!.x,
            width: CARD.width,
          }),
        );
    }
  }
  const all = [...lines.values()];
  placeLabels(project, all, plan.cards);
  return all;
}

/** A line too long to follow becomes a stub beside what it starts from, which says where it leads. */
function shortened(line: MapLine, to: MapCard, from: { x: number; width: number }): MapLine {
  const { start, end } = line;
  if (Math.hypot(end.x - start.x, end.y - start.y) <= LONGEST) return line;
  const out = { x: end.x < start.x ? from.x - STUB : from.x + from.width + STUB, y: start.y };
  const on = (share: number): Point => ({ x: start.x + (out.x - start.x) * share, y: start.y });
  return { ...line, stub: to.name, end: out, bends: [on(1 / 3), on(2 / 3)] };
}

function fromBox(key: string, link: Link, box: MapPlan['areas'][number], to: MapCard): MapLine {
  const right = to.x + CARD.width / 2 > box.x + box.width / 2;
  const start = { x: right ? box.x + box.width : box.x, y: box.y + 10 };
  const end = { x: right ? to.x : to.x + CARD.width, y: to.y + 20 };
  const reach = right ? 40 : -40;
  const line: MapLine = {
    key,
    links: [link.id],
    from: box.id,
    to: to.id,
    dashed: to.gap || to.layer === 'notice',
    stub: null,
    start,
    end,
    bends: [
      { x: start.x + reach, y: start.y },
      { x: end.x - reach, y: end.y },
    ],
    label: { x: 0, y: 0 },
  };
  return shortened(line, to, box);
}

type Layouts = Map<Id, Solved>;

/** Layouts of screens as they were last seen, since most edits leave most screens alone. */
const solved = new WeakMap<Screen, Pick<Project, 'design' | 'components'> & { layout: Solved }>();

export function layoutOf(project: Project, screen: Screen): Solved {
  const known = solved.get(screen);
  const { design, components } = project;
  if (known?.design === design && known.components === components) return known.layout;
  const layout = solvedOrNot(project, screen);
  solved.set(screen, { design, components, layout });
  return layout;
}

/** A screen whose layout fails has no controls; its lines begin at its card. */
function solvedOrNot(project: Project, screen: Screen): Solved {
  try {
    return solveLayout(expand(project, screen.elements).elements, project.design);
  } catch {
    return new Map();
  }
}

/** Where on its card the control stands; null for a link that no control sets off. */
function controlPoint(project: Project, layouts: Layouts, card: MapCard, link: Link): Point | null {
  const element = elementOf(link.trigger);
  const rect = element === null ? undefined : layouts.get(card.id)?.get(element);
  if (!rect) return null;
  const clamp = (n: number, max: number): number => Math.min(max - 4, Math.max(4, n));
  return {
    x: card.x + clamp(((rect.x + rect.width) / project.design.width) * CARD.width, CARD.width),
    y: card.y + clamp(((rect.y + rect.height / 2) / project.design.height) * CARD.picture, CARD.picture),
  };
}

function lineBetween(key: string, link: Link, from: MapCard, to: MapCard, control: Point | null): MapLine {
  const line = {
    key,
    links: [link.id],
    from: from.id,
    to: to.id,
    dashed: to.gap || to.layer === 'notice',
    stub: null,
    label: { x: 0, y: 0 },
  };
  const middle = (card: MapCard): Point => ({ x: card.x + CARD.width / 2, y: card.y + CARD.height / 2 });
  const a = middle(from);
  const b = middle(to);
  if (from === to) {
    const start = control ?? { x: from.x + CARD.width, y: from.y + 30 };
    const end = { x: from.x + CARD.width, y: from.y + CARD.height - 16 };
    return {
      ...line,
      start,
      end,
      bends: [
        { x: start.x + 46, y: start.y },
        { x: end.x + 46, y: end.y },
      ],
    };
  }
  if (to.y > from.y) {
    const start = control ?? { x: from.x + CARD.width * 0.5, y: from.y + CARD.height };
    // Spread along the top edge by where it comes from.
    const lean = Math.max(-0.3, Math.min(0.3, (a.x - b.x) / 900));
    const end = { x: to.x + CARD.width * (0.5 + lean), y: to.y };
    const reach = Math.max(30, (end.y - start.y) * 0.5);
    const first = control
      ? { x: start.x + (b.x >= a.x ? 34 : -34), y: start.y + reach * 0.6 }
      : { x: start.x, y: start.y + reach };
    return { ...line, start, end, bends: [first, { x: end.x, y: end.y - reach }] };
  }
  const right = b.x > a.x;
  if (to.y === from.y) {
    const start = control ?? { x: right ? from.x + CARD.width : from.x, y: a.y - 6 };
    const end = { x: right ? to.x : to.x + CARD.width, y: b.y + (right ? -6 : 10) };
    const reach = Math.max(24, Math.abs(end.x - start.x) * 0.4);
    const sign = right ? 1 : -1;
    return {
      ...line,
      start,
      end,
      bends: [
        { x: start.x + sign * reach, y: start.y },
        { x: end.x - sign * reach, y: end.y },
      ],
    };
  }
  // Upwards: out at one side and in at the same side, clear of the cards between.
  const side = b.x > a.x + 1 ? 1 : -1;
  const edge = (card: MapCard): number => (side > 0 ? card.x + CARD.width : card.x);
  const start = control ?? { x: edge(from), y: a.y };
  const end =
    side > 0 && b.x > a.x
      ? { x: to.x + CARD.width / 2, y: to.y + CARD.height }
      : { x: edge(to), y: b.y + 20 };
  const out = 26 + Math.min(34, Math.abs(a.y - b.y) * 0.05);
  if (side > 0)
    return {
      ...line,
      start,
      end,
      bends: [
        { x: start.x + out, y: start.y },
        { x: end.x, y: end.y + out },
      ],
    };
  return {
    ...line,
    start,
    end,
    bends: [
      { x: Math.min(edge(from), edge(to)) - out, y: start.y },
      { x: end.x - out, y: end.y },
    ],
  };
}

/**
 * A point of a map line, in map units.
 * @param t from 0 (its start) to 1 (its end)
 */
export function pointOn(
  { start, bends: [p, q], end }: Pick<MapLine, 'start' | 'bends' | 'end'>,
  t: number,
): Point {
  const u = 1 - t;
  const mix = (a: number, b: number, c: number, d: number): number =>
    u * u * u * a + 3 * u * u * t * b + 3 * u * t * t * c + t * t * t * d;
  return { x: mix(start.x, p.x, q.x, end.x), y: mix(start.y, p.y, q.y, end.y) };
}

/** Each label stands on its line where it covers the least of cards and other labels. */
function placeLabels(project: Project, lines: MapLine[], cards: readonly MapCard[]): void {
  const triggers = new Map(
    project.links.map((link) => [link.id, triggerLabel(project, link.from, link.trigger)]),
  );
  const onMap = new Near(cards.map(middleBox));
  const placed = new Near([]);
  for (const line of lines) {
    const size = labelSize(line, triggers);
    let best: Box | null = null;
    let min = Infinity;
    for (const t of line.stub !== null ? [1] : [0.5, 0.6, 0.4, 0.7, 0.3, 0.8, 0.2, 0.88]) {
      const on = pointOn(line, t);
      // A stub's label goes on from where it ends.
      if (line.stub !== null) on.x += (Math.sign(line.end.x - line.start.x) * size.width) / 2;
      const box = { x: Math.max(LABEL_EDGE + size.width / 2, on.x), y: on.y, ...size };
      const cost = onMap.covered(box) + 3 * placed.covered(box) + Math.abs(t - 0.5);
      if (cost < min) [min, best] = [cost, box];
    }
    line.label = { x: best!.x, y: best!.y };
    placed.add(best!);
  }
}

/** Boxes by where they are, so that only those nearby are looked at. */
class Near {
  /** Larger than any box here, so that what touches a box has its middle in the same cell or the next. */
  static readonly CELL = 160;
  readonly #cells = new Map<string, Box[]>();

  constructor(boxes: readonly Box[]) {
    for (const box of boxes) this.add(box);
  }

  add(box: Box): void {
    const key = `${Math.floor(box.x / Near.CELL)} ${Math.floor(box.y / Near.CELL)}`;
    const cell = this.#cells.get(key);
    if (cell) cell.push(box);
    else this.#cells.set(key, [box]);
  }

  /** How much of a box all others cover, in square pixels. */
  covered(box: Box): number {
    const column = Math.floor(box.x / Near.CELL);
    const row = Math.floor(box.y / Near.CELL);
    let sum = 0;
    for (let x = column - 1; x <= column + 1; x++)
      for (let y = row - 1; y <= row + 1; y++)
        for (const other of this.#cells.get(`${x} ${y}`) ?? []) sum += covered(box, other);
    return sum;
  }
}

/** Labels keep clear of the margin in which the rows are numbered. */
const LABEL_EDGE = 36;

/** Centre and size. */
interface Box {
  x: number;
  y: number;
  width: number;
  height: number;
}

const middleBox = (card: MapCard): Box => ({
  x: card.x + CARD.width / 2,
  y: card.y + CARD.height / 2,
  width: CARD.width,
  height: CARD.height,
});

/** How much of one box another covers, in square pixels. */
function covered(a: Box, b: Box): number {
  const across = (a.width + b.width) / 2 - Math.abs(a.x - b.x);
  const down = (a.height + b.height) / 2 - Math.abs(a.y - b.y);
  return Math.max(0, across) * Math.max(0, down);
}
