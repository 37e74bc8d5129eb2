import { gapId } from '../compile';
import { PROJECT, type Id, type Layer, type Link, type Project } from '../model';

/** Sizes on the map, in its own pixels at full scale. */
export const CARD = { width: 116, picture: 64, height: 88 };
const GAP = { across: 26, down: 44 };
/** `way` is room at the left for lines that lead back up. */
const EDGE = { left: 30, top: 52, band: 20, way: 58 };
/** How many cards stand side by side in a band before a row goes on beneath. */
const ABREAST: Record<Layer, number> = { base: 2, overlay: 2, notice: 1 };

export interface MapCard {
  id: Id;
  name: string;
  layer: Layer;
  /** A screen that is not made yet. */
  gap: boolean;
  /** Steps from the start; null when nothing leads there. */
  steps: number | null;
  row: number;
  x: number;
  y: number;
}

export interface MapPlan {
  cards: MapCard[];
  bands: { layer: Layer; x: number; width: number }[];
  /** `steps` is the number in the margin; null for the row of what nothing leads to. */
  rows: { steps: number | null; y: number }[];
  width: number;
  height: number;
}

const LAYERS: Layer[] = ['base', 'overlay', 'notice'];

/** Lays the map out: rows by steps from the start, bands by layer, order in a row after what leads there. */
export function planMap(project: Project): MapPlan {
  const nodes = nodesOf(project);
  const steps = countSteps(project, nodes);
  const deepest = Math.max(-1, ...[...steps.values()]);
  const rowOf = (id: Id): number => steps.get(id) ?? deepest + 1;
  const cells = new Map<string, Node[]>();
  for (const node of nodes) {
    const key = `${rowOf(node.id)} ${node.layer}`;
    cells.set(key, [...(cells.get(key) ?? []), node]);
  }
  const rows = [...new Set(nodes.map((node) => rowOf(node.id)))].sort((a, b) => a - b);
  const count = (row: number, layer: Layer): number => cells.get(`${row} ${layer}`)?.length ?? 0;
  const abreast = Object.fromEntries(
    LAYERS.map((layer) => {
      // Wide flows get wide bands, so that no row is much taller than the others.
      const fullest = Math.max(1, ...rows.map((row) => count(row, layer)));
      return [layer, Math.min(fullest, Math.max(ABREAST[layer], Math.ceil(Math.sqrt(fullest))))];
    }),
  ) as Record<Layer, number>;
  let y = EDGE.top;
  const rowPlaces = rows.map((row) => {
    const place = { steps: row > deepest ? null : row, y };
    y +=
      Math.max(1, ...LAYERS.map((layer) => Math.ceil(count(row, layer) / abreast[layer]))) *
      (CARD.height + GAP.down);
    return place;
  });
  const bands: MapPlan['bands'] = [];
  const cards: MapCard[] = [];
  const columns = new Map<Id, number>();
  let x = EDGE.left;
  for (const layer of LAYERS) {
    const inset = EDGE.band + (layer === 'base' ? EDGE.way : 0);
    const width = abreast[layer] * (CARD.width + GAP.across) - GAP.across + inset + EDGE.band;
    bands.push({ layer, x, width });
    rows.forEach((row, i) => {
      sortAfter(project, cells.get(`${row} ${layer}`) ?? [], columns).forEach(({ id, name, gap }, n) => {
        const left = x + inset + (n % abreast[layer]) * (CARD.width + GAP.across);
        columns.set(id, left);
        cards.push({
          id,
          name,
          layer,
          gap,
          steps: steps.get(id) ?? null,
          row: i,
          x: left,
          y: rowPlaces[i]!.y + Math.floor(n / abreast[layer]) * (CARD.height + GAP.down),
        });
      });
    });
    x += width;
  }
  return { cards, bands, rows: rowPlaces, width: x, height: y };
}

interface Node {
  id: Id;
  name: string;
  layer: Layer;
  gap: boolean;
}

function nodesOf(project: Project): Node[] {
  const nodes: Node[] = project.screens.map(({ id, name, layer }) => ({ id, name, layer, gap: false }));
  const known = new Set(nodes.map((node) => node.id));
  for (const link of project.links) {
    const gap = gapOf(link);
    if (!gap || known.has(gap.id)) continue;
    known.add(gap.id);
    nodes.push({ ...gap, gap: true });
  }
  return nodes;
}

function gapOf(link: Link): Omit<Node, 'gap'> | null {
  if (!link.to || !('gap' in link.to)) return null;
  const layer: Layer = link.kind === 'go' ? 'base' : 'overlay';
  return { id: gapId(layer, link.to.gap), name: link.to.gap, layer };
}

/** Every card a link leads to: its target and the notices it shows. */
export function leadsTo(link: Link): Id[] {
  const to = link.to ? ('screen' in link.to ? link.to.screen : gapOf(link)!.id) : null;
  const notices = link.effects.flatMap((effect) => (effect.do === 'notice' ? [effect.screen] : []));
  return to === null ? notices : [to, ...notices];
}

function countSteps(project: Project, nodes: Node[]): Map<Id, number> {
  const known = new Set(nodes.map((node) => node.id));
  const from = new Map<Id, Id[]>();
  for (const link of project.links)
    for (const to of leadsTo(link))
      if (known.has(to)) from.set(link.from, [...(from.get(link.from) ?? []), to]);
  const steps = new Map<Id, number>();
  let edge: Id[] = project.start !== null && known.has(project.start) ? [project.start] : [];
  for (let n = 0; edge.length > 0; n++) {
    const fresh = edge.filter((id) => !steps.has(id));
    for (const id of fresh) steps.set(id, n);
    // Links of the whole project can be taken from the first screen on.
    edge = [
      ...fresh.flatMap((id) => from.get(id) ?? []),
      ...(n === 0 ? (from.get(PROJECT) ?? []) : []),
    ].filter((id) => !steps.has(id));
  }
  return steps;
}

/** Left to right by where the first screen that leads there stands, so that lines cross less. */
function sortAfter(project: Project, nodes: Node[], columns: ReadonlyMap<Id, number>): Node[] {
  const key = (node: Node): number => {
    const source = project.links.find((link) => columns.has(link.from) && leadsTo(link).includes(node.id));
    return source ? columns.get(source.from)! : 0;
  };
  return nodes
    .map((node, i) => ({ node, key: key(node), i }))
    .sort((a, b) => a.key - b.key || a.i - b.i)
    .map(({ node }) => node);
}
