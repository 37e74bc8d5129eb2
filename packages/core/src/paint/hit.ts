import { canScroll, holdsOf, playOf } from '../elements';
import { grown, heldBy, NORMAL, wordsOf } from '../drawing';
import type { CompiledScreen, Flow } from '../compile';
import type { Rect } from '../geometry';
import { placeNear } from '../lettering';
import type { Element, Id, Point } from '../model';
import {
  visibilityOf,
  reachable,
  sampleInstance,
  scrollOf,
  takerNow,
  type Instance,
  type RunState,
  type Spot,
} from '../run';
import { posesOf, poseOf, inverseTransform, type Pose } from './pose';
import { contains } from './contains';
import { isDrawnAt } from './drawn';
import { scrollBarsOf, type ScrollBar } from './scroll-bar';
import { roundAll, stackLift } from './stack';

/**
 * What a press at a point (design pixels) lands on: the topmost element that can be pressed, on the screens a press may
 * reach, where motion has them at this time. A modal overlay catches all that misses its elements.
 */
export function hitTest(flow: Flow, state: RunState, x: number, y: number): Spot | null {
  for (const on of levelsAt(flow, state, x, y)) {
    const { level, screen } = on;
    const { hidden, disabled } = visibilityOf(flow, state, level);
    const found = foundAt(on, hidden);
    const pressed = found
      .filter(({ id }) => screen.pressable.has(id))
      .map(({ id }) => screen.pressable.get(id)!)
      .filter((id) => takesPress(flow, on, id, found));
    const element = pressed.find((id) => !screen.byId.get(id)?.through) ?? pressed[0];
    // A disabled element takes the press and ignores it.
    if (element)
      return disabled.includes(element)
        ? { serial: level.serial, element: null }
        : { serial: level.serial, element, ...spotAt(flow, state, on, element) };
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
 * Where a press that began on a control, or on what a thumb holds, has been dragged to; null when none was pressed. The
 * point is in design pixels of the frame.
 * @param finger which of several. Absent: the pointer
 */
export function dragTest(flow: Flow, state: RunState, x: number, y: number, finger?: number): Spot | null {
  const { pressed, touches } = state;
  const touch = touches.find((other) => other.finger === (finger ?? -1));
  const dragged = touch ? touch.spot : pressed?.share === undefined ? null : pressed;
  if (!dragged?.element) return null;
  const on = levelsAt(flow, state, x, y).find(({ level }) => level.serial === dragged.serial);
  return on ? { ...dragged, ...spotAt(flow, state, on, dragged.element) } : null;
}

/**
 * Where in the words that are being typed a point of the frame is, in UTF-16 code units before it; null off what has the
 * keyboard. The point is in design pixels.
 * @param held it counts beyond its edges too
 */
export function caretTest(flow: Flow, state: RunState, x: number, y: number, held = false): number | null {
  const capture = state.inputCapture;
  const taker = takerNow(flow, { ...state });
  if (!capture?.words || taker?.asksFor !== 'words') return null;
  const { serial } = capture;
  const { element, value } = taker;
  const spot = held ? null : hitTest(flow, state, x, y);
  if (!held && (spot?.serial !== serial || spot.element !== element.id)) return null;
  const on = levelsAt(flow, state, x, y).find(({ level }) => level.serial === serial);
  if (!on) return null;
  const rect = on.screen.layout.get(element.id)!;
  const line = playOf(element).typed?.(element, rect, flow.project, String(state.values[value] ?? ''));
  if (!line) return null;
  const within = ownPoint(on, element, rect).x - line.room.x + capture.words.moved;
  return placeNear(line.places, within).at;
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

/** A scroll bar that is held: where along it the pointer took hold, and how far its area was scrolled then. */
export interface Grip {
  serial: number;
  area: Id;
  axis: 'x' | 'y';
  at: number;
  from: number;
}

/**
 * The scroll bar at a point of the frame, in design pixels, and how far its area is to be scrolled for its thumb to be
 * beneath that point; null where there is none, or something else lies over it.
 */
export function gripTest(
  flow: Flow,
  state: RunState,
  x: number,
  y: number,
): { grip: Grip; by: number } | null {
  for (const on of levelsAt(flow, state, x, y)) {
    const { level, screen } = on;
    const over: Id[] = [];
    for (const { id, at } of foundAt(on, visibilityOf(flow, state, level).hidden)) {
      const bar = barsOn(flow, on, id).find(({ track }) => contains(grown(track, HOLD), at.x, at.y));
      if (bar) {
        if (over.some((other) => !isWithin(screen, other, id))) return null;
        const size = bar.axis === 'x' ? 'width' : 'height';
        const along = at[bar.axis];
        const from = bar.thumb[bar.axis];
        const isOnThumb = along >= from && along <= from + bar.thumb[size];
        const by = isOnThumb ? 0 : (along - from - bar.thumb[size] / 2) * bar.times;
        const scrolled = -scrollOf(screen, id, level.focus, level.scrolled)[bar.axis];
        const grip = { serial: level.serial, area: id, axis: bar.axis, at: along, from: scrolled + by };
        return { grip, by };
      }
      if (screen.pressable.has(id)) over.push(id);
    }
    if (screen.modal) return null;
  }
  return null;
}

/** How much wider than it is drawn a scroll bar can be taken hold of, on every side, in design pixels. */
const HOLD = 8;

/** How far an area is to be scrolled when its bar is dragged to a point of the frame, in design pixels. */
export function gripMoved(flow: Flow, state: RunState, grip: Grip, x: number, y: number): number {
  const on = levelsAt(flow, state, x, y).find(({ level }) => level.serial === grip.serial);
  const element = on?.screen.byId.get(grip.area);
  if (!on || !element) return 0;
  const bar = barsOn(flow, on, grip.area).find(({ axis }) => axis === grip.axis);
  if (!bar) return 0;
  const point = ownPoint(on, element, on.screen.layout.get(grip.area)!);
  const { level } = on;
  const now = -scrollOf(on.screen, grip.area, level.focus, level.scrolled)[grip.axis];
  return grip.from + (point[grip.axis] - grip.at) * bar.times - now;
}

const barsOn = ({ project }: Flow, { level, screen }: On, id: Id): ScrollBar[] =>
  scrollBarsOf(project, screen, screen.byId.get(id)!, level.focus, level.scrolled);

function isWithin({ byId }: CompiledScreen, id: Id, area: Id): boolean {
  for (let up = byId.get(id)?.parent ?? null; up !== null; up = byId.get(up)?.parent ?? null)
    if (up === area) return true;
  return false;
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

const under = (on: On, hidden: readonly Id[]): Id[] => foundAt(on, hidden).map(({ id }) => id);

const foundAt = ({ level, screen, at, poses }: On, hidden: readonly Id[]): Found[] =>
  pointsAt(screen, at, hidden, level.focus, poses, level.scrolled, true);

/** Whether a press at what is found there is one on an element: on one that is exact, only where it is drawn. */
function takesPress({ project }: Flow, { screen }: On, id: Id, found: readonly Found[]): boolean {
  const element = screen.byId.get(id)!;
  if (!element.exact) return true;
  const own = found.find((other) => other.id === id);
  if (!own) return false;
  const rect = screen.layout.get(id)!;
  const items = playOf(element).paint(element, { project, rect, looks: NORMAL, unfocused: true, said: '' });
  return isDrawnAt(project, items, own.at);
}

/** Where on a control that is pressed along, or that a thumb holds, a point is; nothing on any other element. */
function spotAt(flow: Flow, state: RunState, on: On, id: Id): { share?: number; at?: Point } {
  const { screen } = on;
  const element = screen.byId.get(id)!;
  const rect = screen.layout.get(id)!;
  const { thumb, use } = playOf(element);
  if (thumb?.(element, rect, { from: NO_POINT, at: NO_POINT })) {
    const { x, y } = ownPoint(on, element, rect);
    return { at: { x: x - rect.x, y: y - rect.y } };
  }
  const value = 'value' in element && element.value !== undefined ? state.values[element.value] : undefined;
  const holds = value === undefined ? {} : { [id]: value };
  const along = use?.along?.part(element, rect, wordsOf(heldBy(flow.project, element, holds)));
  if (!along || along.width <= 0) return {};
  return {
    share: Math.min(1, Math.max(0, (ownPoint(on, element, rect).x - along.x) / along.width)),
  };
}

const NO_POINT: Point = { x: 0, y: 0 };

/** A point on an element as if that were neither turned nor scrolled. */
function ownPoint({ level, screen, at }: On, element: Element, rect: Rect): Point {
  let { x, y } = element.turn ? turned(at, rect, -element.turn) : at;
  for (let up = element.parent; up !== null; up = screen.byId.get(up)?.parent ?? null) {
    if (!canScroll(screen.byId.get(up))) continue;
    const by = scrollOf(screen, up, level.focus, level.scrolled);
    x -= by.x;
    y -= by.y;
  }
  return { x, y };
}

const NO_POSES: ReadonlyMap<Id, Pose> = new Map();

/** An element, and where on it a point is: in design pixels of the frame, as if it were neither turned nor moved. */
interface Found {
  id: Id;
  at: Point;
}

/**
 * The elements of a screen at a point of the frame, topmost first: turned as they are drawn, cut off where what holds
 * them cuts them off.
 */
export const elementsAt = (...at: Parameters<typeof pointsAt>): Id[] => pointsAt(...at).map(({ id }) => id);

function pointsAt(
  screen: Pick<CompiledScreen, 'tree' | 'layout' | 'byId'>,
  point: Point,
  hidden: readonly Id[] = [],
  focus: Id | null = null,
  poses: ReadonlyMap<Id, Pose> = NO_POSES,
  scrolled: Instance['scrolled'] = null,
  reaches = false,
): Found[] {
  const { tree, layout } = screen;
  const found: Found[] = [];
  const look = (element: Element, at: Point): void => {
    if (hidden.includes(element.id)) return;
    const rect = layout.get(element.id)!;
    const moved = inverseTransform(at, poses.get(element.id), rect);
    const own = element.turn ? turned(moved, rect, -element.turn) : moved;
    const inside = contains(rect, own.x, own.y);
    const { reach = 0 } = element;
    if (inside || (reaches && reach > 0 && contains(grown(rect, reach), own.x, own.y)))
      found.unshift({ id: element.id, at: own });
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
