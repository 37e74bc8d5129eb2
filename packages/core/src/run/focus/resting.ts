import type { Flow } from '../../compile';
import { toMicros, type Id } from '../../model';
import { visibilityOf } from './visibility';
import {
  allUp,
  type Input,
  type Instance,
  reachable,
  type RunState,
  screenOf,
  type Spot,
  focusSeen,
} from '../state';
import { wordsOf } from '../talk';

/** Tooltips: shown once the pointer, or the focus, has rested on an element for long enough, and until a press. */

/** A tooltip that is shown. */
export interface Tooltip {
  instance: Instance;
  element: Id;
  words: string;
  /** When it came, in microseconds on the interface clock. */
  from: number;
}

/** How much longer the focus has to stay than the pointer: it passes over more on its way. */
const FOCUS_STAYS = 2;
export const TOOLTIP_AFTER = '600 ms';

/** What hides a tooltip. */
export const isPress = (input: Input): boolean =>
  input.type === 'key' || input.type === 'pad' || input.type === 'pointer'
    ? input.phase === 'down'
    : input.type === 'gesture' || input.type === 'text';

/** The pointer has moved to a spot: another tooltip there begins its wait. */
export function restOn(state: RunState, spot: Spot | null): void {
  const { over } = state;
  state.over = spot;
  if (!spot?.element || isSameSpot(spot, over)) return;
  state.resting = { serial: spot.serial, element: spot.element, by: 'pointer', since: state.now };
}

/** Whether two spots are on one element, or none is on any. */
export const isSameSpot = (one: OnElement | null, other: OnElement | null): boolean =>
  one?.serial === other?.serial && one?.element === other?.element;
type OnElement = Pick<Spot, 'serial' | 'element'>;

/** When the pointer leaves, the focused element begins its own wait for its tooltip. */
export function noteResting(flow: Flow, state: RunState): void {
  const { resting, over } = state;
  if (!allUp(state).some((instance) => screenOf(flow, instance).tooltips.size > 0)) {
    state.resting = null;
    return;
  }
  if (resting?.by === 'pointer' && isSameSpot(resting, over)) return;
  const holder = focusSeen(flow, state);
  if (!holder) state.resting = null;
  else if (resting?.by !== 'focus' || resting.serial !== holder.serial || resting.element !== holder.focus)
    state.resting = { serial: holder.serial, element: holder.focus!, by: 'focus', since: state.now };
}

/** The tooltip that is shown now; null when there is none. */
export function tooltipOn(flow: Flow, state: RunState): Tooltip | null {
  const { resting } = state;
  if (!resting || state.inputCapture) return null;
  const instance = reachable(flow, state).find((other) => other.serial === resting.serial);
  const parts = instance && screenOf(flow, instance).tooltips.get(resting.element);
  if (!parts) return null;
  const { rates, styles } = flow.project;
  const wait = toMicros(styles.tooltip?.after ?? TOOLTIP_AFTER, rates);
  const from = Math.max(resting.since, instance.settled) + wait * (resting.by === 'focus' ? FOCUS_STAYS : 1);
  if (state.now < from || isAway(flow, state, instance, resting.element)) return null;
  const words = wordsOf(flow, state, instance, parts);
  return words.trim() === '' ? null : { instance, element: resting.element, words, from };
}

function isAway(flow: Flow, state: RunState, instance: Instance, element: Id): boolean {
  const { hidden } = visibilityOf(flow, state, instance);
  if (hidden.length === 0) return false;
  const { byId } = screenOf(flow, instance);
  for (let at: Id | null = element; at !== null; at = byId.get(at)?.parent ?? null)
    if (hidden.includes(at)) return true;
  return false;
}
