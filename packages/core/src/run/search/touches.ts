import { playOf, type Told } from '../../elements';
import type { Flow } from '../../compile';
import { isTouchCode, touchCode } from '../../keys';
import { isTilt, type Id, type Point } from '../../model';
import {
  NO_AXES,
  reachable,
  screenOf,
  type Instance,
  type RunState,
  type Say,
  type Spot,
  type Touch,
} from '../state';
import { canUse } from '../focus';
import { activate } from './activate';
import { bindingsNow } from './bindings';
import { useAlong } from './control';
import { isDown } from './down';
import { searchOf } from './levels';
import { pressCode } from './press';
import { releaseCode } from './release';

/**
 * Fingers that are down besides the one that presses: each has what it came down on to itself. A stick, or what stands for
 * an action, is held by any finger.
 */

/** The pointer, among fingers. */
const POINTER = -1;

interface Moved {
  phase: 'down' | 'move' | 'up';
  device: 'pointer' | 'touch';
  finger?: number;
  spot: Spot | null;
}

/** Whether a finger, or what it does now, is one of these; it is then dealt with. */
export function takeTouch(flow: Flow, state: RunState, moved: Moved, say: Say): boolean {
  const { phase, finger = POINTER, spot } = moved;
  const known = state.touches.find((touch) => touch.finger === finger);
  const others = state.touches.filter((touch) => touch.finger !== finger);
  if (phase === 'down') {
    const level = levelOf(flow, state, spot);
    if (!spot?.element || !level || !canUse(flow, state, level, spot.element)) return false;
    const more = state.pressed !== null && moved.finger !== undefined;
    const at = spot.at ?? middleOf(flow, level, spot.element);
    const touch: Touch = { finger, spot, from: at, at };
    if (!more && !tellsNow(flow, state, touch)) return false;
    state.device = moved.device;
    state.touches = [...others, touch];
    say({ at: state.now, did: 'input', input: moved.device });
    if (!tellsNow(flow, state, touch)) useAlong(flow, state, spot, 'drag', say);
    return true;
  }
  if (!known) return false;
  if (phase === 'move') {
    if (spot?.element !== known.spot.element) return true;
    state.touches = [...others, { ...known, at: spot.at ?? known.at }];
    if (!tellsNow(flow, state, known)) useAlong(flow, state, spot, 'drag', say);
    return true;
  }
  state.touches = others;
  const level = levelOf(flow, state, known.spot);
  const same = spot?.serial === known.spot.serial && spot.element === known.spot.element;
  if (same && level && !tellsNow(flow, state, known))
    activate(searchOf(flow, state, say), level, known.spot.element!, spot.share);
  return true;
}

const levelOf = (flow: Flow, state: RunState, spot: Spot | null): Instance | undefined =>
  reachable(flow, state).find(({ serial }) => serial === spot?.serial);

function middleOf(flow: Flow, level: Instance, element: Id): Point {
  const { width, height } = screenOf(flow, level).layout.get(element)!;
  return { x: width / 2, y: height / 2 };
}

/** What a finger tells while it is down; null where it presses like any other, or what it was on is out of reach. */
function tellsNow(flow: Flow, state: RunState, { spot, from, at }: Touch): Told | null {
  const level = levelOf(flow, state, spot);
  const screen = level && screenOf(flow, level);
  const element = spot.element === null ? undefined : screen?.byId.get(spot.element);
  if (!level || !screen || !element || !canUse(flow, state, level, element.id)) return null;
  return playOf(element).thumb?.(element, screen.layout.get(element.id)!, { from, at }) ?? null;
}

/**
 * Lets go of what can no longer be held, presses and releases the actions that fingers and the device's tilt hold down, and
 * tells the game how far sticks are pushed.
 */
