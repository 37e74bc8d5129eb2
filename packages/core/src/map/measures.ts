import type { Id } from '../model';
import type { Arranged } from './arranged';
import type { leavingOf } from './leaving';
import { AREA, CARD, EDGE, LABEL, STREET, TRACK } from './sizes';
import type { Streets } from './streets';

/** Where columns, lines and streets lie, in map pixels. */
export interface Measures {
  /** The left edge of each column, and the first track of the street before it; one more street than columns. */
  columns: number[];
  tracks: number[];
  /** By the street it begins with: where a band begins. The last is where the bands end. */
  bands: Map<number, number>;
  lines: {
    top: number;
    /** The first track of the street above its cards. */
    street: number;
    cards: number;
    /** Beneath the labels of its cards. */
    end: number;
  }[];
  /** Where the names of areas stand. */
  heads: Map<Id, number>;
  width: number;
  height: number;
}

/** In steps of two, so that one link more seldom moves anything. */
const stepped = (count: number): number => Math.max(2, 2 * Math.ceil(count / 2));

/** Every street is as wide as what runs in it, every line as tall as its labels. */
export function measure(map: Arranged, leaving: ReturnType<typeof leavingOf>, streets: Streets): Measures {
  return { ...across(map, streets), ...down(map, leaving, streets) };
}

function across({ sheet, boxes }: Arranged, { downCounts }: Streets) {
  const columns: number[] = [];
  const tracks: number[] = [];
  const bands = new Map<number, number>();
  const all = [...boxes.values()];
  const side = (inner: number): number => AREA.side * (inner + 1);
  const widest = (some: typeof all): number => Math.max(0, ...some.map(({ inner }) => side(inner)));
  let x = EDGE.left;
  for (let street = 0; street <= sheet.columns; street++) {
    // Boxes end and begin in a street; what runs there runs between them.
    const ends = widest(all.filter(({ last }) => last === street - 1));
    const begins = widest(all.filter(({ first }) => first === street));
    const tracksHere = downCounts[street] ?? 0;
    const wide = Math.max(0, tracksHere - 1) * TRACK;
    const isEdge = street === sheet.columns || sheet.bands.some(({ first }) => first === street);
    const needed = tracksHere > 0 ? 2 * STREET.beside + (stepped(tracksHere) - 1) * TRACK : 0;
    const room = Math.max(STREET.across - ends - begins, needed) + (isEdge ? EDGE.band : 0);
    tracks.push(x + ends + (room - wide) / 2);
    if (isEdge) bands.set(street, street === 0 ? x : x + ends + room / 2);
    x += ends + room + begins;
    columns.push(x);
    if (street < sheet.columns) x += CARD.width;
  }
  return { columns, tracks, bands, width: x };
}

function down(
  { sheet, boxes, nodes, spotOf }: Arranged,
  leaving: ReturnType<typeof leavingOf>,
  { acrossCounts }: Streets,
) {
  const lines: Measures['lines'] = [];
  const heads = new Map<Id, number>();
  const all = [...boxes.values()];
  const rows = (id: Id): number => leaving.get(id)?.rows ?? 0;
  const labels: number[] = [];
  for (const id of nodes.keys()) {
    const { line } = spotOf(id);
    labels[line] = Math.max(labels[line] ?? 0, rows(id));
  }
  let y = EDGE.top;
  for (let line = 0; line < Math.max(1, sheet.lines); line++) {
    const top = y;
    const begin = all.filter((box) => box.top === line);
    for (let depth = 0; begin.some((box) => box.depth >= depth); depth++) {
      const level = begin.filter((box) => box.depth === depth);
      for (const { id } of level) heads.set(id, y);
      y += Math.max(0, ...level.map(({ id }) => AREA.head + rows(id) * LABEL.pitch));
    }
    const street = y + STREET.above;
    y += STREET.above + (stepped(acrossCounts[line] ?? 0) - 1) * TRACK + STREET.arrow;
    const cards = y;
    y += CARD.height + LABEL.above + stepped(labels[line] ?? 0) * LABEL.pitch;
    lines.push({ top, street, cards, end: y });
    const end = all.filter(({ bottom }) => bottom === line);
    y += Math.max(0, ...end.map(({ inner }) => AREA.foot * (inner + 1)));
  }
  return { lines, heads, height: y };
}
