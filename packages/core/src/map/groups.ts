import { areasAround, type Id, type Layer, type Project } from '../model';
import { CARD } from './sizes';
import { leadsTo } from './steps';
import type { MapPlan } from './plan';

/** What is one block on a map seen from far: an outermost area, or what a band holds in no area. */
export interface MapGroup {
  key: string;
  area: Id | null;
  layer: Layer;
  /** The cards in it. */
  cards: Set<Id>;
  /** How many links lead into it from elsewhere, and out of it. */
  into: number;
  out: number;
  x: number;
  y: number;
  width: number;
  height: number;
}

/** The blocks of a map, each about its cards; none lies over another. */
export function groupsOf(project: Project, plan: MapPlan): MapGroup[] {
  const areaOf = (area: Id | null | undefined): Id | null => areasAround(project, area).at(-1) ?? null;
  const areas = new Map(
    project.screens.map(({ id, layer, area }) => [id, layer === 'base' ? areaOf(area) : null]),
  );
  const groups = new Map<string, MapGroup>();
  const of = new Map<Id, MapGroup>();
  for (const card of plan.cards) {
    const area = card.holds > 0 ? areaOf(card.id) : (areas.get(card.id) ?? null);
    const key = area ?? card.layer;
    let group = groups.get(key);
    if (!group) {
      const { layer, x, y } = card;
      group = { key, area, layer, cards: new Set(), into: 0, out: 0, x, y, width: 0, height: 0 };
      groups.set(key, group);
    }
    group.cards.add(card.id);
    of.set(card.id, group);
    const right = Math.max(group.x + group.width, card.x + CARD.width);
    const bottom = Math.max(group.y + group.height, card.y + card.deep);
    group.x = Math.min(group.x, card.x);
    group.y = Math.min(group.y, card.y);
    group.width = right - group.x;
    group.height = bottom - group.y;
  }
  const groupOf = (id: Id): MapGroup | undefined =>
    of.get(plan.stands.get(id) ?? id) ?? groups.get(areaOf(id) ?? '');
  for (const link of project.links) {
    const from = groupOf(link.from);
    for (const id of leadsTo(link)) {
      const to = groupOf(id);
      if (from === to) continue;
      if (from) from.out++;
      if (to) to.into++;
    }
  }
  return [...groups.values()];
}
