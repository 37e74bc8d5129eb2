import { areasAround, type Project, type Screen } from '../model';
import { LAYERS } from './placing';
import { countSteps, nodesOf } from './steps';

/**
 * Screens in the order of the map, for whatever lists them: layer by layer, area by area with those of no area first, row
 * by row, and as they stand in their row.
 */
export function inMapOrder(project: Project): Screen[] {
  const { screens, areas } = project;
  const steps = screens.every(({ row }) => row !== undefined) ? null : countSteps(project, nodesOf(project));
  const areaAt = new Map(areas.map(({ id }, i) => [id, i]));
  const keys = new Map(
    screens.map((screen, i) => {
      const around = screen.layer === 'base' ? areasAround(project, screen.area).reverse() : [];
      const path = around.map((id) => areaAt.get(id)!);
      const row = screen.row ?? steps?.get(screen.id) ?? Infinity;
      return [screen, { layer: LAYERS.indexOf(screen.layer), path, row, order: screen.order ?? Infinity, i }];
    }),
  );
  return [...screens].sort((one, other) => {
    const [a, b] = [keys.get(one)!, keys.get(other)!];
    return (
      a.layer - b.layer ||
      alongPath(a.path, b.path) ||
      rise(a.row, b.row) ||
      rise(a.order, b.order) ||
      a.i - b.i
    );
  });
}

/** What is in an area itself comes before what is in areas within. */
function alongPath(a: readonly number[], b: readonly number[]): number {
  for (let n = 0; n < Math.max(a.length, b.length); n++) {
    const difference = (a[n] ?? -1) - (b[n] ?? -1);
    if (difference !== 0) return difference;
  }
  return 0;
}

const rise = (a: number, b: number): number => (a === b ? 0 : a - b);
