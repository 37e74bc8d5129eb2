import type { CompiledScreen } from '@tavu/core/compile';
import { around, gapsAround, snap, type Edge, type Gap, type SnapLine, EVERY_EDGE } from '@tavu/core/layout';
import type { Rect } from '@tavu/core/geometry';
import type { Id } from '@tavu/core/model';
import { liveFlow } from '../run';
import { endStep, useView } from '../store';
import { create } from 'zustand';
import { isLocked, moved, putRects, type Reached } from './reach';

/**
 * Drags over the held picture: each is one step of undo, shows what it has caught on, and how far things stand apart.
 */

interface Guides {
  lines: readonly SnapLine[];
  gaps: readonly Gap[];
  /** What is being drawn out: a new element, or a band to choose with. */
  drawn: Rect | null;
}
const NO_GUIDES: Guides = { lines: [], gaps: [], drawn: null };
export const useGuides = create<Guides>(() => NO_GUIDES);

export interface Point {
  x: number;
  y: number;
}
type PointOf = (event: { clientX: number; clientY: number }) => Point;

/** How near a guide has to be to snap to it, in screen pixels. */
const REACH = 6;
/** How far the pointer moves before a press becomes a drag, in design pixels. */
const STILL = 5;

/**
 * Follows the pointer until it is released. `follow` gets the distance so far, and whether the drag has only just
 * begun.
 */
export function track(
  event: { clientX: number; clientY: number },
  pointOf: PointOf,
  follow: (by: Point, now: PointerEvent, at: Point) => void,
  done: (dragged: boolean) => void,
): void {
  const from = pointOf(event);
  let dragged = false;
  const move = (now: PointerEvent): void => {
    const at = pointOf(now);
    const by = { x: at.x - from.x, y: at.y - from.y };
    if (!dragged && Math.hypot(by.x, by.y) < STILL) return;
    dragged = true;
    follow(by, now, at);
  };
  const stop = (): void => {
    window.removeEventListener('pointermove', move);
    window.removeEventListener('pointerup', stop);
    window.removeEventListener('pointercancel', stop);
    useGuides.setState(NO_GUIDES);
    done(dragged);
  };
  window.addEventListener('pointermove', move);
  window.addEventListener('pointerup', stop);
  window.addEventListener('pointercancel', stop);
}

/** What stands around: everything else on the screen, its frame, and its safe margin. */
export function standingAround(compiled: CompiledScreen, but: ReadonlySet<Id>): Rect[] {
  const { frame, project } = liveFlow();
  const inside = (path: Id): boolean => {
    for (let at: Id | null = path; at !== null; at = compiled.byId.get(at)?.parent ?? null)
      if (but.has(at)) return true;
    return false;
  };
  const siblings = compiled.elements
    .filter(({ id, type }) => type !== 'touch' && !inside(id) && !compiled.byId.get(id)?.editing?.hidden)
    .map(({ id }) => compiled.layout.get(id)!);
  const [mx, my] = [
    (frame.width * project.design.margin) / 100,
    (frame.height * project.design.margin) / 100,
  ];
  return [
    ...siblings,
    { x: 0, y: 0, width: frame.width, height: frame.height },
    { x: mx, y: my, width: frame.width - 2 * mx, height: frame.height - 2 * my },
  ];
}

/** The elements of the reference screen: dragging snaps to them, but no distance is shown to them. */
function faintRects(): readonly Rect[] {
  const { sibling } = useView.getState();
  const shown = sibling === null ? undefined : liveFlow().screens.get(sibling);
  if (!shown) return [];
  return shown.elements.filter(({ type }) => type !== 'touch').map(({ id }) => shown.layout.get(id)!);
}

function caught(
  rect: Rect,
  others: readonly Rect[],
  edges: { x: readonly Edge[]; y: readonly Edge[] },
  scale: number,
  free: boolean,
): Point {
  const { snapping, grid, gridShown } = useView.getState();
  const found =
    snapping && !free
      ? snap(rect, [...others, ...faintRects()], edges, { reach: REACH / scale, grid: gridShown ? grid : 0 })
      : { x: 0, y: 0, lines: [] };
  const at = moved(rect, found.x, found.y);
  useGuides.setState({ lines: found.lines, gaps: gapsAround(at, others) });
  return found;
}

/** Moves elements. Shift keeps to one axis; Ctrl turns snapping off. */
export function dragElements(
  event: { clientX: number; clientY: number },
  compiled: CompiledScreen,
  reached: readonly Reached[],
  pointOf: PointOf,
  scale: number,
  done: (dragged: boolean) => void,
): void {
  const free = reached.filter(({ path }) => !isLocked(compiled, path));
  const whole = around(free.map((item) => item.rect));
  const others = standingAround(compiled, new Set(free.map((item) => item.path)));
  const key = `drag ${reached.map((item) => item.path).join()}`;
  track(
    event,
    pointOf,
    (by, now) => {
      if (free.length === 0) return;
      const way = now.shiftKey ? (Math.abs(by.x) > Math.abs(by.y) ? 'x' : 'y') : null;
      const to = { x: way === 'y' ? 0 : Math.round(by.x), y: way === 'x' ? 0 : Math.round(by.y) };
      const edges = { x: way === 'y' ? [] : EVERY_EDGE, y: way === 'x' ? [] : EVERY_EDGE };
      const catches = caught(moved(whole, to.x, to.y), others, edges, scale, now.ctrlKey || now.metaKey);
      putRects(
        compiled,
        free.map((item) => ({ reached: item, to: moved(item.rect, to.x + catches.x, to.y + catches.y) })),
        key,
      );
    },
    (dragged) => {
      if (dragged) endStep();
      done(dragged);
    },
  );
}

