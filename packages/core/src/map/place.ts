import { type Area, type Id, type Layer, type Project, withId } from '../model';
import { countSteps, leadsTo, nodesOf, type Node } from './steps';

/** Sizes on the map, in its own pixels at full scale. */
export const CARD = { width: 116, picture: 64, height: 88 };
const GAP = { across: 26, down: 44 };
/** `way` is room at the left for lines that lead back up. */
const EDGE = { left: 30, top: 58, band: 20, way: 58 };
/** Room between an area's edge and its cards, and for its name. */
const AREA = { side: 12, head: 21, foot: 10 };
/** How many cards stand side by side before a row goes on beneath. */
const ABREAST: Record<Layer, number> = { base: 2, overlay: 2, notice: 1, hud: 1 };

export interface MapCard {
  id: Id;
  name: string;
  layer: Layer;
  /** A screen that is not made yet. */
  gap: boolean;
  /** How many screens a folded area holds; 0 for a screen. */
  holds: number;
  /** Steps from the start; null when nothing leads there. */
  steps: number | null;
  row: number;
  x: number;
  y: number;
}

/** A box around the bases of an area. */
export interface MapArea {
  id: Id;
  name: string;
  folded: boolean;
  /** How many areas it lies in. */
  depth: number;
  x: number;
  y: number;
  width: number;
  height: number;
}

export interface MapPlan {
  cards: MapCard[];
  areas: MapArea[];
  bands: { layer: Layer; x: number; width: number }[];
  /** `steps` is the number in the margin; null for the row of what nothing leads to. */
  rows: { steps: number | null; y: number }[];
  /** The card that stands for a screen inside a folded area. */
  stands: Map<Id, Id>;
  width: number;
  height: number;
}

export const LAYERS: Layer[] = ['base', 'overlay', 'notice', 'hud'];

/** A column of cards in a band: those of one area, or of none. */
interface Lane {
  layer: Layer;
  area: Id | null;
  /** Areas around it, outer to inner. */
  around: Id[];
  folded: boolean;
  nodes: Placing[];
}

interface Placing extends Node {
  row: number;
  steps: number | null;
  holds: number;
}

/**
 * Lays the map out: rows by steps from the start, or where a screen has been kept; bands by layer; areas as lanes in the
 * base band; order in a row as the designer set it, else after what leads there. `folded` areas are one card each.
 */
export function planMap(project: Project, folded: ReadonlySet<Id> = new Set()): MapPlan {
  const { nodes, deepest, stands } = placings(project, folded);
  const lanes = lanesOf(project, nodes, folded);
  const rows = [...new Set(nodes.map((node) => node.row))].sort((a, b) => a - b);
  const cells = new Map(lanes.map((lane) => [lane, byRow(lane.nodes)]));
  const cellOf = (lane: Lane, row: number): readonly Placing[] => cells.get(lane)!.get(row) ?? NO_NODES;
  const abreast = new Map(
    lanes.map((lane) => {
      // Wide flows get wide lanes, so that no row is much taller than the others.
      const fullest = Math.max(1, ...rows.map((row) => cellOf(lane, row).length));
      return [lane, Math.min(fullest, Math.max(ABREAST[lane.layer], Math.ceil(Math.sqrt(fullest))))];
    }),
  );
  let y = EDGE.top;
  const rowPlaces = rows.map((row) => {
    const place = { steps: row > deepest ? null : row, y };
    const lines = Math.max(
      1,
      ...lanes.map((lane) => Math.ceil(cellOf(lane, row).length / abreast.get(lane)!)),
    );
    y += lines * (CARD.height + GAP.down);
    return place;
  });
  const sorter = new Sorter(project);
  const cards: MapCard[] = [];
  const bands: MapPlan['bands'] = [];
  const spans = new Map<Id, { from: number; to: number }>();
  let x = EDGE.left;
  for (const layer of LAYERS) {
    const here = lanes.filter((lane) => lane.layer === layer);
    const left = x;
    x += EDGE.band + (layer === 'base' ? EDGE.way : 0);
    let inside: Id[] = [];
    here.forEach((lane, i) => {
      // Stepping into and out of areas takes a little room each.
      const shared = lane.around.filter((id, n) => inside[n] === id).length;
      x += AREA.side * (inside.length - shared);
      if (i > 0) x += GAP.across;
      for (const id of lane.around.slice(shared)) {
        spans.set(id, { from: x, to: x });
        x += AREA.side;
      }
      inside = lane.around;
      const wide = abreast.get(lane)!;
      rows.forEach((row, r) => {
        sorter.sort(cellOf(lane, row)).forEach((node, n) => {
          const { id, name, gap, steps, holds } = node;
          const at = x + (n % wide) * (CARD.width + GAP.across);
          sorter.columns.set(id, at);
          const down = Math.floor(n / wide) * (CARD.height + GAP.down);
          cards.push({ id, name, layer, gap, holds, steps, row: r, x: at, y: rowPlaces[r]!.y + down });
        });
      });
      x += wide * (CARD.width + GAP.across) - GAP.across;
      lane.around.forEach((id, n) => (spans.get(id)!.to = x + AREA.side * (lane.around.length - n)));
    });
    x += AREA.side * inside.length + EDGE.band;
    bands.push({ layer, x: left, width: x - left });
  }
  return {
    cards,
    areas: boxes(project, lanes, spans, cards, folded),
    bands,
    rows: rowPlaces,
    stands,
    width: x,
    height: y,
  };
}

