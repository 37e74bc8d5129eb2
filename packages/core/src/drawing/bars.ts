import type { Rect } from '../geometry';
import type { ProgressFill } from '../model';
import type { DrawnBox } from '../style';
import { group, type Item } from './items';
import { filledFrom, pictureOf } from './part';
import { box } from './shapes';

/** Bars that are no bars: rings, and rows of things. */

/**
 * Part of a ring that fills a rect, as SVG path data; empty for nothing.
 * @param from,to degrees, clockwise from the top, `to` being the larger; a whole turn and more is the whole ring
 * @param width how wide the ring is, in design pixels; half of the rect and more fills it to the middle
 */
export function ringPath(rect: Rect, from: number, to: number, width: number): string {
  const sweep = Math.min(360, to - from);
  if (sweep <= 0) return '';
  const [outerX, outerY] = [rect.width / 2, rect.height / 2];
  const [innerX, innerY] = [Math.max(0, outerX - width), Math.max(0, outerY - width)];
  const [x, y] = [rect.x + outerX, rect.y + outerY];
  const at = (angle: number, radiusX: number, radiusY: number): string => {
    const turn = (angle * Math.PI) / 180;
    return `${near(x + radiusX * Math.sin(turn))} ${near(y - radiusY * Math.cos(turn))}`;
  };
  // An arc of a whole turn would end where it begins, which is no arc; so it goes half way twice.
  const arc = (radiusX: number, radiusY: number, start: number, end: number): string =>
    [(start + end) / 2, end]
      .map(
        (angle) =>
          `A${near(radiusX)} ${near(radiusY)} 0 0 ${end > start ? 1 : 0} ${at(angle, radiusX, radiusY)}`,
      )
      .join('');
  const end = from + sweep;
  const inwards = sweep === 360 ? 'M' : 'L';
  return `M${at(from, outerX, outerY)}${arc(outerX, outerY, from, end)}${inwards}${at(end, innerX, innerY)}${arc(innerX, innerY, end, from)}Z`;
}

/** A look cut out along a shape: its fill, and its picture or gradient as they lie over all of a rect. */
export function cutOut(path: string, rect: Rect, look: DrawnBox): Item[] {
  const { fill, border, borderWidth, gradient } = look;
  if (!pictureOf(look) && !gradient) return [{ kind: 'path', id: null, path, fill, border, borderWidth }];
  return [group(box(null, rect, { ...look, borderWidth: 0, corner: 0 }), { cut: path })];
}

const near = (n: number): number => Math.round(n * 1000) / 1000;

/** Things side by side, as many of them filled as there are. */
export function filledRow(
  rect: Rect,
  { count, gap, steps, upright }: Extract<ProgressFill, { by: 'row' }>,
  share: number,
  full: DrawnBox,
  empty: DrawnBox | null,
): Item[] {
  const filled = stepped(share * count, steps);
  const room = upright ? rect.height : rect.width;
  const size = Math.max(0, (room - gap * (count - 1)) / count);
  return Array.from({ length: count }, (_, i): Item[] => {
    const along = i * (size + gap);
    const thing = upright
      ? { ...rect, y: rect.y + room - size - along, height: size }
      : { ...rect, x: rect.x + along, width: size };
    const part = Math.min(1, Math.max(0, filled - i));
    return [
      ...(empty && part < 1 ? box(null, thing, empty) : []),
      ...(part > 0 ? filledFrom(upright ? 'bottom' : 'left', part, thing, full) : []),
    ];
  }).flat();
}

/** The nearest there is; what is more than nothing is never shown as nothing. */
function stepped(things: number, steps: 'whole' | 'half' | 'any'): number {
  if (steps === 'any') return things;
  const by = steps === 'half' ? 0.5 : 1;
  return things > 0 ? Math.max(by, Math.round(things / by) * by) : 0;
}
