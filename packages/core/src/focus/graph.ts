import { canScroll, holdsOf, playOf } from '../elements';
import { DIRECTIONS, type Direction, type Element, type FocusRules, type Id, type Wraps } from '../model';
import type { Rect, Solved } from '../geometry';
import { Field, type Stand } from './nearest';

/** Who can have the focus on a screen, and where each direction leads, solved from the layout at rest. */
export interface FocusGraph {
  /** Focusable elements in reading order: as set by hand, else top to bottom, then left to right. */
  order: Id[];
  next: Map<Id, Ways>;
}
export type Ways = Partial<Record<Direction, Id>>;

/** Whether a player uses it: presses it, sets it, or types into it. */
export const isUsed = (element: Element): boolean => playOf(element).focus !== undefined;

interface Group {
  stands: Stand[];
  wraps: Wraps;
}
/** Who stands in one panel, once all of them are known. */
interface Place {
  field: Field;
  wraps: Wraps;
}

/**
 * `rules` are those of the screen; what they name that cannot have the focus does not count. Within an area that scrolls, or leads
 * round, the focus goes on there first; seen from outside, what is scrolled away stands at the edge of its area.
 */
export function solveFocus(
  elements: readonly Element[],
  layout: Solved,
  { next: set = {}, order: first = [], wraps = 'up and down' }: FocusRules = {},
): FocusGraph {
  const stands = elements.filter(isUsed).map((element): Stand => {
    const rect = layout.get(element.id)!;
    return { id: element.id, rect: playOf(element).focus!(element, rect) };
  });
  stands.sort((a, b) => a.rect.y - b.rect.y || a.rect.x - b.rect.x);
  const known = new Map(stands.map((offer) => [offer.id, offer]));
  const { groups, outside } = groupsOf(elements, layout, stands);
  const everywhere = new Field([...outside.values()]);
  const next = new Map<Id, Ways>();
  for (const from of stands) {
    const group = groups.get(from.id);
    const ways: Ways = {};
    for (const direction of DIRECTIONS) {
      const own = set[from.id]?.[direction];
      if (own === null) continue;
      const to =
        own !== undefined && known.has(own)
          ? own
          : (group?.field.nearest(from, direction, group.wraps) ??
            everywhere.nearest(outside.get(from.id) ?? from, direction, wraps));
      if (to !== undefined) ways[direction] = to;
    }
    next.set(from.id, ways);
  }
  const named = new Set(first.filter((id) => known.has(id)));
  return { order: [...named, ...[...known.keys()].filter((id) => !named.has(id))], next };
}

/**
 * The innermost panel each stands in that scrolls or leads round, with all that stand there; and each as it is seen
 * from outside.
 */
function groupsOf(
  elements: readonly Element[],
  layout: Solved,
  stands: readonly Stand[],
): { groups: Map<Id, Place>; outside: Map<Id, Stand> } {
  const groups = new Map<Id, Place>();
  const outside = new Map(stands.map((offer) => [offer.id, offer]));
  const isGroup = (element: Element): boolean => holdsOf(element).wraps !== undefined || canScroll(element);
  if (!elements.some(isGroup)) return { groups, outside };
  const byId = new Map(elements.map((element) => [element.id, element]));
  const panels = new Map<Id, Group>();
  for (const stand of stands)
    for (let at = byId.get(stand.id)?.parent ?? null; at !== null; at = byId.get(at)?.parent ?? null) {
      const panel = byId.get(at);
      if (!panel || !isGroup(panel)) continue;
      const group = panels.get(at) ?? { stands: [], wraps: holdsOf(panel).wraps ?? 'never' };
      panels.set(at, group);
      group.stands.push(stand);
      if (canScroll(panel))
        outside.set(stand.id, { id: stand.id, rect: within(stand.rect, layout.get(at)!) });
      break;
    }
  for (const { stands: inside, wraps } of panels.values()) {
    const place = { field: new Field(inside), wraps };
    for (const { id } of inside) groups.set(id, place);
  }
  return { groups, outside };
}

/** What of a rect is in another; nothing at its edge where none is. */
function within(rect: Rect, area: Rect): Rect {
  const clamp = (n: number, from: number, to: number): number => Math.min(to, Math.max(from, n));
  const x = clamp(rect.x, area.x, area.x + area.width);
  const y = clamp(rect.y, area.y, area.y + area.height);
  return {
    x,
    y,
    width: clamp(rect.x + rect.width, area.x, area.x + area.width) - x,
    height: clamp(rect.y + rect.height, area.y, area.y + area.height) - y,
  };
}
