import type { Span } from '../geometry';
import type { Axis, Length } from '../model';
import { BESIDE, OWN, ownOf, PERCENT } from './solve';

/** Places said otherwise: moved, resized, or kept by another anchor, with nothing else changed on screen. */

/** The same place, re-expressed so that the element's start moves by `by` design pixels; units and anchors stay. */
export function moveAxis(axis: Axis, by: number, room: number): Axis {
  if (axis.at === 'stretch')
    return { ...axis, offset: shift(axis.offset, by, room), far: shift(axis.far, -by, room) };
  // Measured inwards from the parent's end, and outwards from a sibling's start.
  const backwards = axis.to === undefined ? axis.at === 'end' : axis.at === 'start';
  return { ...axis, offset: shift(axis.offset, backwards ? -by : by, room) };
}

/**
 * The same place with its start moved by `start` and its end by `end` design pixels. Units, anchors and the own
 * reference point stay.
 */
export function resizeAxis(axis: Axis, start: number, end: number, room: number): Axis {
  if (axis.at === 'stretch')
    return { ...axis, offset: shift(axis.offset, start, room), far: shift(axis.far, -end, room) };
  const sized = { ...axis, size: shift(axis.size, end - start, room) };
  // The reference point moves with the edges it lies between.
  return moveAxis(sized, start + ownOf(axis) * (end - start), room);
}

/** An axis that stands at `span` (measured in its parent, as it is drawn now) and is kept by `at` of the parent. */
export function anchorAxis(axis: Axis, at: Axis['at'], span: Span, room: number): Axis {
  const bounds = {
    ...(axis.min === undefined ? {} : { min: axis.min }),
    ...(axis.max === undefined ? {} : { max: axis.max }),
  };
  const { start, size } = span;
  if (at === 'stretch') return { at, offset: tidy(start), far: tidy(room - start - size), ...bounds };
  const kept = axis.at === 'stretch' ? tidy(size) : axis.size;
  const point = start + OWN[at] * size;
  const offset = at === 'start' ? point : at === 'centre' ? point - room / 2 : room - point;
  return { at, offset: tidy(offset), size: kept, ...bounds };
}

/** An axis that stands at `span` and hangs on a sibling's side from now on; `sibling` and `span` in the same measure. */
export function attachAxis(
  axis: Axis,
  to: string,
  at: 'start' | 'centre' | 'end',
  span: Span,
  sibling: Span,
  own: number = BESIDE[at],
): Axis {
  const size = axis.at === 'stretch' ? tidy(span.size) : axis.size;
  const point = span.start + own * span.size;
  const offset =
    at === 'start'
      ? sibling.start - point
      : at === 'end'
        ? point - sibling.start - sibling.size
        : point - sibling.start - sibling.size / 2;
  const { min, max } = axis;
  return {
    at,
    offset: tidy(offset),
    size,
    to,
    ...(own === BESIDE[at] ? {} : { own }),
    ...(min === undefined ? {} : { min }),
    ...(max === undefined ? {} : { max }),
  };
}

/**
 * An axis kept as it was, with its anchor and units, now that what holds it is another: it stands at `span` of the page
 * and the new parent at `room`. What hung on a sibling left behind is kept by the parent's start.
 */
export function reparentAxis(axis: Axis, span: Span, room: Span): Axis {
  const start = span.start - room.start;
  const as = (length: Length, pixels: number): Length =>
    typeof length === 'string' && room.size > 0 ? `${tidy((pixels / room.size) * 100)}%` : tidy(pixels);
  if (axis.at === 'stretch')
    return {
      ...axis,
      offset: as(axis.offset, start),
      far: as(axis.far, room.size - start - span.size),
    };
  const { to, ...free } = axis;
  const at = to === undefined ? axis.at : 'start';
  const own = to === undefined ? ownOf(axis) : 0;
  const point = start + own * span.size;
  const pixels = at === 'start' ? point : at === 'centre' ? point - room.size / 2 : room.size - point;
  const made: Axis = { ...free, at, offset: as(axis.offset, pixels), size: as(axis.size, span.size) };
  if (to !== undefined) delete made.own;
  return made;
}

/** The same place on screen, measured to another point of the element, which is `size` design pixels long. */
export function holdAxisBy(
  axis: Exclude<Axis, { at: 'stretch' }>,
  own: number,
  size: number,
  room: number,
): Axis {
  return moveAxis({ ...axis, own }, (own - ownOf(axis)) * size, room);
}

/** A length made longer by so many design pixels, in its own unit. */
export function shift(length: Length, pixels: number, room: number): Length {
  if (typeof length === 'number') return tidy(length + pixels);
  if (room === 0 || !PERCENT.test(length)) return length;
  return `${tidy(parseFloat(length) + (pixels / room) * 100)}%`;
}

export const tidy = (n: number): number => Math.round(n * 100) / 100;
