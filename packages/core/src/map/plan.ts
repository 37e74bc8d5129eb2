import type { Id, Layer, Project } from '../model';
import { arrange, type Arranged, type Asked } from './arranged';
import { leavingOf } from './leaving';
import { measure, type Measures } from './measures';
import { lineOf, type MapLine } from './paths';
import { AREA, CARD, LABEL } from './sizes';
import { streetsOf } from './streets';

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
  /** How far the labels beneath it reach down from its top. */
  deep: number;
  /** How many cards and areas lead here, where they are too many to draw; else 0. */
  joined: number;
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

export interface MapRow {
  /** The number in the margin; null for the row of what nothing leads to. */
  steps: number | null;
  /** Some of its cards are another number of steps away by now. */
  old: boolean;
  /** Where the row begins, and where its cards do. */
  top: number;
  y: number;
}

export interface MapPlan {
  cards: MapCard[];
  areas: MapArea[];
  lines: MapLine[];
  bands: { layer: Layer; x: number; width: number }[];
  rows: MapRow[];
  /** The card that stands for a screen inside a folded area. */
  stands: Map<Id, Id>;
  width: number;
  height: number;
}

/**
 * Lays the map out: rows by steps from the start, or where a screen has been kept; bands by layer; areas as blocks in the
 * base band; order in a row as the designer set it, else so that few links cross. Links run in streets between the cards,
 * which are as wide as what runs in them; their labels stand beneath the cards they leave.
 */
export function planMap(project: Project, asked: Asked = {}): MapPlan {
  const map = arrange(project, asked);
  const leaving = leavingOf(project, map);
  const streets = streetsOf(map, leaving);
  const measures = measure(map, leaving, streets);
  return {
    cards: cardsOf(map, measures, (id) => leaving.get(id)?.rows ?? 0),
    areas: areasOf(map, measures, asked.folded),
    lines: [...leaving.values()].flatMap(({ ways }) =>
      ways.map((way) => lineOf(project, map, measures, streets, way)),
    ),
    bands: map.sheet.bands.map(({ layer, first, wide }) => {
      const x = measures.bands.get(first)!;
      return { layer, x, width: measures.bands.get(first + wide)! - x };
    }),
    rows: rowsOf(map, measures),
    stands: map.stands,
    width: measures.width,
    height: measures.height,
  };
}

/** Lane by lane and down each, as they stand in their rows. */
function cardsOf(
  { lanes, sheet, spotOf, joined }: Arranged,
  at: Measures,
  labels: (id: Id) => number,
): MapCard[] {
  const rows = new Map([...sheet.rows.keys()].map((row, i) => [row, i]));
  const inOrder = lanes.flatMap(({ cells }) =>
    [...cells].sort(([a], [b]) => a - b).flatMap(([, cell]) => cell),
  );
  return inOrder.map(({ id, name, layer, gap, holds, steps, row }) => {
    const { column, line } = spotOf(id);
    const beneath = labels(id);
    return {
      id,
      name,
      layer,
      gap,
      holds,
      steps,
      row: rows.get(row)!,
      x: at.columns[column]!,
      y: at.lines[line]!.cards,
      deep: CARD.height + (beneath > 0 ? LABEL.above + beneath * LABEL.pitch : 0),
      joined: joined.get(id) ?? 0,
    };
  });
}

function areasOf({ boxes }: Arranged, at: Measures, folded?: ReadonlySet<Id>): MapArea[] {
  return [...boxes.values()].map(({ id, name, depth, inner, first, last, bottom }) => {
    const side = AREA.side * (inner + 1);
    const x = at.columns[first]! - side;
    const y = at.heads.get(id)!;
    return {
      id,
      name,
      depth,
      folded: folded?.has(id) ?? false,
      x,
      y,
      width: at.columns[last]! + CARD.width + side - x,
      height: at.lines[bottom]!.end + AREA.foot * (inner + 1) - y,
    };
  });
}

function rowsOf({ nodes, sheet, deepest }: Arranged, at: Measures): MapRow[] {
  const old = new Set<number>();
  for (const { row, steps, holds } of nodes.values())
    if (holds === 0 && steps !== null && steps !== row) old.add(row);
  return [...sheet.rows].map(([row, { first }]) => ({
    steps: row > deepest ? null : row,
    old: old.has(row),
    top: at.lines[first]!.top,
    y: at.lines[first]!.cards,
  }));
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
