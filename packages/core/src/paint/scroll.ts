import type { CompiledScreen } from '../compile';
import type { Rect } from '../layout';
import type { Id } from '../model';

/** Room that is kept between what has the focus and the edge it has been scrolled to, in design pixels. */
const MARGIN = 16;

/**
 * How far what an area holds is moved so that what has the focus is in view: as little as will do, from its beginning.
 * Nothing is kept of it, so the same focus always shows the same.
 */
export function scrollOf(
  { byId, layout, tree }: Pick<CompiledScreen, 'byId' | 'layout' | 'tree'>,
  area: Id,
  focus: Id | null,
): { x: number; y: number } {
  let inside = false;
  for (let at = focus; at !== null && !inside; at = byId.get(at)?.parent ?? null)
    inside = byId.get(at)?.parent === area;
  if (focus === null || !inside) return { x: 0, y: 0 };
  const view = layout.get(area)!;
  const goal = layout.get(focus)!;
  const held = (tree.get(area) ?? []).map(({ id }) => layout.get(id)!);
  const along = (way: 'x' | 'y', size: 'width' | 'height'): number => {
    const last = Math.max(...held.map((rect: Rect) => rect[way] + rect[size]));
    const most = Math.max(0, last - view[way] - view[size] + MARGIN);
    const wanted = goal[way] + goal[size] + MARGIN - view[way] - view[size];
    return -Math.min(most, Math.max(0, wanted));
  };
  return { x: along('x', 'width'), y: along('y', 'height') };
}
