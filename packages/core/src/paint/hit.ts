import { canScroll, holdsOf, playOf } from '../elements';
import { heldBy, wordsOf } from '../drawing';
import type { CompiledScreen, Flow } from '../compile';
import type { Rect } from '../geometry';
import type { Element, Id } from '../model';
import {
  visibilityOf,
  reachable,
  sampleInstance,
  scrollOf,
  type Instance,
  type RunState,
  type Spot,
} from '../run';
import { posesOf, poseOf, inverseTransform, type Pose } from './pose';
import { roundAll, stackLift } from './stack';

/**
 * What a press at a point (design pixels) lands on: the topmost element that can be pressed, on the screens a press may
 * reach, where motion has them at this time. A modal overlay catches all that misses its elements.
 */
export function hitTest(flow: Flow, state: RunState, x: number, y: number): Spot | null {
  for (const on of levelsAt(flow, state, x, y)) {
    const { level, screen } = on;
    const { hidden, disabled } = visibilityOf(flow, state, level);
    const pressed = under(on, hidden)
      .filter((id) => screen.pressable.has(id))
      .map((id) => screen.pressable.get(id)!);
    const element = pressed.find((id) => !screen.byId.get(id)?.through) ?? pressed[0];
    // A disabled element takes the press and ignores it.
    if (element)
      return disabled.includes(element)
        ? { serial: level.serial, element: null }
        : { serial: level.serial, element, ...alongAt(flow, state, on, element) };
    if (screen.modal) return { serial: level.serial, element: null };
  }
  return { serial: state.base.serial, element: null };
}

/**
 * The topmost element with a tooltip at a point of the frame, in design pixels; nothing beneath a modal screen is
 * found.
 */
export function tooltipTest(flow: Flow, state: RunState, x: number, y: number): Spot | null {
  for (const on of levelsAt(flow, state, x, y)) {
    const { level, screen } = on;
    const found =
      screen.tooltips.size > 0
        ? under(on, visibilityOf(flow, state, level).hidden).find((id) => screen.tooltips.has(id))
        : undefined;
    if (found !== undefined) return { serial: level.serial, element: found };
    if (screen.modal) return null;
  }
  return null;
}

/**
 * Where a press that began on a control has been dragged to, as a share of that control (0 to 1); null when no
 * control was
 * pressed. The point is in design pixels of the frame.
 */
export function dragTest(flow: Flow, state: RunState, x: number, y: number): Spot | null {
  const { pressed } = state;
  if (!pressed?.element || pressed.share === undefined) return null;
  const on = levelsAt(flow, state, x, y).find(({ level }) => level.serial === pressed.serial);
  return on ? { ...pressed, ...alongAt(flow, state, on, pressed.element) } : null;
}

/** The scroll panel at a point of the frame, in design pixels, or null. */
export function scrollTest(
  flow: Flow,
  state: RunState,
  x: number,
  y: number,
): { serial: number; area: Id } | null {
  for (const on of levelsAt(flow, state, x, y)) {
    const { level, screen } = on;
    const { hidden } = visibilityOf(flow, state, level);
    const area = under(on, hidden).find((id) => canScroll(screen.byId.get(id)));
    if (area !== undefined) return { serial: level.serial, area };
    if (screen.modal) return null;
  }
  return null;
}

interface On {
  level: Instance;
  screen: CompiledScreen;
  at: Point;
  poses: ReadonlyMap<Id, Pose>;
}

/** The screens a press may reach, from the top, with where on each a point is. */
function levelsAt(flow: Flow, state: RunState, x: number, y: number): On[] {
  return reachable(flow, state).flatMap((level): On[] => {
    const screen = flow.screens.get(level.screen)!;
    const sample = sampleInstance(level, state.now);
    if (!sample) return [];
    const whole = { x: 0, y: 0, ...flow.frame };
    const lifted = { x, y: y - stackLift(flow, level) };
    const inScreen = inverseTransform(lifted, poseOf(sample, 'screen', flow.frame), whole);
    const at = inverseTransform(inScreen, poseOf(sample, 'content', flow.frame), roundAll(screen) ?? whole);
    return [{ level, screen, at, poses: posesOf(flow, screen, level, sample, state.now) }];
  });
}

const under = ({ level, screen, at, poses }: On, hidden: readonly Id[]): Id[] =>
  elementsAt(screen, at, hidden, level.focus, poses, level.scrolled);

/** How far along a control a point is, 0 to 1; nothing where it is no control that is pressed along. */
function alongAt(flow: Flow, state: RunState, { level, screen, at }: On, id: Id): { share?: number } {
  const element = screen.byId.get(id)!;
  const rect = screen.layout.get(id)!;
  const value = 'value' in element && element.value !== undefined ? state.values[element.value] : undefined;
  const holds = value === undefined ? {} : { [id]: value };
  const along = playOf(element).use?.along?.part(
    element,
    rect,
    wordsOf(heldBy(flow.project, element, holds)),
  );
  if (!along || along.width <= 0) return {};
  let { x } = element.turn ? turned(at, rect, -element.turn) : at;
  for (let up = element.parent; up !== null; up = screen.byId.get(up)?.parent ?? null) {
    if (canScroll(screen.byId.get(up))) x -= scrollOf(screen, up, level.focus, level.scrolled).x;
  }
  return { share: Math.min(1, Math.max(0, (x - along.x) / along.width)) };
}

const NO_POSES: ReadonlyMap<Id, Pose> = new Map();

interface Point {
  x: number;
  y: number;
}

/**
 * The elements of a screen at a point of the frame, topmost first: turned as they are drawn, cut off where what holds
 * them cuts them off.
 */
export function elementsAt(
  screen: Pick<CompiledScreen, 'tree' | 'layout' | 'byId'>,
  point: Point,
  hidden: readonly Id[] = [],
  focus: Id | null = null,
  poses: ReadonlyMap<Id, Pose> = NO_POSES,
  scrolled: Instance['scrolled'] = null,
): Id[] {
  const { tree, layout } = screen;
  const found: Id[] = [];
  const look = (element: Element, at: Point): void => {
    if (hidden.includes(element.id)) return;
    const rect = layout.get(element.id)!;
    const moved = inverseTransform(at, poses.get(element.id), rect);
    const own = element.turn ? turned(moved, rect, -element.turn) : moved;
    const inside = contains(rect, own.x, own.y);
    if (inside) found.unshift(element.id);
    if (!inside && holdsOf(element).overflow !== undefined) return;
    const by = canScroll(element) ? scrollOf(screen, element.id, focus, scrolled) : { x: 0, y: 0 };
    for (const item of tree.get(element.id) ?? []) look(item, { x: own.x - by.x, y: own.y - by.y });
  };
  for (const element of tree.get(null) ?? []) look(element, point);
  return found;
}

/**
 * A point turned about the middle of a rect.
 * @param angle degrees, clockwise
 */
export function turned({ x, y }: Point, rect: Rect, angle: number): Point {
  const turn = (angle * Math.PI) / 180;
  const [cx, cy] = [rect.x + rect.width / 2, rect.y + rect.height / 2];
  const [dx, dy] = [x - cx, y - cy];
  return {
    x: cx + dx * Math.cos(turn) - dy * Math.sin(turn),
    y: cy + dx * Math.sin(turn) + dy * Math.cos(turn),
  };
}

/** Whether a point lies in a rect, its edges included. */
export const contains = (rect: Rect, x: number, y: number): boolean =>
  x >= rect.x && x <= rect.x + rect.width && y >= rect.y && y <= rect.y + rect.height;