const NO_NODES: readonly Placing[] = [];

function byRow(nodes: readonly Placing[]): Map<number, Placing[]> {
  const rows = new Map<number, Placing[]>();
  for (const node of nodes) {
    const row = rows.get(node.row);
    if (row) row.push(node);
    else rows.set(node.row, [node]);
  }
  return rows;
}

/** Every card there is to place, with its row; screens in folded areas give way to one card for the area. */
function placings(project: Project, folded: ReadonlySet<Id>) {
  const all = nodesOf(project);
  const steps = countSteps(project, all);
  const kept = new Map(project.screens.map((screen) => [screen.id, screen.row]));
  const rowOf = (id: Id): number | undefined => kept.get(id) ?? steps.get(id);
  const deepest = Math.max(-1, ...all.map((node) => rowOf(node.id) ?? -1));
  const stands = new Map<Id, Id>();
  const nodes: Placing[] = [];
  for (const node of all) {
    const row = rowOf(node.id) ?? deepest + 1;
    const outer = node.layer === 'base' ? chain(project, node.area).find((id) => folded.has(id)) : undefined;
    if (outer === undefined) {
      nodes.push({ ...node, row, steps: steps.get(node.id) ?? null, holds: 0 });
      continue;
    }
    stands.set(node.id, outer);
    const known = withId(nodes, outer);
    if (known) {
      known.row = Math.min(known.row, row);
      known.holds++;
    } else {
      const area = withId(project.areas, outer)!;
      nodes.push({ ...node, id: outer, name: area.name, gap: false, area: outer, row, steps: row, holds: 1 });
    }
  }
  return { nodes, deepest, stands };
}

/** The areas around something, outer to inner. */
function chain(project: Project, area: Id | null): Id[] {
  const found: Id[] = [];
  for (let at = area; at !== null && !found.includes(at);) {
    const next = withId(project.areas, at);
    if (!next) break;
    found.unshift(next.id);
    at = next.parent;
  }
  return found;
}

/** The lanes of all bands from left to right: in the base band first what is in no area, then area by area. */
function lanesOf(project: Project, nodes: readonly Placing[], folded: ReadonlySet<Id>): Lane[] {
  const lane = (layer: Layer, area: Id | null): Lane => ({
    layer,
    area,
    around: chain(project, area),
    folded: area !== null && folded.has(area),
    nodes: nodes.filter((node) => node.layer === layer && (layer !== 'base' || node.area === area)),
  });
  const inArea = (area: Area): Lane[] => {
    const within = project.areas.filter((other) => other.parent === area.id);
    if (folded.has(area.id)) return [lane('base', area.id)];
    const own = lane('base', area.id);
    const inner = within.flatMap(inArea);
    return own.nodes.length > 0 || inner.length === 0 ? [own, ...inner] : inner;
  };
  const known = new Set(project.areas.map((area) => area.id));
  const outer = project.areas.filter((area) => area.parent === null || !known.has(area.parent));
  const base = [lane('base', null), ...outer.flatMap(inArea)];
  const shown = base.filter((other) => other.area !== null || other.nodes.length > 0 || base.length === 1);
  return [...shown, lane('overlay', null), lane('notice', null), lane('hud', null)].filter(
    (other) => other.layer !== 'hud' || other.nodes.length > 0,
  );
}

