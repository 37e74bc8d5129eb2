import { DIRECTIONS, type Direction, type FocusRules, type Id } from '../model';
import type { FocusGraph } from './graph';

/** The opposite direction. */
export const OPPOSITE: Record<Direction, Direction> = {
  up: 'down',
  down: 'up',
  left: 'right',
  right: 'left',
};

/** One move of the focus, and what a player may find odd about it. */
export interface Move {
  from: Id;
  to: Id;
  direction: Direction;
  /** Set by hand. */
  own: boolean;
  /** The opposite direction does not lead back. */
  oneWay: boolean;
}

/** Every move there is, in reading order. */
export function movesOf({ order, next }: FocusGraph, { next: set = {} }: FocusRules = {}): Move[] {
  return order.flatMap((from) =>
    DIRECTIONS.flatMap((direction): Move[] => {
      const to = next.get(from)?.[direction];
      if (to === undefined) return [];
      const oneWay = next.get(to)?.[OPPOSITE[direction]] !== from;
      return [{ from, to, direction, own: set[from]?.[direction] === to, oneWay }];
    }),
  );
}

/** What no direction ever leads to, and what none leads away from, when the focus begins at `first`. */
export function lostIn({ order, next }: FocusGraph, first: Id | null): { unreachable: Id[]; deadEnds: Id[] } {
  const begin = first !== null && order.includes(first) ? first : order[0];
  if (begin === undefined) return { unreachable: [], deadEnds: [] };
  const seen = new Set([begin]);
  for (const at of seen) for (const to of Object.values(next.get(at) ?? {})) seen.add(to);
  return {
    unreachable: order.filter((id) => !seen.has(id)),
    deadEnds: order.length < 2 ? [] : order.filter((id) => Object.keys(next.get(id) ?? {}).length === 0),
  };
}
