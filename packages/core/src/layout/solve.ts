import { holdsOf } from '../elements';
import type { Solved, Span, Axis } from '../geometry';
import type { Placement, Element, Id, Length } from '../model';
import { arrangedSpans, innerRoom } from './arrange';

/**
 * The rect of every element in a frame of the given size, in design pixels. A missing parent counts as the frame; a
 * sibling
 * that is missing, or attached to this very element, counts as the parent.
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
  const solve = (axis: Axis, whole: Span): Map<Id, Span> => {
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
      const room = parent ? innerRoom(parent, span(parent), axis) : whole;
      const found = arranged(parent, room)?.get(element) ?? placed(element, room, siblingOf(element));
      open.delete(element.id);
      solved.set(element.id, found);
      return found;
    };
    // A parent that arranges places all its children at once.
    const places = new Map<Element, Map<Element, Span> | undefined>();
    const arranged = (parent: Element | undefined, room: Span): Map<Element, Span> | undefined => {
      if (!parent || !holdsOf(parent).arrange) return undefined;
      if (!places.has(parent)) {
        const siblings = held.get(parent.id)!;
        const spans = arrangedSpans(parent, siblings, room, axis);
        places.set(parent, spans && new Map(siblings.map((sibling, i) => [sibling, spans[i]!])));
      }
      return places.get(parent);
    };
    const siblingOf = (element: Element): Span | null => {
      const placement = element.place[axis];
      const sibling =
        placement.at === 'stretch' || placement.to === undefined ? undefined : byId.get(placement.to);
      if (!sibling || sibling.parent !== element.parent || open.has(sibling.id)) return null;
      return span(sibling);
    };
    const placed = (element: Element, room: Span, sibling: Span | null): Span => {
      const placement = element.place[axis];
      if (sibling) return attached(placement, sibling, room.size);
      const { start, size } = solveAxis(placement, room.size);
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
export function solveAxis(placement: Placement, room: number): Span {
  const offset = toPixels(placement.offset, room);
  const size = sizeOf(placement, room);
  if (placement.at === 'stretch') return { start: offset, size };
  const own = placement.own ?? OWN[placement.at];
  const point =
    placement.at === 'start' ? offset : placement.at === 'centre' ? room / 2 + offset : room - offset;
  return { start: point - own * size, size };
}

/** Beside a sibling: `offset` outwards from its start or end, or from its middle. */
function attached(placement: Placement, sibling: Span, room: number): Span {
  if (placement.at === 'stretch') return solveAxis(placement, room);
  const size = sizeOf(placement, room);
  const offset = toPixels(placement.offset, room);
  const own = placement.own ?? BESIDE[placement.at];
  const point =
    placement.at === 'start'
      ? sibling.start - offset
      : placement.at === 'end'
        ? sibling.start + sibling.size + offset
        : sibling.start + sibling.size / 2 + offset;
  return { start: point - own * size, size };
}

/**
 * The size an element takes on one axis, within its min and max, in design pixels; never negative.
 * @param room the parent’s size on this axis in design pixels
 */
export function sizeOf(placement: Placement, room: number): number {
  const size =
    placement.at === 'stretch'
      ? room - toPixels(placement.offset, room) - toPixels(placement.far, room)
      : toPixels(placement.size, room);
  return Math.max(0, placement.min ?? 0, Math.min(placement.max ?? Infinity, size));
}

/** The reference point an anchor implies when the element names none. */
export const OWN = { start: 0, centre: 0.5, end: 1 } as const;

/** The same beside a sibling: what is before it ends there, what is after it starts there. */
export const BESIDE = { start: 1, centre: 0.5, end: 0 } as const;

/** The element’s own point that its offset is measured to: 0 its start, 1 its end. */
export const ownOf = (axis: Exclude<Placement, { at: 'stretch' }>): number =>
  axis.own ?? (axis.to === undefined ? OWN : BESIDE)[axis.at];

export const PERCENT = /^-?\d+(?:\.\d+)?%$/;

/** A length in design pixels; a percentage is of `room`, and text that is no length counts as 0. */
export function toPixels(length: Length, room: number): number {
  if (typeof length === 'number') return length;
  return PERCENT.test(length) ? (parseFloat(length) / 100) * room : 0;
}
