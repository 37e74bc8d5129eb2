import { holdsOf } from '../elements';
import type { Span, Axis } from '../geometry';
import type { Arrange, Element } from '../model';
import { sizeOf } from './solve';

/** Rows, columns, grids and tabs place what they hold; an element's own place then only says how large it is. */

/** The part of an element that its children are placed in. */
export function innerRoom(parent: Element, { start, size }: Span, axis: Axis): Span {
  const { head = 0, gutter, arrange } = holdsOf(parent);
  const lead = axis === 'y' ? head : 0;
  const pad = arrange?.pad ?? 0;
  const kept = Math.max(pad, gutter?.[axis] ?? 0);
  return { start: start + lead + pad, size: Math.max(0, size - lead - pad - kept) };
}

/** Where a parent that arranges puts each of those it holds; undefined when it leaves them to their own places. */
export function arrangedSpans(
  parent: Element,
  held: readonly Element[],
  room: Span,
  axis: Axis,
): Span[] | undefined {
  const { arrange } = holdsOf(parent);
  if (!arrange) return undefined;
  if (arrange.by === 'grid') return inGrid(arrange, held, room, axis);
  const along = (arrange.by === 'row') === (axis === 'x');
  return along
    ? inLine(arrange, held, room, axis)
    : held.map((element) => beside(arrange, element, room, axis));
}

/** One after another; children that stretch share the room the others leave. */
function inLine(arrange: Arrange, held: readonly Element[], room: Span, axis: Axis): Span[] {
  const gaps = arrange.gap * (held.length - 1);
  const stretched = held.filter((element) => element.place[axis].at === 'stretch').length;
  const fixed = held.map((element) => {
    const placement = element.place[axis];
    return placement.at === 'stretch' ? 0 : sizeOf(placement, room.size);
  });
  const left = room.size - gaps - fixed.reduce((total, value) => total + value, 0);
  const share = stretched > 0 ? Math.max(0, left / stretched) : 0;
  const sizes = held.map((element, n) => (element.place[axis].at === 'stretch' ? share : fixed[n]!));
  const free = stretched > 0 ? 0 : left;
  const spread = arrange.along === 'spread' && held.length > 1 ? Math.max(0, free) / (held.length - 1) : 0;
  const before = arrange.along === 'centre' ? free / 2 : arrange.along === 'end' ? free : 0;
  const starts = running(sizes);
  return sizes.map((size, i) => ({
    start: room.start + before + starts[i]! + i * (arrange.gap + spread),
    size,
  }));
}

function beside({ across = 'start' }: Arrange, element: Element, room: Span, axis: Axis): Span {
  const placement = element.place[axis];
  const size = across === 'stretch' || placement.at === 'stretch' ? room.size : sizeOf(placement, room.size);
  const free = room.size - size;
  return { start: room.start + (across === 'centre' ? free / 2 : across === 'end' ? free : 0), size };
}

/** Columns of one width; each row is as high as the highest in it. */
function inGrid(arrange: Arrange, held: readonly Element[], room: Span, axis: Axis): Span[] {
  const columns = Math.max(1, arrange.columns ?? 2);
  const rows = Math.ceil(held.length / columns);
  if (axis === 'x') {
    const size = Math.max(0, (room.size - arrange.gap * (columns - 1)) / columns);
    return held.map((_, i) => ({ start: room.start + (i % columns) * (size + arrange.gap), size }));
  }
  const even = Math.max(0, (room.size - arrange.gap * (rows - 1)) / rows);
  const heights = Array.from({ length: rows }, (_, row) =>
    Math.max(
      ...held
        .slice(row * columns, (row + 1) * columns)
        .map(({ place: { y } }) => (y.at === 'stretch' ? even : sizeOf(y, room.size))),
    ),
  );
  const starts = running(heights);
  return held.map((_, i) => {
    const row = Math.floor(i / columns);
    return { start: room.start + starts[row]! + row * arrange.gap, size: heights[row]! };
  });
}

/** What comes before each, added up. */
function running(sizes: readonly number[]): number[] {
  let total = 0;
  return sizes.map((size) => {
    const before = total;
    total += size;
    return before;
  });
}
