import { broughtLinks, linksOn } from '../component';
import type { Id, Link, Project } from '../model';
import { nodesOf } from './steps';

export interface Grid {
  /** Screens, areas and the project: what links set out from. */
  from: { id: Id; name: string; /** An overlay with no way to close it. */ stuck: boolean }[];
  to: { id: Id; name: string; gap: boolean }[];
  /** The links from the one to the other, where a row and a column cross. */
  cells: Map<string, Id[]>;
  /** Links back, by where they set out from. */
  back: Map<Id, Id[]>;
}

export const cellKey = (from: Id, to: Id): string => `${from}\n${to}`;

/** The links as a table of from × to, in the project's order. */
export function planGrid(project: Project): Grid {
  const nodes = nodesOf(project).filter((node) => node.layer !== 'notice' && node.layer !== 'hud');
  const cells = new Map<string, Id[]>();
  const back = new Map<Id, Id[]>();
  for (const link of project.links) {
    if (link.kind === 'back') back.set(link.from, [...(back.get(link.from) ?? []), link.id]);
    const to = targetId(link, nodes);
    if (to === null) continue;
    const key = cellKey(link.from, to);
    cells.set(key, [...(cells.get(key) ?? []), link.id]);
  }
  for (const screen of project.screens)
    for (const link of broughtLinks(project, screen))
      if (link.kind === 'back') back.set(screen.id, [...(back.get(screen.id) ?? []), link.id]);
  const closes = (id: Id): boolean =>
    linksOn(project, id).some((link) => /^(go|swap|back|clear|end)$/.test(link.kind));
  const from = project.screens
    .filter((screen) => screen.layer !== 'notice')
    .map(({ id, name, layer }) => ({ id, name, stuck: layer === 'overlay' && !closes(id) }));
  return {
    from: [
      ...from,
      ...project.areas.map(({ id, name }) => ({ id, name, stuck: false })),
      { id: 'project', name: 'Everywhere', stuck: false },
    ],
    to: nodes.map(({ id, name, gap }) => ({ id, name, gap })),
    cells,
    back,
  };
}

function targetId(link: Link, nodes: ReturnType<typeof nodesOf>): Id | null {
  const { to } = link;
  if (!to) return null;
  if ('screen' in to) return to.screen;
  return nodes.find((node) => node.gap && node.name === to.gap)?.id ?? null;
}
