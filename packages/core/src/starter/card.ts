import { holdsOf, playOf } from '../elements';
import type { Rect, Solved, Span } from '../geometry';
import { innerRoom, reparentAxis, spanOf } from '../layout';
import { withId, type Element, type Id, type Place } from '../model';

/** A card is a panel with words and controls on it, as menus and questions are; it grows about its middle. */

/** What is on a screen, and where: design pixels, at rest. */
export interface Standing {
  elements: readonly Element[];
  layout: Solved;
  /** The safe margin is a percentage of each side; a component has none. */
  frame: { width: number; height: number; margin?: number };
  /** A HUD piece: what is put there keeps to the edge, since play is in the middle. */
  isHud?: boolean;
}

/** Where an element goes that makes room for another. */
export interface Moved {
  element: Id;
  place: Place;
}

/** The smallest card that holds an element, or else the first there is; null where there is none. */
export function cardOf(standing: Standing, around?: Rect): Element | null {
  const { elements, layout } = standing;
  const area = (element: Element): number => layout.get(element.id)!.width * layout.get(element.id)!.height;
  const [card] = elements
    .filter(({ id, type }) => type === 'panel' && layout.has(id))
    .filter((panel) => !holdsOf(panel).arrange && !holdsOf(panel).overflow)
    .filter((panel) => !around || contains(layout.get(panel.id)!, around))
    .filter((panel) => {
      const on = membersOf(standing, panel);
      return on.some(({ type }) => type === 'text') && on.some((element) => playOf(element).focus);
    })
    .sort((a, b) => area(a) - area(b));
  return card ?? null;
}

/** What lies on a card, as it is moved: what another of them holds goes with that. */
export function membersOf({ elements, layout }: Standing, card: Element): Element[] {
  const around = layout.get(card.id)!;
  const on = new Set(
    elements
      .filter(({ id }) => id !== card.id && layout.has(id) && contains(around, layout.get(id)!))
      .map(({ id }) => id),
  );
  return elements.filter(({ id, parent }) => on.has(id) && (parent === null || !on.has(parent)));
}

/**
 * Makes a card higher: what lies below a line of it goes down by half as much, the rest up. `widest` is what has to fit
 * across. Null where the frame has no room for that.
 * @param line where it is opened, in design pixels of the frame
 * @param by how much higher it becomes, in design pixels
 */
export function openCard(
  standing: Standing,
  card: Element,
  line: number,
  by: number,
  widest = 0,
): Moved[] | null {
  const { elements, layout, frame } = standing;
  const around = layout.get(card.id)!;
  const margin = (frame.height * (frame.margin ?? 0)) / 100;
  const tall: Span = { start: around.y - by / 2, size: around.height + by };
  const wider = Math.max(0, widest - around.width);
  const wide: Span = { start: around.x - wider / 2, size: around.width + wider };
  if (tall.start < margin || tall.start + tall.size > frame.height - margin || wide.start < 0) return null;
  const rooms = (element: Element): { x: Span; y: Span } => {
    if (element.parent === card.id) return { x: innerRoom(card, wide, 'x'), y: innerRoom(card, tall, 'y') };
    const parent = withId(elements, element.parent);
    const held = parent && layout.get(parent.id);
    if (!parent || !held) return { x: { start: 0, size: frame.width }, y: { start: 0, size: frame.height } };
    return {
      x: innerRoom(parent, spanOf(held, 'x'), 'x'),
      y: innerRoom(parent, spanOf(held, 'y'), 'y'),
    };
  };
  const moved = (element: Element, x: Span, y: Span): Moved => {
    const room = rooms(element);
    const { place } = element;
    return {
      element: element.id,
      place: { x: reparentAxis(place.x, x, room.x), y: reparentAxis(place.y, y, room.y) },
    };
  };
  return [
    moved(card, wide, tall),
    ...membersOf(standing, card).map((element) => {
      const rect = layout.get(element.id)!;
      const down = rect.y >= line - 1 ? by / 2 : -by / 2;
      return moved(element, spanOf(rect, 'x'), { start: rect.y + down, size: rect.height });
    }),
  ];
}

/** The lower edge of a rect, in design pixels. */
export const bottom = ({ y, height }: Rect): number => y + height;
/** Whether a rect lies within another; they may have edges in common. */
export const contains = (outer: Rect, inner: Rect): boolean =>
  outer.x <= inner.x &&
  outer.y <= inner.y &&
  outer.x + outer.width >= inner.x + inner.width &&
  bottom(outer) >= bottom(inner);
