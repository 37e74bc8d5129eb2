import { canScroll } from '../../elements';
import type { Flow } from '../../compile';
import type { Id } from '../../model';
import { type Device, type Instance, reachable, type RunState, screenOf } from '../state';

/** Room that is kept between what has the focus and the edge it has been scrolled to, in design pixels. */
const MARGIN = 16;

/** How far what an area holds can be moved, in design pixels: never to beyond its last. */
export function mostOf({ layout, tree }: Pick<ReturnType<typeof screenOf>, 'layout' | 'tree'>, area: Id) {
  const view = layout.get(area)!;
  const held = (tree.get(area) ?? []).map(({ id }) => layout.get(id)!);
  const along = (axis: 'x' | 'y', size: 'width' | 'height'): number => {
    const last = Math.max(-Infinity, ...held.map((rect) => rect[axis] + rect[size]));
    const over = last - view[axis] - view[size];
    return over > 0 ? over + MARGIN : 0;
  };
  return { x: along('x', 'width'), y: along('y', 'height') };
}

/**
 * How far the content of a scroll panel is moved, in design pixels: as scrolled by hand, else by the least that
 * brings the
 * focus into view.
 */
export function scrollOf(
  screen: Pick<ReturnType<typeof screenOf>, 'byId' | 'layout' | 'tree'>,
  area: Id,
  focus: Id | null,
  scrolled: Instance['scrolled'] = null,
): { x: number; y: number } {
  const { byId, layout } = screen;
  if (scrolled?.area === area) return { x: -scrolled.x, y: -scrolled.y };
  let inside = false;
  for (let at = focus; at !== null && !inside; at = byId.get(at)?.parent ?? null)
    inside = byId.get(at)?.parent === area;
  if (focus === null || !inside) return { x: 0, y: 0 };
  const view = layout.get(area)!;
  const goal = layout.get(focus)!;
  const max = mostOf(screen, area);
  const along = (axis: 'x' | 'y', size: 'width' | 'height'): number =>
    0 - Math.min(max[axis], Math.max(0, goal[axis] + goal[size] + MARGIN - view[axis] - view[size]));
  return { x: along('x', 'width'), y: along('y', 'height') };
}

/**
 * Scrolls a panel by wheel or finger; a panel that is gone is passed over. `x` and `y` are design pixels, positive to
 * the right and down.
 */
export function scroll(
  flow: Flow,
  state: RunState,
  { serial, area, x, y, device }: { serial: number; area: Id; x: number; y: number; device: Device },
): void {
  const level = reachable(flow, state).find((instance) => instance.serial === serial);
  const screen = level && screenOf(flow, level);
  const panel = screen?.byId.get(area);
  if (!level || !canScroll(panel)) return;
  const now = scrollOf(screen!, area, level.focus, level.scrolled);
  const max = mostOf(screen!, area);
  const fit = (to: number, end: number): number => Math.min(end, Math.max(0, to));
  state.device = device;
  level.scrolled = { area, x: fit(x - now.x, max.x), y: fit(y - now.y, max.y) };
}
