import { showsOf } from '../effects';
import { gapId } from '../compile';
import { areasAround, PROJECT, type Id, type Layer, type Link, type Project } from '../model';
import { addTo } from './lists';

/** A screen, or a gap: what has a card on the map. */
export interface Node {
  id: Id;
  name: string;
  layer: Layer;
  gap: boolean;
  /** The innermost area it is in. */
  area: Id | null;
}

export function nodesOf(project: Project): Node[] {
  const nodes: Node[] = project.screens.map(({ id, name, layer, area }) => ({
    id,
    name,
    layer,
    gap: false,
    area: areasAround(project, area)[0] ?? null,
  }));
  const known = new Set(nodes.map((node) => node.id));
  for (const link of project.links) {
    const gap = gapOf(link);
    if (!gap || known.has(gap.id)) continue;
    known.add(gap.id);
    nodes.push({ ...gap, gap: true, area: null });
  }
  return nodes;
}

function gapOf(link: Link): Pick<Node, 'id' | 'name' | 'layer'> | null {
  if (!link.to || !('gap' in link.to)) return null;
  const layer: Layer = link.kind === 'go' ? 'base' : 'overlay';
  return { id: gapId(layer, link.to.gap), name: link.to.gap, layer };
}

/** Every card a link leads to: its target and the notices it shows. */
export function leadsTo(link: Link): Id[] {
  const to = link.to ? ('screen' in link.to ? link.to.screen : gapOf(link)!.id) : null;
  // Most links have no effects, and the map asks often.
  if (link.effects.length === 0) return to === null ? [] : [to];
  const notices = link.effects.map(showsOf).filter((screen) => screen !== null);
  return to === null ? notices : [to, ...notices];
}

/**
 * The least number of links from the start to each card. The links of an area and the HUD pieces beside it can be used
 * from the first of its bases on, those of the project from the start on.
 */
export function countSteps(project: Project, nodes: readonly Node[]): Map<Id, number> {
  const known = new Set(nodes.map((node) => node.id));
  const from = new Map<Id, Id[]>();
  for (const link of project.links)
    for (const to of leadsTo(link)) if (known.has(to)) addTo(from, link.from, to);
  const huds = project.screens.filter((screen) => screen.layer === 'hud');
  const screens = new Map(project.screens.map((screen) => [screen.id, screen]));
  const entered = new Set<Id>();
  const steps = new Map<Id, number>();
  /** What can be used from a card on, besides its own links. */
  const around = (id: Id, n: number): Id[] => {
    const screen = screens.get(id);
    if (screen?.layer !== 'base') return [];
    const found: Id[] = [];
    for (const area of areasAround(project, screen.area)) {
      if (entered.has(area)) continue;
      entered.add(area);
      found.push(...(from.get(area) ?? []));
      for (const hud of huds)
        if (hud.area === area) {
          steps.set(hud.id, n);
          found.push(...(from.get(hud.id) ?? []));
        }
    }
    return found;
  };
  let edge: Id[] = project.start !== null && known.has(project.start) ? [project.start] : [];
  for (let n = 0; edge.length > 0; n++) {
    const fresh = [...new Set(edge)].filter((id) => !steps.has(id));
    for (const id of fresh) steps.set(id, n);
    const next = fresh.flatMap((id) => [...(from.get(id) ?? []), ...around(id, n)]);
    if (n === 0) next.push(...(from.get(PROJECT) ?? []));
    edge = next.filter((id) => !steps.has(id));
  }
  return steps;
}

/** The map row, from 0, of every screen that is reachable and has no row yet, to be kept in the project. */
export function rowsToKeep(project: Project): Map<Id, number> {
  if (project.screens.every((screen) => screen.row !== undefined)) return new Map();
  const steps = countSteps(project, nodesOf(project));
  return new Map(
    project.screens.flatMap(({ id, row }): [Id, number][] => {
      const step = steps.get(id);
      return row === undefined && step !== undefined ? [[id, step]] : [];
    }),
  );
}
