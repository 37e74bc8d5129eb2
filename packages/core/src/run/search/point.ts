import { canScroll, playOf } from '../../elements';
import type { Flow } from '../../compile';
import type { Id } from '../../model';
import {
  type Device,
  type Instance,
  maskOf,
  reachable,
  type RunState,
  type Say,
  screenOf,
  type Spot,
} from '../state';
import { canUse, scrollOf, setFocus } from '../focus';
import { confirmTalk } from '../dialogue';
import { useAlong } from './control';
import type { Search } from '../links';
import { activate } from './activate';
import { searchOf } from './levels';
import { maskPress, maskOfClosing, type Taken } from './mask';
import { calm, dropHolding, HURRY } from './down';

/** What a pointer or finger that is down goes by, among codes. */
const PRESS = 'press';

/** The pointer or a finger went down on a spot. */
export function pressSpot(flow: Flow, state: RunState, spot: Spot | null, device: Device, say: Say): void {
  if (device !== 'pointer' && device !== 'touch') return;
  const keeps = spot?.element ? { spot, device } : null;
  if (maskPress(state, maskOf(state), keeps, say)) return;
  const closing = maskOfClosing(flow, state, (search) => trySpot(search, spot));
  if (maskPress(state, closing, keeps, say)) return;
  state.pressed = null;
  state.inputCapture = null;
  const level = reachable(flow, state).find((instance) => instance.serial === spot?.serial);
  const talker = spot ? undefined : talkerNow(flow, state);
  const said = talker !== undefined && confirmTalk(flow, state, talker, say);
  // A press on nothing is no use of the pointer: the focus stays to be seen.
  const shows = device === 'touch' && waitsForTouch(flow, state);
  if (said || (spot?.element && level) || shows) state.device = device;
  if (said)
    state.holding = [
      ...state.holding,
      { code: PRESS, action: 'confirm', hold: HURRY, due: state.now + HURRY },
    ];
  if (!spot?.element || !level) return;
  state.pressed = spot;
  const has = screenOf(flow, level).focus.order.includes(spot.element);
  // A disabled element takes no focus either.
  if (level.focus !== null && has && canUse(flow, state, level, spot.element))
    focusUnder(flow, state, level, spot.element);
  const at = screenOf(flow, level).byId.get(spot.element);
  const slides = at && playOf(at).use?.along?.does === 'slides';
  if (slides && canUse(flow, state, level, spot.element)) useAlong(flow, state, spot, 'drag', say);
}

/** Something is there only for those who play by touch: any touch shows it. */
const waitsForTouch = (flow: Flow, state: RunState): boolean =>
  reachable(flow, state).some((level) => screenOf(flow, level).touchOnly.length > 0);

const talkerNow = (flow: Flow, state: RunState): Instance | undefined =>
  reachable(flow, state).find((instance) => instance.talk);

/** What a press and release on a spot would do. */
function trySpot(search: Search, spot: Spot | null): Taken | null {
  const { flow, state, say } = search;
  if (!spot) {
    const talker = talkerNow(flow, state);
    return talker && confirmTalk(flow, state, talker, say) ? { by: talker } : null;
  }
  const level = reachable(flow, state).find((instance) => instance.serial === spot.serial);
  if (!level || !spot.element) return null;
  activate(search, level, spot.element, spot.share);
  return { by: level };
}

/** A pressed element gets the focus without scrolling, so that nothing moves away under the finger. */
function focusUnder(flow: Flow, state: RunState, level: Instance, element: Id): void {
  const area = scrollableRound(flow, level, element);
  const at = area === null ? null : scrollOf(screenOf(flow, level), area, level.focus, level.scrolled);
  setFocus(flow, state, level, element);
  if (area !== null && at) level.scrolled = { area, x: -at.x, y: -at.y };
}

function scrollableRound(flow: Flow, level: Instance, element: Id): Id | null {
  const { byId } = screenOf(flow, level);
  for (let at = byId.get(element)?.parent ?? null; at !== null; at = byId.get(at)?.parent ?? null) {
    if (canScroll(byId.get(at))) return at;
  }
  return null;
}

/** It came up: on the same spot, that element is activated. */
export function releaseSpot(flow: Flow, state: RunState, spot: Spot | null, say: Say): void {
  const { pressed } = state;
  state.pressed = null;
  dropHolding(state, PRESS);
  calm(flow, state, PRESS);
  if (!pressed?.element || spot?.serial !== pressed.serial || spot.element !== pressed.element) return;
  if (maskOf(state) !== null) return;
  const level = reachable(flow, state).find((instance) => instance.serial === pressed.serial);
  if (level) activate(searchOf(flow, state, say), level, pressed.element, spot.share);
}