function boxes(
  project: Project,
  lanes: readonly Lane[],
  spans: ReadonlyMap<Id, { from: number; to: number }>,
  cards: readonly MapCard[],
  folded: ReadonlySet<Id>,
): MapArea[] {
  const nodes = new Map(cards.map((card) => [card.id, card]));
  return project.areas.flatMap((area): MapArea[] => {
    const span = spans.get(area.id);
    if (!span) return [];
    const within = lanes.filter((lane) => lane.around.includes(area.id));
    const held = within.flatMap((lane) => lane.nodes.map((node) => nodes.get(node.id)!));
    const depth = chain(project, area.id).length - 1;
    // Room for the names of the areas within, which may begin in the same row.
    const inner = Math.max(0, ...within.map((lane) => lane.around.length - 1 - depth));
    const top = held.length > 0 ? Math.min(...held.map((card) => card.y)) : EDGE.top;
    const bottom =
      held.length > 0 ? Math.max(...held.map((card) => card.y)) + CARD.height : top + CARD.height;
    const y = top - AREA.head * (inner + 1);
    return [
      {
        id: area.id,
        name: area.name,
        folded: folded.has(area.id),
        depth,
        x: span.from,
        y,
        width: span.to - span.from,
        height: bottom + AREA.foot * (inner + 1) - y,
      },
    ];
  });
}

/** Orders cards in a row: as set, then by where the first screen that leads there stands, so that lines cross less. */
class Sorter {
  readonly columns = new Map<Id, number>();
  readonly #sources = new Map<Id, Id[]>();
  readonly #order: Map<Id, number | undefined>;

  constructor(project: Project) {
    this.#order = new Map(project.screens.map((screen) => [screen.id, screen.order]));
    for (const link of project.links)
      for (const to of leadsTo(link)) this.#sources.set(to, [...(this.#sources.get(to) ?? []), link.from]);
  }

  sort(nodes: readonly Placing[]): Placing[] {
    return nodes
      .map((node, i) => {
        const source = this.#sources.get(node.id)?.find((from) => this.columns.has(from));
        return {
          node,
          set: this.#order.get(node.id) ?? Infinity,
          key: source === undefined ? 0 : this.columns.get(source)!,
          i,
        };
      })
      .sort((a, b) => (a.set === b.set ? a.key - b.key || a.i - b.i : a.set - b.set))
      .map(({ node }) => node);
  }
}

/** Whether every screen that shares its row with others has an order of its own: told without a plan. */
function isOrdered({ screens }: Project): boolean {
  const taken = new Map<string, Set<number | undefined>>();
  for (const { layer, area, row, order } of screens) {
    const lane = `${layer} ${row} ${layer === 'base' ? area : ''}`;
    const orders = taken.get(lane) ?? new Set();
    if (orders.has(order) || (orders.size > 0 && (order === undefined || orders.has(undefined))))
      return false;
    taken.set(lane, orders.add(order));
  }
  return true;
}

/**
 * The order, from 0, of every screen that shares its row with others and has none yet, or the same as another: as they
 * stand, to be kept in the project.
 */
export function ordersToKeep(project: Project): Map<Id, number> {
  if (isOrdered(project)) return new Map();
  const orders = new Map(project.screens.map(({ id, order }) => [id, order]));
  const areas = new Map(project.screens.map(({ id, area }) => [id, area ?? null]));
  const lanes = new Map<string, Id[]>();
  for (const { id, layer, row, gap } of planMap(project).cards) {
    if (gap) continue;
    const lane = JSON.stringify([layer, row, layer === 'base' ? areas.get(id) : null]);
    const side = lanes.get(lane);
    if (side) side.push(id);
    else lanes.set(lane, [id]);
  }
  const kept = new Map<Id, number>();
  for (const ids of lanes.values()) {
    const own = ids.map((id) => orders.get(id));
    // One by itself has nothing to stand before or after.
    if (own.every((order, i) => i === 0 || own[i - 1]! < order!)) continue;
    ids.forEach((id, order) => kept.set(id, order));
  }
  return kept;
}

/**
 * The topmost area box at a point of the map, in map units; inner boxes come before outer ones. Null where there is
 * none.
 */
export function areaAt(plan: MapPlan, x: number, y: number): MapArea | null {
  const within = plan.areas.filter(
    (area) => x >= area.x && x <= area.x + area.width && y >= area.y && y <= area.y + area.height,
  );
  return within.sort((a, b) => b.depth - a.depth)[0] ?? null;
}
