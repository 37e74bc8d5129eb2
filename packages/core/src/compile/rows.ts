import type { Rect } from '../geometry';
import type { Element, ListElement, Placement } from '../model';

/** What can stand in place of the rows of a list. */
export type Piece = 'empty' | 'waiting' | 'failed';

/** How the rows of a list stand in it, in design pixels. */
export interface RowRects {
  columns: number;
  /** How far the next line of rows is from the one before. */
  pitch: number;
  /** How long what can be seen of it is, the way its lines follow one another. */
  view: number;
  all: Element['place'];
  at: (index: number) => Element['place'];
}

const fixed = (offset: number, size: number): Placement => ({ at: 'start', offset, size });
const FILLING: Placement = { at: 'stretch', offset: 0, far: 0 };

/** How the rows of a list stand in its place: in lines, side by side where it has several columns. */
export function rowRects(element: ListElement, { width, height }: Pick<Rect, 'width' | 'height'>): RowRects {
  const { columns = 1, gap = 0, rowHeight: size, across } = element;
  const pitch = size + gap;
  const room = across ? height : width;
  const beside = Math.max(1, (room - gap * (columns - 1)) / columns);
  return {
    columns,
    pitch,
    view: across ? width : height,
    all: { x: FILLING, y: FILLING },
    at: (index) => {
      const along = fixed(Math.floor(index / columns) * pitch, size);
      const side = fixed((index % columns) * (beside + gap), beside);
      return across ? { x: along, y: side } : { x: side, y: along };
    },
  };
}

/** More rows than this are drawn only near where they are seen. */
export const DRAWN_WHOLE = 60;

/**
 * Which places of a list are drawn: all of a short one; of a long one those on the page that is seen and on the one before and
 * after, those beside what has the focus, and the first and last, which say how far it goes.
 * @param offset how far it is scrolled, in design pixels
 * @param focused the place that has the focus; null for none
 */
export function placesDrawn(
  { columns, pitch, view }: Pick<RowRects, 'columns' | 'pitch' | 'view'>,
  count: number,
  offset: number,
  focused: number | null,
): number[] {
  if (count <= DRAWN_WHOLE) return Array.from({ length: count }, (_, at) => at);
  const lines = Math.ceil(count / columns);
  const page = Math.max(1, Math.ceil(view / Math.max(1, pitch)));
  // By whole pages, so that most of what is scrolled over is drawn already.
  const first = Math.floor(offset / Math.max(1, pitch) / page) * page;
  const drawn = new Set<number>([0, lines - 1]);
  for (let line = first - page; line < first + 3 * page; line++) drawn.add(line);
  if (focused !== null) {
    const at = Math.floor(focused / columns);
    for (let line = at - 2; line <= at + 2; line++) drawn.add(line);
  }
  return [...drawn]
    .filter((line) => line >= 0 && line < lines)
    .sort((a, b) => a - b)
    .flatMap((line) => Array.from({ length: columns }, (_, i) => line * columns + i))
    .filter((at) => at < count);
}
