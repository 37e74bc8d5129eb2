import { holdsOf, playOf } from '../elements';
import type { Rect, Solved } from '../geometry';
import { innerRoom, reparentAxis, spanOf } from '../layout';
import { withId, type Element, type Id, type Place, type Placement } from '../model';
import { bottom, cardOf, contains, membersOf, openCard, type Moved, type Standing } from './card';
import { at, centre, end, start } from './pieces';

/** Where a new element is put, and what makes room for it. */
export interface Belonging {
  parent: Id | null;
  place: Place;
  /** Where others go to make room. Empty: there is room already. */
  moves: Moved[];
}

/** Between two controls when there is only one to go by, in design pixels. */
const GAP = 24;
/** What a card keeps at each side of what is put on it, in design pixels. */
const PAD = 40;
/** How much of the frame something covers that others stand on rather than beside. */
const GROUND = 0.6;
/** How finely a free place is looked for, in design pixels. */
const STEP = 40;

/**
 * Where a new element belongs on a screen: a control under the last of its type, as wide, with the same gap, in the
 * panel around them, which grows with it; controls together, on the card there is, above its own; anything else, and a
 * control without another, where it covers least, as near the middle as that can be.
 * @param held what the new element holds
 */
export function whereItBelongs(standing: Standing, fresh: Element, held: readonly Element[] = []): Belonging {
  const column = playOf(fresh).focus ? underTheLast(standing, fresh) : null;
  const card = held.some((element) => playOf(element).focus) ? onTheCard(standing, fresh) : null;
  if (column ?? card) return (column ?? card)!;
  const edge = standing.isHud ? edgePlace(standing, fresh) : null;
  return { parent: null, place: edge ?? freePlace(standing, fresh), moves: [] };
}

function underTheLast(standing: Standing, fresh: Element): Belonging | null {
  const { elements, layout, frame } = standing;
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

  const around = (element: Element): boolean =>
    element !== last && (element.id === last.parent || contains(rect(element), own));
  const [panel] = elements
    .filter((element) => element.type === 'panel' && around(element))
    .sort((a, b) => rect(a).width * rect(a).height - rect(b).width * rect(b).height);
  const grown = panel && !holdsOf(panel).overflow ? growth(rect(panel), own, next, gap) : null;
  // What is arranged by its panel stays where it is on that, wherever the panel goes.
  const opened = grown && arrange && panel === parent ? onOuterCard(standing, parent, grown) : null;
  if (opened) return { parent: last.parent, place: last.place, moves: opened };

  if (!isLong && bottom(next) > frame.height - inset(frame, 'height')) return null;
  const inWay = standingOn(elements, layout, frame).filter((other) => !around(other));
  if (!arrange && inWay.some((other) => overlap(rect(other), next) > 0)) return null;
  const place = arrange
    ? last.place
    : { x: last.place.x, y: reparentAxis(last.place.y, spanOf(next, 'y'), roomOf(parent, layout, frame)) };
  if (!panel || !grown) return { parent: last.parent, place, moves: [] };
  if (bottom(grown) > frame.height || panel.place.y.at === 'stretch') return null;
  const held = roomOf(withId(elements, panel.parent), layout, frame);
  const y = reparentAxis(panel.place.y, spanOf(grown, 'y'), held);
  return { parent: last.parent, place, moves: [{ element: panel.id, place: { ...panel.place, y } }] };
}

/** A panel that grows on a card: the card grows with it, about its middle. Null where it stands on none. */
function onOuterCard(standing: Standing, panel: Element, grown: Rect): Moved[] | null {
  const { layout, frame, elements } = standing;
  const own = layout.get(panel.id)!;
  const outer = cardOf({ ...standing, elements: elements.filter(({ id }) => id !== panel.id) }, own);
  if (!outer || panel.place.y.at === 'stretch') return null;
  const by = grown.height - own.height;
  const moves = openCard(standing, outer, bottom(own), by);
  if (!moves) return null;
  const room = roomOf(withId(elements, panel.parent), layout, frame);
  const y = reparentAxis(panel.place.y, { start: own.y - by / 2, size: grown.height }, room);
  return moves.map((moved) =>
    moved.element === panel.id ? { ...moved, place: { ...moved.place, y } } : moved,
  );
}

/** On the card there is, between its words and its controls. */
function onTheCard(standing: Standing, fresh: Element): Belonging | null {
  const card = cardOf(standing);
  if (!card) return null;
  const { layout, frame } = standing;
  const [width, height] = [sizeOf(fresh.place.x), sizeOf(fresh.place.y)];
  const controls = membersOf(standing, card).filter((element) => playOf(element).focus);
  const line = Math.min(...controls.map(({ id }) => layout.get(id)!.y));
  const by = height + GAP;
  const moves = openCard(standing, card, line, by, width + 2 * PAD);
  if (!moves) return null;
  const { x, width: across } = layout.get(card.id)!;
  const place = at(
    centre(x + across / 2 - frame.width / 2, width),
    centre(line - by / 2 + height / 2 - frame.height / 2, height),
  );
  return { parent: null, place, moves };
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

/** Anchored to the end of the frame, as high as there is room; null where there is none. */
function edgePlace({ elements, layout, frame }: Standing, fresh: Element): Place | null {
  const [width, height] = [sizeOf(fresh.place.x), sizeOf(fresh.place.y)];
  const [side, top] = [inset(frame, 'width'), inset(frame, 'height')];
  const taken = standingOn(elements, layout, frame).map(({ id }) => layout.get(id)!);
  for (let y = top; y + height <= frame.height - top; y += STEP) {
    const rect = { x: frame.width - side - width, y, width, height };
    if (taken.every((other) => overlap(other, rect) === 0)) return at(end(side, width), start(y, height));
  }
  return null;
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
/** The area two have in common, in square design pixels. */
const overlap = (a: Rect, b: Rect): number =>
  Math.max(0, Math.min(a.x + a.width, b.x + b.width) - Math.max(a.x, b.x)) *
  Math.max(0, Math.min(bottom(a), bottom(b)) - Math.max(a.y, b.y));
