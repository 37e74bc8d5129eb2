import type { Id, Project } from '../model';
import { arrange } from './arranged';

/** Whether every screen that shares its row with others has an order of its own: told without a plan. */
function isOrdered({ screens }: Project): boolean {
  const taken = new Map<string, Set<number | undefined>>();
  for (const { layer, area, row, order } of screens) {
    const lane = `${layer} ${row} ${layer === 'base' ? area : ''}`;
    const orders = taken.get(lane) ?? new Set();
    if (orders.has(order) || (orders.size > 0 && (order === undefined || orders.has(undefined))))
      return false;
    taken.set(lane, orders.add(order));
  }
  return true;
}

/**
 * The order, from 0, of every screen that shares its row with others and has none yet, or the same as another: as they
 * stand, to be kept in the project.
 */
export function ordersToKeep(project: Project): Map<Id, number> {
  const kept = new Map<Id, number>();
  if (isOrdered(project)) return kept;
  for (const { cells } of arrange(project, {}).lanes)
    for (const cell of cells.values()) {
      const cards = cell.filter(({ gap }) => !gap);
      // One by itself has nothing to stand before or after.
      if (cards.every(({ order }, i) => i === 0 || cards[i - 1]!.order! < order!)) continue;
      cards.forEach(({ id }, order) => kept.set(id, order));
    }
  return kept;
}