/** Which edges a handle moves: -1 the start, 1 the end, 0 neither. */
export interface Handle {
  x: -1 | 0 | 1;
  y: -1 | 0 | 1;
}

/**
 * Resizes by a handle. Shift keeps the proportions; Alt resizes about the middle.
 * @param event where the pointer went down, in pixels of the window
 * @param scale pixels of the window to one of the design
 */
export function dragHandle(
  event: { clientX: number; clientY: number },
  compiled: CompiledScreen,
  reached: Reached,
  handle: Handle,
  pointOf: PointOf,
  scale: number,
): void {
  const { rect, element } = reached;
  const others = standingAround(compiled, new Set([reached.path]));
  const turn = ((element.turn ?? 0) * Math.PI) / 180;
  track(
    event,
    pointOf,
    (by, now) => {
      // Along the element's own axes, however it is turned.
      const own = {
        x: by.x * Math.cos(turn) + by.y * Math.sin(turn),
        y: by.y * Math.cos(turn) - by.x * Math.sin(turn),
      };
      let to = resized(rect, handle, own, now.altKey, now.shiftKey);
      if (turn === 0) {
        const edges = { x: edgesOf(handle.x), y: edgesOf(handle.y) };
        const catches = caught(to, others, edges, scale, now.ctrlKey || now.metaKey || now.shiftKey);
        to = resized(rect, handle, { x: own.x + catches.x, y: own.y + catches.y }, now.altKey, now.shiftKey);
      }
      putRects(compiled, [{ reached, to }], `resize ${reached.path}`);
    },
    endStep,
  );
}

const edgesOf = (side: -1 | 0 | 1): Edge[] => (side === -1 ? ['start'] : side === 1 ? ['end'] : []);

function resized(rect: Rect, handle: Handle, by: Point, middle: boolean, keep: boolean): Rect {
  const grow = { x: handle.x * by.x * (middle ? 2 : 1), y: handle.y * by.y * (middle ? 2 : 1) };
  let width = Math.max(1, Math.round(rect.width + grow.x));
  let height = Math.max(1, Math.round(rect.height + grow.y));
  if (keep && rect.width > 0 && rect.height > 0) {
    const ratio =
      handle.x !== 0 && (handle.y === 0 || width / rect.width > height / rect.height)
        ? width / rect.width
        : height / rect.height;
    width = Math.max(1, Math.round(rect.width * ratio));
    height = Math.max(1, Math.round(rect.height * ratio));
  }
  const from = (start: number, old: number, now: number, side: number): number =>
    middle ? start + (old - now) / 2 : side < 0 ? start + old - now : start;
  return {
    x: from(rect.x, rect.width, width, handle.x),
    y: from(rect.y, rect.height, height, handle.y),
    width,
    height,
  };
}

/** Turns about the middle; with Shift by steps of fifteen degrees. */
export function dragTurn(
  event: { clientX: number; clientY: number },
  reached: Reached,
  pointOf: PointOf,
  turnTo: (angle: number) => void,
): void {
  const { rect, element } = reached;
  const middle = { x: rect.x + rect.width / 2, y: rect.y + rect.height / 2 };
  const angleTo = (at: Point): number => (Math.atan2(at.y - middle.y, at.x - middle.x) * 180) / Math.PI;
  const before = element.turn ?? 0;
  const first = angleTo(pointOf(event));
  track(
    event,
    pointOf,
    (_, now, at) => {
      const angle = before + angleTo(at) - first;
      const step = now.shiftKey ? 15 : 1;
      turnTo((((Math.round(angle / step) * step) % 360) + 360) % 360);
    },
    endStep,
  );
}

/**
 * Draws out a rect: where a new element comes, or a band to choose with.
 * @param event where the pointer went down, in pixels of the window
 * @param done is given the rect in design pixels; null where it was only pressed
 */
export function dragOut(
  event: { clientX: number; clientY: number },
  pointOf: PointOf,
  snaps: { others: readonly Rect[]; scale: number } | null,
  done: (drawn: Rect | null) => void,
): void {
  const from = pointOf(event);
  let drawn: Rect | null = null;
  track(
    event,
    pointOf,
    (by, now) => {
      const rect = {
        x: Math.round(Math.min(from.x, from.x + by.x)),
        y: Math.round(Math.min(from.y, from.y + by.y)),
        width: Math.round(Math.abs(by.x)),
        height: Math.round(Math.abs(by.y)),
      };
      if (now.shiftKey) rect.width = rect.height = Math.max(rect.width, rect.height);
      drawn = rect;
      useGuides.setState({ drawn, gaps: snaps ? gapsAround(rect, snaps.others) : [] });
    },
    (dragged) => done(dragged ? drawn : null),
  );
}
