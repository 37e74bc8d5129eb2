import { holdsOf, playOf } from '../elements';
import type { Rect, Solved } from '../geometry';
import { innerRoom, reparentAxis, spanOf } from '../layout';
import { withId, type Element, type Id, type Place, type Placement } from '../model';
import { at, centre } from './pieces';

/** Where a new element is put, and what makes room for it. */
export interface Belonging {
  parent: Id | null;
  place: Place;
  /** The panel around it, and what its vertical place becomes. Absent: there is room already. */
  grows?: { panel: Id; y: Placement };
}

/** What is on a screen, and where: design pixels, at rest. */
interface Standing {
  elements: readonly Element[];
  layout: Solved;
  /** The safe margin is a percentage of each side; a component has none. */
  frame: { width: number; height: number; margin?: number };
}

/** Between two controls when there is only one to go by, in design pixels. */
const GAP = 24;
/** How much of the frame something covers that others stand on rather than beside. */
const GROUND = 0.6;
/** How finely a free place is looked for, in design pixels. */
const STEP = 40;

/**
 * Where a new element belongs on a screen: a control under the last of its type, as wide, with the same gap, in the
 * panel around them, which grows with it; anything else, and a control without another, where it covers least, as near
 * the middle as that can be.
 */
export function whereItBelongs(standing: Standing, fresh: Element): Belonging {
  const column = playOf(fresh).focus ? underTheLast(standing, fresh) : null;
  return column ?? { parent: null, place: freePlace(standing, fresh) };
}

function underTheLast({ elements, layout, frame }: Standing, fresh: Element): Belonging | null {
  const rect = (element: Element): Rect => layout.get(element.id)!;
  const alike = elements.filter(({ type, id }) => type === fresh.type && layout.has(id));
  const last = alike.sort((a, b) => bottom(rect(a)) - bottom(rect(b))).at(-1);
  if (!last) return null;
  const own = rect(last);
  const parent = withId(elements, last.parent);
  const arrange = parent && holdsOf(parent).arrange;
  const above = alike.filter(
    (other) =>
      other !== last &&
      other.parent === last.parent &&
      Math.abs(rect(other).x - own.x) < 2 &&
      bottom(rect(other)) <= own.y,
  );
  const gap = arrange?.gap ?? (above.length > 0 ? own.y - bottom(rect(above.at(-1)!)) : GAP);
  const next = { ...own, y: arrange && arrange.by !== 'column' ? own.y : bottom(own) + gap };
  // What is cut off or scrolled to is meant to be larger than its panel.
  const isLong = parent !== undefined && holdsOf(parent).overflow !== undefined;
  if (!isLong && bottom(next) > frame.height - inset(frame, 'height')) return null;

  const around = (element: Element): boolean =>
    element !== last && (element.id === last.parent || contains(rect(element), own));
  const inWay = standingOn(elements, layout, frame).filter((other) => !around(other));
  if (!arrange && inWay.some((other) => overlap(rect(other), next) > 0)) return null;

  const [panel] = elements
    .filter((element) => element.type === 'panel' && around(element))
    .sort((a, b) => rect(a).width * rect(a).height - rect(b).width * rect(b).height);
  const room = roomOf(parent, layout, frame);
  const place = arrange
    ? last.place
    : { x: last.place.x, y: reparentAxis(last.place.y, spanOf(next, 'y'), room) };
  const grown = panel && !holdsOf(panel).overflow && growth(rect(panel), own, next, gap);
  if (!panel || !grown) return { parent: last.parent, place };
  if (bottom(grown) > frame.height || panel.place.y.at === 'stretch') return null;
  const held = roomOf(withId(elements, panel.parent), layout, frame);
  const y = reparentAxis(panel.place.y, spanOf(grown, 'y'), held);
  return { parent: last.parent, place, grows: { panel: panel.id, y } };
}

/** A panel that keeps below the next control what it keeps below the last, within reason; null while it has room. */
function growth(panel: Rect, last: Rect, next: Rect, gap: number): Rect | null {
  const kept = Math.min(bottom(panel) - bottom(last), Math.max(gap, STEP));
  const height = bottom(next) + kept - panel.y;
  return height > panel.height ? { ...panel, height } : null;
}

function roomOf(parent: Element | undefined, layout: Solved, { height }: Standing['frame']) {
  return parent ? innerRoom(parent, spanOf(layout.get(parent.id)!, 'y'), 'y') : { start: 0, size: height };
}

function freePlace({ elements, layout, frame }: Standing, fresh: Element): Place {
  const [width, height] = [sizeOf(fresh.place.x), sizeOf(fresh.place.y)];
  const taken = standingOn(elements, layout, frame).map(({ id }) => layout.get(id)!);
  const [side, end] = [inset(frame, 'width'), inset(frame, 'height')];
  const middle = { x: (frame.width - width) / 2, y: (frame.height - height) / 2 };
  const places = stepsFrom(middle.x, side).flatMap((x) =>
    stepsFrom(middle.y, end).map((y) => ({ x, y, width, height })),
  );
  const far = ({ x, y }: { x: number; y: number }): number => Math.hypot(x - middle.x, y - middle.y);
  const covered = places.map((place) => taken.reduce((sum, other) => sum + overlap(other, place), 0));
  const least = Math.min(...covered);
  const [found] = places.filter((_, i) => covered[i] === least).sort((a, b) => far(a) - far(b));
  return at(centre(found!.x - middle.x, width), centre(found!.y - middle.y, height));

  function stepsFrom(from: number, margin: number): number[] {
    const steps = Math.floor(Math.max(0, from - margin) / STEP);
    return Array.from({ length: 2 * steps + 1 }, (_, i) => from + (i - steps) * STEP);
  }
}

/** What is stood beside, and not on: all but what covers most of the frame, or nothing. */
const standingOn = (elements: readonly Element[], layout: Solved, frame: Standing['frame']): Element[] =>
  elements.filter(({ id }) => {
    const { width, height } = layout.get(id) ?? { width: 0, height: 0 };
    return width * height > 0 && width * height < GROUND * frame.width * frame.height;
  });

const inset = (frame: Standing['frame'], side: 'width' | 'height'): number =>
  (frame[side] * (frame.margin ?? 0)) / 100;
const sizeOf = (placement: Placement): number =>
  placement.at !== 'stretch' && typeof placement.size === 'number' ? placement.size : 100;
const bottom = ({ y, height }: Rect): number => y + height;
const contains = (outer: Rect, inner: Rect): boolean =>
  outer.x <= inner.x &&
  outer.y <= inner.y &&
  outer.x + outer.width >= inner.x + inner.width &&
  bottom(outer) >= bottom(inner);
/** The area two have in common, in square design pixels. */
const overlap = (a: Rect, b: Rect): number =>
  Math.max(0, Math.min(a.x + a.width, b.x + b.width) - Math.max(a.x, b.x)) *
  Math.max(0, Math.min(bottom(a), bottom(b)) - Math.max(a.y, b.y));
