import type { Element, Id } from '../model';
import type { Solved } from '../layout';
import { DIRECTIONS, liesIn, navigationDistance, type Direction } from './distance';

/** Who can have the focus on a screen, and where each direction leads, solved from the layout at rest. */
export interface FocusGraph {
  /** Focusable elements in reading order: top to bottom, then left to right. */
  order: Id[];
  next: Map<Id, Partial<Record<Direction, Id>>>;
}

const USED: ReadonlySet<Element['type']> = new Set([
  'button',
  'switch',
  'slider',
  'choice',
  'entry',
  'tabs',
  'address',
]);

/** Whether a player uses it: presses it, sets it, or types into it. */
export const isUsed = (element: Element): boolean => USED.has(element.type);

export function solveFocus(elements: readonly Element[], layout: Solved): FocusGraph {
  const places = elements
    .filter(isUsed)
    .map((element) => ({ id: element.id, rect: layout.get(element.id)! }));
  places.sort((a, b) => a.rect.y - b.rect.y || a.rect.x - b.rect.x);
  const next = new Map<Id, Partial<Record<Direction, Id>>>();
  for (const from of places) {
    const ways: Partial<Record<Direction, Id>> = {};
    for (const direction of DIRECTIONS) {
      let nearest: Id | undefined;
      let least = Infinity;
      for (const to of places) {
        if (to === from || !liesIn(from.rect, to.rect, direction)) continue;
        const distance = navigationDistance(from.rect, to.rect, direction);
        if (distance < least) [least, nearest] = [distance, to.id];
      }
      const way = nearest ?? wrapped(places, from.id, direction);
      if (way !== undefined) ways[direction] = way;
    }
    next.set(from.id, ways);
  }
  return { order: places.map((place) => place.id), next };
}

/** Up from the first goes to the last, down from the last to the first; sideways does not wrap. */
function wrapped(places: { id: Id }[], from: Id, direction: Direction): Id | undefined {
  const last = places.length - 1;
  if (last < 1) return undefined;
  if (direction === 'down' && places[last]!.id === from) return places[0]!.id;
  if (direction === 'up' && places[0]!.id === from) return places[last]!.id;
  return undefined;
}
