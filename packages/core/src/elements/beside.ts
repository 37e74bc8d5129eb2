import { inset, saidText, type ControlStyle, type Item } from '../drawing';
import type { Rect } from '../geometry';
import type { Id } from '../model';

/** Controls with a name to their left. */

/** Room between a control's edge and its words, as a share of its height. */
export const EDGE = 0.3;

/**
 * A control’s name, drawn to the left, and the room left for the control itself.
 * @param share how much of the width the name takes, 0 to 1
 */
export function named(
  { project, rect, ink, said }: ControlStyle,
  id: Id,
  share: number,
): { items: Item[]; room: Rect } {
  const edge = rect.height * EDGE;
  const room = besideName(rect, said !== '', share);
  if (said === '') return { items: [], room };
  const inner = inset(rect, { top: 0, right: edge, bottom: 0, left: edge });
  const name = { ...inner, width: inner.width * share - edge / 2 };
  return { items: saidText(project, id, name, said, { ...ink, align: 'start' }, 'middle'), room };
}

/** The track of a slider, in what is left of it beside its name and before the words of its value. */
export function trackIn(room: Rect, rect: Rect, words: string): Rect {
  const wordsWidth = widthOf(words, room);
  const width = room.width - wordsWidth - (wordsWidth > 0 ? 16 : 0);
  return { x: room.x, y: rect.y + rect.height / 2 - 4, width, height: 8 };
}

/** The width in design pixels kept for the text of a slider’s value; 0 without one. */
export const widthOf = (words: string, room: Rect): number =>
  words === '' ? 0 : Math.min(room.width * 0.34, 150);

/**
 * The room a control has beside its name; all of it without one.
 * @param share how much of the width the name takes, 0 to 1
 */
export function besideName(rect: Rect, hasName: boolean, share: number): Rect {
  const edge = rect.height * EDGE;
  const inner = inset(rect, { top: 0, right: edge, bottom: 0, left: edge });
  if (!hasName) return inner;
  const rest = inner.width * (1 - share) - edge / 2;
  return { ...inner, x: inner.x + inner.width - rest, width: rest };
}
