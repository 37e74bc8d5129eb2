import { DIRECTIONS, type Direction, type Element, type FocusRules, type Id, type Wraps } from '../model';
import type { Rect, Solved } from '../layout';
import { liesIn, navigationDistance } from './distance';

/** Who can have the focus on a screen, and where each direction leads, solved from the layout at rest. */
export interface FocusGraph {
  /** Focusable elements in reading order: as set by hand, else top to bottom, then left to right. */
  order: Id[];
  next: Map<Id, Ways>;
}
export type Ways = Partial<Record<Direction, Id>>;

const USED: ReadonlySet<Element['type']> = new Set([
  'button',
  'switch',
  'slider',
  'choice',
  'entry',
  'binding',
  'tabs',
  'address',
]);

/** Whether a player uses it: presses it, sets it, or types into it. */
export const isUsed = (element: Element): boolean => USED.has(element.type);

interface Stand {
  id: Id;
  rect: Rect;
}

interface Group {
  stands: Stand[];
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
    // Tabs hold all that is on them; what has the focus is their bar.
    return { id: element.id, rect: element.type === 'tabs' ? { ...rect, height: element.bar } : rect };
  });
  stands.sort((a, b) => a.rect.y - b.rect.y || a.rect.x - b.rect.x);
  const known = new Map(stands.map((each) => [each.id, each]));
  const { groups, outside } = groupsOf(elements, layout, stands);
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
          : ((group && nearest(from, group.stands, direction, group.wraps)) ??
            nearest(outside.get(from.id) ?? from, [...outside.values()], direction, wraps));
      if (to !== undefined) ways[direction] = to;
    }
    next.set(from.id, ways);
  }
  const named = first.filter((id, i) => known.has(id) && first.indexOf(id) === i);
  return { order: [...named, ...[...known.keys()].filter((id) => !named.includes(id))], next };
}

/** The innermost panel each stands in that scrolls or leads round, with all that stand there; and each as it is seen from outside. */
function groupsOf(
  elements: readonly Element[],
  layout: Solved,
  stands: readonly Stand[],
): { groups: Map<Id, Group>; outside: Map<Id, Stand> } {
  const groups = new Map<Id, Group>();
  const outside = new Map(stands.map((each) => [each.id, each]));
  const isGroup = (each: Element): boolean =>
    each.type === 'panel' && (each.wraps !== undefined || each.overflow === 'scrolls');
  if (!elements.some(isGroup)) return { groups, outside };
  const byId = new Map(elements.map((element) => [element.id, element]));
  const panels = new Map<Id, Group>();
  for (const stand of stands)
    for (let at = byId.get(stand.id)?.parent ?? null; at !== null; at = byId.get(at)?.parent ?? null) {
      const panel = byId.get(at);
      if (panel?.type !== 'panel' || !isGroup(panel)) continue;
      const group = panels.get(at) ?? { stands: [], wraps: panel.wraps ?? 'never' };
      panels.set(at, group);
      group.stands.push(stand);
      groups.set(stand.id, group);
      if (panel.overflow === 'scrolls')
        outside.set(stand.id, { id: stand.id, rect: within(stand.rect, layout.get(at)!) });
      break;
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

/** What lies nearest in a direction; at the end, where it leads round, what does when all is repeated beyond it. */
function nearest(from: Stand, stands: readonly Stand[], direction: Direction, wraps: Wraps): Id | undefined {
  const ahead = leastOf(from, stands, direction, 0);
  const way = direction === 'up' || direction === 'down' ? 'up and down' : 'left and right';
  if (ahead !== undefined || (wraps !== 'both' && wraps !== way)) return ahead;
  const [at, size] = way === 'up and down' ? (['y', 'height'] as const) : (['x', 'width'] as const);
  const start = Math.min(...stands.map(({ rect }) => rect[at]));
  const end = Math.max(...stands.map(({ rect }) => rect[at] + rect[size]));
  return leastOf(from, stands, direction, end - start + 1);
}

/** The nearest of them by the distance of the draft, all moved onward by so much. */
function leastOf(
  from: Stand,
  stands: readonly Stand[],
  direction: Direction,
  onward: number,
): Id | undefined {
  let found: Id | undefined;
  let least = Infinity;
  for (const to of stands) {
    if (to.id === from.id) continue;
    const rect = onward === 0 ? to.rect : moved(to.rect, direction, onward);
    if (!liesIn(from.rect, rect, direction)) continue;
    const distance = navigationDistance(from.rect, rect, direction);
    if (distance < least) [least, found] = [distance, to.id];
  }
  return found;
}

function moved(rect: Rect, direction: Direction, by: number): Rect {
  switch (direction) {
    case 'up':
      return { ...rect, y: rect.y - by };
    case 'down':
      return { ...rect, y: rect.y + by };
    case 'left':
      return { ...rect, x: rect.x - by };
    case 'right':
      return { ...rect, x: rect.x + by };
  }
}
