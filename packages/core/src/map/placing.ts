import { areasAround, type Area, type Id, type Layer, type Project, withId } from '../model';
import { addTo } from './lists';
import { countSteps, nodesOf, type Node } from './steps';

export const LAYERS: Layer[] = ['base', 'overlay', 'notice', 'hud'];

/** A card to be placed: a screen, a gap, or a folded area. */
export interface Placing extends Node {
  row: number;
  /** Steps from the start; null when nothing leads there. */
  steps: number | null;
  /** How many screens a folded area holds; 0 for a screen. */
  holds: number;
  /** Where the designer put it in its row. */
  order: number | undefined;
}

/** Columns of cards in a band: those of one area, or of none. */
export interface Lane {
  layer: Layer;
  area: Id | null;
  /** Areas around it, outer to inner. */
  around: Id[];
  /** The cards in each row, in the order in which they stand. */
  cells: Map<number, Placing[]>;
}

/** Every card there is to place, with its row; screens in folded areas give way to one card for the area. */
export function placings(project: Project, folded: ReadonlySet<Id>) {
  const all = nodesOf(project);
  const steps = countSteps(project, all);
  const kept = new Map(project.screens.map((screen) => [screen.id, screen]));
  const rowOf = (id: Id): number | undefined => kept.get(id)?.row ?? steps.get(id);
  const deepest = Math.max(-1, ...all.map((node) => rowOf(node.id) ?? -1));
  const stands = new Map<Id, Id>();
  const nodes: Placing[] = [];
  for (const node of all) {
    const row = rowOf(node.id) ?? deepest + 1;
    const outer =
      folded.size > 0 && node.layer === 'base'
        ? chain(project, node.area).find((id) => folded.has(id))
        : undefined;
    if (outer === undefined) {
      const { id, name, layer, gap, area } = node;
      const { order } = kept.get(id) ?? NOT_KEPT;
      nodes.push({ id, name, layer, gap, area, row, steps: steps.get(id) ?? null, holds: 0, order });
      continue;
    }
    stands.set(node.id, outer);
    const known = withId(nodes, outer);
    if (known) {
      known.row = Math.min(known.row, row);
      known.holds++;
    } else {
      const { name } = withId(project.areas, outer)!;
      const area = { id: outer, name, gap: false, area: outer, holds: 1, order: undefined };
      nodes.push({ ...node, ...area, row, steps: row });
    }
  }
  return { nodes, deepest, stands };
}

const NOT_KEPT: { order?: number } = {};

/** The areas around something, outer to inner. */
export const chain = (project: Project, area: Id | null): Id[] => areasAround(project, area).reverse();

/**
 * The lanes of all bands from left to right: in the base band first what is in no area, then area by area. The cards of a
 * cell stand as the designer put them; those not put anywhere come last.
 */
export function lanesOf(project: Project, nodes: readonly Placing[], folded: ReadonlySet<Id>): Lane[] {
  const lane = (layer: Layer, area: Id | null): Lane => ({
    layer,
    area,
    around: chain(project, area),
    cells: cellsOf(nodes.filter((node) => node.layer === layer && (layer !== 'base' || node.area === area))),
  });
  const inArea = (area: Area): Lane[] => {
    const own = lane('base', area.id);
    if (folded.has(area.id)) return [own];
    const inner = project.areas.filter((other) => other.parent === area.id).flatMap(inArea);
    return own.cells.size > 0 || inner.length === 0 ? [own, ...inner] : inner;
  };
  const known = new Set(project.areas.map((area) => area.id));
  const outer = project.areas.filter((area) => area.parent === null || !known.has(area.parent));
  const base = [lane('base', null), ...outer.flatMap(inArea)];
  const shown = base.filter((other) => other.area !== null || other.cells.size > 0 || base.length === 1);
  return [...shown, lane('overlay', null), lane('notice', null), lane('hud', null)].filter(
    (other) => other.layer !== 'hud' || other.cells.size > 0,
  );
}

function cellsOf(nodes: readonly Placing[]): Map<number, Placing[]> {
  const cells = new Map<number, Placing[]>();
  for (const node of nodes) addTo(cells, node.row, node);
  for (const cell of cells.values()) cell.sort((a, b) => (a.order ?? Infinity) - (b.order ?? Infinity) || 0);
  return cells;
}
