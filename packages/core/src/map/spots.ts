import type { Id, Layer } from '../model';
import { addTo } from './lists';
import { LAYERS, type Lane } from './placing';

/** Where a card stands: columns and lines of cards run over the whole map, with streets between them. */
export interface Spot {
  column: number;
  line: number;
}

/** How lanes and rows share the columns and lines of the map. */
export interface Sheet {
  /** The first column of each lane, and how many it has. */
  lanes: Map<Lane, { first: number; wide: number }>;
  bands: { layer: Layer; first: number; wide: number }[];
  /** The first line of each row, and how many it has. */
  rows: Map<number, { first: number; deep: number }>;
  columns: number;
  lines: number;
}

/** Areas whose rows do not meet share columns, so that a long flow does not become wider with every area. */
export function sheetOf(lanes: readonly Lane[]): Sheet {
  const placed: Sheet['lanes'] = new Map();
  const bands: Sheet['bands'] = [];
  let columns = 0;
  for (const layer of LAYERS) {
    const first = columns;
    for (const { at, lanes: within } of packed(lanes.filter((lane) => lane.layer === layer))) {
      let column = first + at;
      for (const lane of within) {
        const wide = widthOf(lane);
        placed.set(lane, { first: column, wide });
        column += wide;
      }
      columns = Math.max(columns, column);
    }
    if (columns > first) bands.push({ layer, first, wide: columns - first });
  }
  const rows: Sheet['rows'] = new Map();
  let line = 0;
  for (const row of [...new Set(lanes.flatMap((lane) => [...lane.cells.keys()]))].sort((a, b) => a - b)) {
    const deep = Math.max(
      ...lanes.map((lane) => Math.ceil((lane.cells.get(row)?.length ?? 0) / widthOf(lane))),
    );
    rows.set(row, { first: line, deep });
    line += deep;
  }
  return { lanes: placed, bands, rows, columns, lines: line };
}

/** Where the card stands that is `n`th, from 0, in a cell. */
export function spotAt(sheet: Sheet, lane: Lane, row: number, n: number): Spot {
  const { first, wide } = sheet.lanes.get(lane)!;
  return { column: first + (n % wide), line: sheet.rows.get(row)!.first + Math.floor(n / wide) };
}

/** Outside the areas, so many cards stand side by side before a row goes on beneath, and so many at most. */
const ABREAST = 3;
const WIDEST = 8;

/** Wide flows get wide lanes, so that no row is much taller than the others. Areas are kept narrow: they stand side by side. */
function widthOf({ area, layer, cells }: Lane): number {
  let fullest = 1;
  for (const cell of cells.values()) fullest = Math.max(fullest, cell.length);
  if (layer === 'base' && area !== null) return Math.ceil(Math.sqrt(fullest));
  return fullest <= ABREAST ? fullest : Math.max(2, Math.min(WIDEST, Math.ceil(fullest / 2)));
}

/** The lanes of each outermost area side by side as one block, each block in the first columns that are free in its rows. */
function packed(lanes: readonly Lane[]): { at: number; lanes: Lane[] }[] {
  const blocks = new Map<Id | null, Lane[]>();
  for (const lane of lanes) {
    addTo(blocks, lane.around[0] ?? null, lane);
  }
  const taken: { at: number; wide: number; top: number; bottom: number }[] = [];
  return [...blocks.values()].map((block) => {
    const rows = block.flatMap((lane) => [...lane.cells.keys()]);
    const [top, bottom] = rows.length > 0 ? [Math.min(...rows), Math.max(...rows)] : [0, 0];
    const wide = block.reduce((sum, lane) => sum + widthOf(lane), 0);
    const beside = taken.filter((other) => other.top <= bottom && other.bottom >= top);
    let at = 0;
    for (let moved = true; moved;) {
      const inTheWay = beside.find((other) => at < other.at + other.wide && other.at < at + wide);
      moved = inTheWay !== undefined;
      if (inTheWay) at = inTheWay.at + inTheWay.wide;
    }
    taken.push({ at, wide, top, bottom });
    return { at, lanes: block };
  });
}
