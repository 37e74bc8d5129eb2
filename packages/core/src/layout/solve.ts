import type { Axis, Element, Id, Length, Screen } from '../model';

/** In design pixels, from the frame's top left corner. */
export interface Rect {
  x: number;
  y: number;
  width: number;
  height: number;
}

export type Solved = Map<Id, Rect>;

/** Where every element of a screen stands in a frame of the given size. A parent that is missing counts as the frame. */
export function solveLayout(screen: Screen, frame: { width: number; height: number }): Solved {
  const solved: Solved = new Map();
  const byId = new Map(screen.elements.map((element) => [element.id, element]));
  const whole: Rect = { x: 0, y: 0, width: frame.width, height: frame.height };
  const place = (element: Element, above: number): Rect => {
    const known = solved.get(element.id);
    if (known) return known;
    const parent = element.parent === null ? undefined : byId.get(element.parent);
    // A chain longer than the list of elements can only be a circle.
    const inside = parent && above < screen.elements.length ? place(parent, above + 1) : whole;
    const rect = placeIn(element, inside);
    solved.set(element.id, rect);
    return rect;
  };
  for (const element of screen.elements) place(element, 0);
  return solved;
}

export function placeIn(element: Element, parent: Rect): Rect {
  const x = solveAxis(element.place.x, parent.width);
  const y = solveAxis(element.place.y, parent.height);
  return { x: parent.x + x.start, y: parent.y + y.start, width: x.size, height: y.size };
}

/** Start and size of one axis within a parent of length `room`, all in design pixels. */
export function solveAxis(axis: Axis, room: number): { start: number; size: number } {
  const offset = toPixels(axis.offset, room);
  if (axis.at === 'stretch') {
    return { start: offset, size: Math.max(0, room - offset - toPixels(axis.far, room)) };
  }
  const size = Math.max(0, toPixels(axis.size, room));
  const own = axis.own ?? OWN[axis.at];
  const point = axis.at === 'start' ? offset : axis.at === 'centre' ? room / 2 + offset : room - offset;
  return { start: point - own * size, size };
}

/** The reference point an anchor implies when the element names none. */
export const OWN = { start: 0, centre: 0.5, end: 1 } as const;

export const PERCENT = /^-?\d+(?:\.\d+)?%$/;

export function toPixels(length: Length, room: number): number {
  if (typeof length === 'number') return length;
  return PERCENT.test(length) ? (parseFloat(length) / 100) * room : 0;
}

/** The same place, re-expressed so that the element's start moves by `by` design pixels; units and anchors stay. */
export function moveAxis(axis: Axis, by: number, room: number): Axis {
  const shift = (length: Length, pixels: number): Length => {
    if (typeof length === 'number') return tidy(length + pixels);
    return room === 0 ? length : `${tidy(parseFloat(length) + (pixels / room) * 100)}%`;
  };
  if (axis.at === 'stretch') return { ...axis, offset: shift(axis.offset, by), far: shift(axis.far, -by) };
  return { ...axis, offset: shift(axis.offset, axis.at === 'end' ? -by : by) };
}

const tidy = (n: number): number => Math.round(n * 100) / 100;
