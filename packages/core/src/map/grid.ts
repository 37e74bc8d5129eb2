import { broughtLinks, linksOn } from '../component';
import { areasAround, PROJECT, type Id, type Link, type Project } from '../model';
import { inMapOrder } from './inOrder';
import { addTo } from './lists';
import { nodesOf } from './steps';

/** What links set out from: a screen, an area, or the project. */
export interface GridRow {
  id: Id;
  name: string;
  /** An overlay with no way to close it. */
  stuck: boolean;
  /** How many screens an area has that can be folded into its row; null for all else. */
  holds: number | null;
}

export interface GridColumn {
  id: Id;
  name: string;
  gap: boolean;
  /** It stands for all screens of a folded area. */
  folded: boolean;
}

export interface Grid {
  from: GridRow[];
  to: GridColumn[];
  /** The links from the one to the other, where a row and a column cross. */
  cells: Map<string, Id[]>;
  /** Links back, by where they set out from. */
  back: Map<Id, Id[]>;
}

/** What is asked of the grid. */
export interface GridAsked {
  /** Areas whose screens are one row and one column. */
  folded?: ReadonlySet<Id>;
  /** Only rows and columns in which there is something. */
  linked?: boolean;
  /** Only these screens; null for all. */
  only?: ReadonlySet<Id> | null;
}

const NONE: ReadonlySet<Id> = new Set();

export const cellKey = (from: Id, to: Id): string => `${from}\n${to}`;

/** The links as a table of from × to, in the order of the map. */
export function planGrid(
  project: Project,
  { folded = NONE, linked = false, only = null }: GridAsked = {},
): Grid {
  const screens = inMapOrder(project).filter(({ id }) => only === null || only.has(id));
  const shown = new Set(screens.map(({ id }) => id));
  const outermost = (area: Id | null | undefined): Id | undefined =>
    areasAround(project, area)
      .filter((id) => folded.has(id))
      .at(-1);
  const foldedInto = new Map([
    ...screens.map(({ id, area }) => [id, outermost(area)] as const),
    ...project.areas.map(({ id }) => [id, outermost(id)] as const),
  ]);
  const standsFor = (id: Id): Id => foldedInto.get(id) ?? id;
  const targets = new Map(
    nodesOf(project)
      .filter(({ id, gap, layer }) => layer !== 'notice' && layer !== 'hud' && (gap || shown.has(id)))
      .map((node) => [node.gap ? `gap ${node.name}` : node.id, node]),
  );
  const { cells, back } = linksByPlace(project, standsFor, (link) => {
    const { to } = link;
    return to ? (targets.get('screen' in to ? to.screen : `gap ${to.gap}`)?.id ?? null) : null;
  });

  const areaName = new Map(project.areas.map(({ id, name }) => [id, name]));
  const columns: GridColumn[] = [];
  for (const { id } of screens) {
    const area = foldedInto.get(id);
    if (area === undefined) {
      const node = targets.get(id);
      if (node) columns.push({ id, name: node.name, gap: false, folded: false });
    } else if (!columns.some((column) => column.id === area))
      columns.push({ id: area, name: areaName.get(area)!, gap: false, folded: true });
  }
  for (const { id, name, gap } of targets.values()) if (gap) columns.push({ id, name, gap, folded: false });

  const rows = screens.filter(({ layer }) => layer !== 'notice');
  const from = rowsOf(project, rows, foldedInto, folded, only === null);
  if (!linked) return { from, to: columns, cells, back };
  const keys = [...cells.keys()].map((key) => key.split('\n') as [Id, Id]);
  const [outs, ins] = [new Set(keys.map(([row]) => row)), new Set(keys.map(([, column]) => column))];
  return {
    from: from.filter(({ id, stuck }) => stuck || outs.has(id) || back.has(id)),
    to: columns.filter(({ id }) => ins.has(id)),
    cells,
    back,
  };
}

function linksByPlace(project: Project, standsFor: (id: Id) => Id, targetOf: (link: Link) => Id | null) {
  const cells = new Map<string, Id[]>();
  const back = new Map<Id, Id[]>();
  for (const link of project.links) {
    const from = standsFor(link.from);
    if (link.kind === 'back') addTo(back, from, link.id);
    const to = targetOf(link);
    if (to !== null) addTo(cells, cellKey(from, standsFor(to)), link.id);
  }
  for (const screen of project.screens)
    for (const link of broughtLinks(project, screen))
      if (link.kind === 'back') addTo(back, standsFor(screen.id), link.id);
  return { cells, back };
}

/** Each area stands before its screens; folded, it stands for them. */
function rowsOf(
  project: Project,
  screens: readonly { id: Id; name: string; layer: string; area?: Id }[],
  foldedInto: ReadonlyMap<Id, Id | undefined>,
  folded: ReadonlySet<Id>,
  /** With areas in which no screen is shown, too. */
  all: boolean,
): GridRow[] {
  const closes = (id: Id): boolean =>
    linksOn(project, id).some((link) => /^(go|swap|back|clear|end)$/.test(link.kind));
  const rows: GridRow[] = [];
  const stood = new Set<Id>();
  const stand = (id: Id): void => {
    if (stood.has(id)) return;
    stood.add(id);
    const { name } = project.areas.find((area) => area.id === id)!;
    const holds = screens.filter(({ area }) => areasAround(project, area).includes(id)).length;
    rows.push({ id, name, stuck: false, holds });
  };
  for (const { id, name, layer, area } of screens) {
    const around = areasAround(project, area).reverse();
    const first = around.findIndex((outer) => folded.has(outer));
    for (const outer of first < 0 ? around : around.slice(0, first + 1)) stand(outer);
    if (foldedInto.get(id) === undefined)
      rows.push({ id, name, stuck: layer === 'overlay' && !closes(id), holds: null });
  }
  for (const { id, parent } of all ? project.areas : [])
    if (!areasAround(project, parent).some((outer) => folded.has(outer))) stand(id);
  rows.push({ id: PROJECT, name: 'Everywhere', stuck: false, holds: null });
  return rows;
}
