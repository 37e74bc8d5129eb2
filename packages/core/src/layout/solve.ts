import { holdsOf } from '../elements';
import type { Solved, Span, Way } from '../geometry';
import type { Axis, Element, Id, Length } from '../model';
import { arrangedSpans, innerRoom } from './arrange';

/**
 * Where every element stands in a frame of the given size. A parent that is missing counts as the frame, and a sibling
 * that is missing, or hangs on this very element, as the parent.
 */
export function solveLayout(elements: readonly Element[], frame: { width: number; height: number }): Solved {
  const byId = new Map(elements.map((element) => [element.id, element]));
  const held = new Map<Id, Element[]>();
  for (const element of elements) {
    if (element.parent === null) continue;
    const known = held.get(element.parent);
    if (known) known.push(element);
    else held.set(element.parent, [element]);
  }
  const solve = (way: Way, whole: Span): Map<Id, Span> => {
    const solved = new Map<Id, Span>();
    const open = new Set<Id>();
    const parentOf = (element: Element): Element | undefined => {
      const parent = element.parent === null ? undefined : byId.get(element.parent);
      return parent && !open.has(parent.id) ? parent : undefined;
    };
    const span = (element: Element): Span => {
      const known = solved.get(element.id);
      if (known) return known;
      open.add(element.id);
      const parent = parentOf(element);
      const room = parent ? innerRoom(parent, span(parent), way) : whole;
      const found = arranged(parent, room)?.get(element) ?? placed(element, room, siblingOf(element));
      open.delete(element.id);
      solved.set(element.id, found);
      return found;
    };
    // A parent places all that it holds in one go.
    const places = new Map<Element, Map<Element, Span> | undefined>();
    const arranged = (parent: Element | undefined, room: Span): Map<Element, Span> | undefined => {
      if (!parent || !holdsOf(parent).arrange) return undefined;
      if (!places.has(parent)) {
        const siblings = held.get(parent.id)!;
        const spans = arrangedSpans(parent, siblings, room, way);
        places.set(parent, spans && new Map(siblings.map((sibling, i) => [sibling, spans[i]!])));
      }
      return places.get(parent);
    };
    const siblingOf = (element: Element): Span | null => {
      const axis = element.place[way];
      const sibling = axis.at === 'stretch' || axis.to === undefined ? undefined : byId.get(axis.to);
      if (!sibling || sibling.parent !== element.parent || open.has(sibling.id)) return null;
      return span(sibling);
    };
    const placed = (element: Element, room: Span, sibling: Span | null): Span => {
      const axis = element.place[way];
      if (sibling) return attached(axis, sibling, room.size);
      const { start, size } = solveAxis(axis, room.size);
      return { start: room.start + start, size };
    };
    for (const element of elements) span(element);
    return solved;
  };
  const across = solve('x', { start: 0, size: frame.width });
  const down = solve('y', { start: 0, size: frame.height });
  return new Map(
    elements.map(({ id }) => {
      const x = across.get(id)!;
      const y = down.get(id)!;
      return [id, { x: x.start, y: y.start, width: x.size, height: y.size }];
    }),
  );
}

/** Start and size of one axis within a parent of length `room`, all in design pixels. */
export function solveAxis(axis: Axis, room: number): Span {
  const offset = toPixels(axis.offset, room);
  const size = sizeOf(axis, room);
  if (axis.at === 'stretch') return { start: offset, size };
  const own = axis.own ?? OWN[axis.at];
  const point = axis.at === 'start' ? offset : axis.at === 'centre' ? room / 2 + offset : room - offset;
  return { start: point - own * size, size };
}

/** Beside a sibling: `offset` outwards from its start or end, or from its middle. */
function attached(axis: Axis, sibling: Span, room: number): Span {
  if (axis.at === 'stretch') return solveAxis(axis, room);
  const size = sizeOf(axis, room);
  const offset = toPixels(axis.offset, room);
  const own = axis.own ?? BESIDE[axis.at];
  const point =
    axis.at === 'start'
      ? sibling.start - offset
      : axis.at === 'end'
        ? sibling.start + sibling.size + offset
        : sibling.start + sibling.size / 2 + offset;
  return { start: point - own * size, size };
}

export function sizeOf(axis: Axis, room: number): number {
  const size =
    axis.at === 'stretch'
      ? room - toPixels(axis.offset, room) - toPixels(axis.far, room)
      : toPixels(axis.size, room);
  return Math.max(0, axis.min ?? 0, Math.min(axis.max ?? Infinity, size));
}

/** The reference point an anchor implies when the element names none. */
export const OWN = { start: 0, centre: 0.5, end: 1 } as const;

/** The same beside a sibling: what is before it ends there, what is after it starts there. */
export const BESIDE = { start: 1, centre: 0.5, end: 0 } as const;

export const ownOf = (axis: Exclude<Axis, { at: 'stretch' }>): number =>
  axis.own ?? (axis.to === undefined ? OWN : BESIDE)[axis.at];

export const PERCENT = /^-?\d+(?:\.\d+)?%$/;

export function toPixels(length: Length, room: number): number {
  if (typeof length === 'number') return length;
  return PERCENT.test(length) ? (parseFloat(length) / 100) * room : 0;
}
