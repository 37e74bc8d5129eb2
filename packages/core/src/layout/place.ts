import type { Span } from '../geometry';
import type { Placement, Length } from '../model';
import { BESIDE, OWN, ownOf, PERCENT } from './solve';

/** Places said otherwise: moved, resized, or kept by another anchor, with nothing else changed on screen. */

/**
 * The same placement, written so that the element’s start moves by `by`; units and anchors stay.
 * @param by design pixels
 * @param room the parent’s size on this axis in design pixels, which percentages refer to
 */
export function moveAxis(placement: Placement, by: number, room: number): Placement {
  if (placement.at === 'stretch')
    return { ...placement, offset: shift(placement.offset, by, room), far: shift(placement.far, -by, room) };
  // Measured inwards from the parent's end, and outwards from a sibling's start.
  const backwards = placement.to === undefined ? placement.at === 'end' : placement.at === 'start';
  return { ...placement, offset: shift(placement.offset, backwards ? -by : by, room) };
}

/**
 * The same place with its start moved by `start` and its end by `end` design pixels. Units, anchors and the own
 * reference point stay.
 */
export function resizeAxis(placement: Placement, start: number, end: number, room: number): Placement {
  if (placement.at === 'stretch')
    return {
      ...placement,
      offset: shift(placement.offset, start, room),
      far: shift(placement.far, -end, room),
    };
  const sized = { ...placement, size: shift(placement.size, end - start, room) };
  // The reference point moves with the edges it lies between.
  return moveAxis(sized, start + ownOf(placement) * (end - start), room);
}

/**
 * A placement at `span`, anchored to `at` of the parent.
 * @param span where the element is drawn now, measured in its parent, in design pixels
 * @param room the parent’s size on this axis in design pixels
 */
export function anchorAxis(placement: Placement, at: Placement['at'], span: Span, room: number): Placement {
  const bounds = {
    ...(placement.min === undefined ? {} : { min: placement.min }),
    ...(placement.max === undefined ? {} : { max: placement.max }),
  };
  const { start, size } = span;
  if (at === 'stretch') return { at, offset: tidy(start), far: tidy(room - start - size), ...bounds };
  const kept = placement.at === 'stretch' ? tidy(size) : placement.size;
  const point = start + OWN[at] * size;
  const offset = at === 'start' ? point : at === 'centre' ? point - room / 2 : room - point;
  return { at, offset: tidy(offset), size: kept, ...bounds };
}

/**
 * A placement at `span`, attached to a side of a sibling.
 * @param span,sibling where both are drawn now, measured from the same origin, in design pixels
 * @param own the element’s own point that is attached, 0 (its start) to 1 (its end)
 */
export function attachAxis(
  placement: Placement,
  to: string,
  at: 'start' | 'centre' | 'end',
  span: Span,
  sibling: Span,
  own: number = BESIDE[at],
): Placement {
  const size = placement.at === 'stretch' ? tidy(span.size) : placement.size;
  const point = span.start + own * span.size;
  const offset =
    at === 'start'
      ? sibling.start - point
      : at === 'end'
        ? point - sibling.start - sibling.size
        : point - sibling.start - sibling.size / 2;
  const { min, max } = placement;
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
export function reparentAxis(placement: Placement, span: Span, room: Span): Placement {
  const start = span.start - room.start;
  const as = (length: Length, pixels: number): Length =>
    typeof length === 'string' && room.size > 0 ? `${tidy((pixels / room.size) * 100)}%` : tidy(pixels);
  if (placement.at === 'stretch')
    return {
      ...placement,
      offset: as(placement.offset, start),
      far: as(placement.far, room.size - start - span.size),
    };
  const { to, ...free } = placement;
  const at = to === undefined ? placement.at : 'start';
  const own = to === undefined ? ownOf(placement) : 0;
  const point = start + own * span.size;
  const pixels = at === 'start' ? point : at === 'centre' ? point - room.size / 2 : room.size - point;
  const made: Placement = {
    ...free,
    at,
    offset: as(placement.offset, pixels),
    size: as(placement.size, span.size),
  };
  if (to !== undefined) delete made.own;
  return made;
}

/** The same place on screen, measured to another point of the element, which is `size` design pixels long. */
export function holdAxisBy(
  axis: Exclude<Placement, { at: 'stretch' }>,
  own: number,
  size: number,
  room: number,
): Placement {
  return moveAxis({ ...axis, own }, (own - ownOf(axis)) * size, room);
}

/** A length made longer by so many design pixels, in its own unit. */
export function shift(length: Length, pixels: number, room: number): Length {
  if (typeof length === 'number') return tidy(length + pixels);
  if (room === 0 || !PERCENT.test(length)) return length;
  return `${tidy(parseFloat(length) + (pixels / room) * 100)}%`;
}

/** Rounds to a hundredth of a design pixel, so that files hold no noise of floating point; nor a zero below zero. */
export const tidy = (n: number): number => Math.round(n * 100) / 100 + 0;