export function syncTouches(flow: Flow, state: RunState, say: Say): void {
  const idle = state.touches.length === 0 && state.tilt === null && state.axes === NO_AXES;
  if (idle && !state.down.some(({ code }) => isHeldByTouch(code))) return;
  // What is pressed may put up a screen that covers what is held; a second look lets go of that.
  for (let look = 0; look < 2; look++) {
    state.touches = state.touches.filter(({ spot }) => {
      const level = levelOf(flow, state, spot);
      return level && spot.element !== null && canUse(flow, state, level, spot.element);
    });
    const wanted = new Set([...touchCodes(flow, state), ...tiltCodes(flow, state)]);
    const before = state.down.map(({ code }) => code);
    for (const code of before)
      if (isHeldByTouch(code) && !wanted.has(code)) releaseCode(flow, state, code, say);
    for (const code of wanted)
      if (!before.includes(code)) pressCode(flow, state, { code, device: 'touch', back: false }, false, say);
  }
  tellAxes(flow, state, say);
}

const isHeldByTouch = (code: string): boolean => isTouchCode(code) || isTilt(code);

const touchCodes = (flow: Flow, state: RunState): string[] =>
  state.touches.flatMap((touch) => tellsNow(flow, state, touch)?.actions.map(touchCode) ?? []);

/** Degrees off level until the device counts as tilted, and as tilted as far as counts. */
export const USUAL_LEVEL = 5;
export const USUAL_TILTED = 30;

/** How far back to level it comes until it no longer counts: a share of that, so that a hand that shakes tells nothing. */
const STEADY = 0.8;

function tiltCodes(flow: Flow, state: RunState): string[] {
  if (!state.tilt) return [];
  const { level = USUAL_LEVEL } = flow.project.input ?? {};
  const { x, y } = state.tilt;
  const far: [string, number][] = [
    ['tilt left', -x],
    ['tilt right', x],
    ['tilt forward', -y],
    ['tilt back', y],
  ];
  const bound = bindingsNow(flow, state);
  return far.flatMap(([code, degrees]) =>
    bound.has(code) && degrees > (isDown(state, code) ? level * STEADY : level) ? [code] : [],
  );
}

function tellAxes(flow: Flow, state: RunState, say: Say): void {
  const now: Record<Id, Point> = {};
  for (const touch of state.touches) {
    const axis = tellsNow(flow, state, touch)?.axis;
    if (axis && touch.spot.element !== null) now[touch.spot.element] = axis;
  }
  if (state.tilt && flow.project.input?.tiltToGame) now.tilt = tiltAxis(flow, state.tilt);
  for (const of of new Set([...Object.keys(state.axes), ...Object.keys(now)])) {
    const { x, y } = now[of] ?? { x: 0, y: 0 };
    const told = state.axes[of] ?? { x: 0, y: 0 };
    if (x !== told.x || y !== told.y) say({ at: state.now, did: 'axis', of, x, y });
  }
  state.axes = Object.keys(now).length > 0 ? now : NO_AXES;
}

/** How far the device is tilted, -1 to 1 each way: to the right, and towards whoever holds it. */
function tiltAxis(flow: Flow, { x, y }: Point): Point {
  const { level = USUAL_LEVEL, tilted = USUAL_TILTED } = flow.project.input ?? {};
  const share = (degrees: number): number => {
    const over = Math.abs(degrees) - level;
    const part = over <= 0 ? 0 : tilted > level ? Math.min(1, over / (tilted - level)) : 1;
    return Math.round(Math.sign(degrees) * part * 100) / 100 + 0;
  };
  return { x: share(x), y: share(y) };
}

/** The action of a swipe that began on a spot, where that has one of its own. */
export function swipeAction(flow: Flow, state: RunState, spot: Spot | null, way: string): Id | undefined {
  const level = levelOf(flow, state, spot);
  const element = spot?.element && level ? screenOf(flow, level).byId.get(spot.element) : undefined;
  if (!element || !('swipes' in element) || !canUse(flow, state, level!, element.id)) return undefined;
  return element.swipes?.[way.replace('swipe ', '') as keyof typeof element.swipes];
}
