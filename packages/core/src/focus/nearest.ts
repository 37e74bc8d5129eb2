import type { Rect } from '../geometry';
import { DIRECTIONS, type Direction, type Id, type Wraps } from '../model';
import { ALIGN_WEIGHT, liesIn, navigationDistance } from './distance';

/** Something that can have the focus, and where it stands. */
export interface Stand {
  id: Id;
  rect: Rect;
}

/** Beyond so many overlapping candidates the exact nearest no longer matters. */
const MAX_LOOKED = 200;

interface Line {
  /** In the order of their middles on the way. */
  stands: { stand: Stand; index: number; middle: number }[];
  /** Half of the longest of them along the way. */
  reach: number;
  /** From where the first begins to where the last ends. */
  length: number;
}

/** Which edge one meets first going in a direction, counted so that it grows on the way. */
const EDGES: Record<Direction, { near: (rect: Rect) => number; far: (rect: Rect) => number }> = {
  down: { near: ({ y }) => y, far: ({ y, height }) => y + height },
  up: { near: ({ y, height }) => -(y + height), far: ({ y }) => -y },
  right: { near: ({ x }) => x, far: ({ x, width }) => x + width },
  left: { near: ({ x, width }) => -(x + width), far: ({ x }) => -x },
};

/**
 * All that can have the focus in one place, laid out so that what lies nearest is found without looking at all of it: whoever
 * stands further off than the nearest so far by the gap alone can only be further.
 */
export class Field {
  readonly #lines: Record<Direction, Line>;

  constructor(readonly stands: readonly Stand[]) {
    this.#lines = Object.fromEntries(
      DIRECTIONS.map((direction) => {
        const { near, far } = EDGES[direction];
        const line = stands.map((stand, index) => ({
          stand,
          index,
          middle: (near(stand.rect) + far(stand.rect)) / 2,
        }));
        line.sort((a, b) => a.middle - b.middle || a.index - b.index);
        const reach = stands.reduce((max, { rect }) => Math.max(max, (far(rect) - near(rect)) / 2), 0);
        const first = stands.reduce((min, { rect }) => Math.min(min, near(rect)), Infinity);
        const last = stands.reduce((max, { rect }) => Math.max(max, far(rect)), -Infinity);
        return [direction, { stands: line, reach, length: last - first }];
      }),
    ) as Record<Direction, Line>;
  }

  /** What lies nearest in a direction; at the end, where it leads round, what does when all is repeated beyond it. */
  nearest(from: Stand, direction: Direction, wraps: Wraps): Id | undefined {
    const ahead = this.#least(from, direction, 0);
    const way = direction === 'up' || direction === 'down' ? 'up and down' : 'left and right';
    if (ahead !== undefined || (wraps !== 'both' && wraps !== way)) return ahead;
    return this.#least(from, direction, this.#lines[direction].length + 1);
  }

  /**
   * The nearest by the distance of the draft, all moved onward by so much; of two as near, the one that is read
   * first.
   */
  #least(from: Stand, direction: Direction, onward: number): Id | undefined {
    const { stands, reach } = this.#lines[direction];
    const { near, far } = EDGES[direction];
    const end = far(from.rect);
    let found: { stand: Stand; index: number } | undefined;
    let min = Infinity;
    let looked = 0;
    // A candidate whose middle is not beyond ours is not in that direction.
    for (let i = firstBeyond(stands, (near(from.rect) + end) / 2 - onward); i < stands.length; i++) {
      const to = stands[i]!;
      const gap = to.middle - reach + onward - end;
      if ((gap > 0 && gap - ALIGN_WEIGHT > min) || looked > MAX_LOOKED) break;
      if (to.stand.id === from.id) continue;
      const rect = onward === 0 ? to.stand.rect : moved(to.stand.rect, direction, onward);
      if (!liesIn(from.rect, rect, direction)) continue;
      looked += 1;
      const distance = navigationDistance(from.rect, rect, direction);
      if (distance < min || (distance === min && to.index < found!.index)) [min, found] = [distance, to];
    }
    return found?.stand.id;
  }
}

/** The first of a sorted line whose middle is beyond, by more than rounding. */
function firstBeyond(line: Line['stands'], middle: number): number {
  let from = 0;
  let to = line.length;
  while (from < to) {
    const half = (from + to) >> 1;
    if (line[half]!.middle <= middle + 1e-9) from = half + 1;
    else to = half;
  }
  return from;
}

function moved(rect: Rect, direction: Direction, by: number): Rect {
  switch (direction) {
    case 'up':
      return { ...rect, y: rect.y - by };
    case 'down':
      return { ...rect, y: rect.y + by };
    case 'left':
      return { ...rect, x: rect.x - by };
    case 'right':
      return { ...rect, x: rect.x + by };
  }
}
