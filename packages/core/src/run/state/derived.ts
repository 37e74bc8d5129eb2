import type { CompiledScreen, Flow } from '../../compile';
import type { Id, Masked } from '../../model';
import type { Instance, Leaving, RunState } from './state';

/** Base and overlays, bottom to top. */
export const standing = (state: RunState): Instance[] => [state.base, ...state.overlays];

/** All that is up. */
export function allUp({ base, overlays, notices, huds }: RunState): Instance[] {
  if (notices.length + huds.length === 0) return overlays.length === 0 ? [base] : [base, ...overlays];
  return [base, ...overlays, ...notices, ...huds];
}

export const screenOf = (flow: Flow, instance: { screen: Id }): CompiledScreen =>
  flow.screens.get(instance.screen)!;

/** The areas the base is in, inner to outer. */
export const areasOf = (flow: Flow, state: RunState): readonly Id[] => screenOf(flow, state.base).areas;

/** The game's clock stands still: something up freezes it, or something that froze it has not finished leaving. */
export const isFrozen = (flow: Flow, state: RunState): boolean => derived(flow, state, 'freezes');

/** The game gets no input, by the same rule. */
export const isBlocked = (flow: Flow, state: RunState): boolean => derived(flow, state, 'blocks');

function derived(flow: Flow, state: RunState, flag: 'freezes' | 'blocks'): boolean {
  if (screenOf(flow, state.base)[flag]) return true;
  for (const overlay of state.overlays) if (screenOf(flow, overlay)[flag]) return true;
  for (const picture of state.leaving) {
    const screen = flow.screens.get(picture.screen);
    if (screen && screen[flag] && !screen.atOnce && picture.until > state.now) return true;
  }
  return false;
}

/** How the player's input is masked now: by the topmost transition still going on; null when it is not. */
export function maskOf(state: RunState): Exclude<Masked, 'through'> | null {
  for (let i = state.overlays.length; i >= 0; i--) {
    const instance = i === 0 ? state.base : state.overlays[i - 1]!;
    if (instance.settled > state.now && instance.masked !== 'through') return instance.masked;
  }
  return null;
}

/** Pictures that leave and still keep presses from what lies beneath them: they kept the game from its input. */
export function closingOf(flow: Flow, state: RunState): Leaving[] {
  if (state.leaving.length === 0) return NONE_LEAVING;
  return state.leaving.filter(({ screen: id, layer, masked, until }) => {
    const screen = flow.screens.get(id);
    return (
      layer === 'overlay' && masked !== 'through' && until > state.now && screen?.blocks && !screen.atOnce
    );
  });
}
const NONE_LEAVING: Leaving[] = [];

/**
 * How presses are masked now: all of them by a transition, or those for what lies beneath a screen that closes; else
 * null.
 */
export const pressMask = (flow: Flow, state: RunState): Exclude<Masked, 'through'> | null =>
  maskOf(state) ?? (closingOf(flow, state).at(-1)?.masked as Exclude<Masked, 'through'> | undefined) ?? null;

/** Whether a press for this, an area or the project (null) is for what lies beneath a screen that closes. */
export const isBeneath = (closing: readonly Leaving[], taker: Instance | null): boolean =>
  closing.some(({ serial }) => taker === null || taker.serial < serial);

/**
 * The instances that a press may reach, in the order they are asked: notices above everything, then from the top overlay
 * down to and including the first modal one; without one, the other notices, the HUD pieces and the base.
 */
export function reachable(flow: Flow, state: RunState): Instance[] {
  const levels: Instance[] = [];
  for (const notice of newestFirst(state.notices)) if (liesOverAll(flow, notice)) levels.push(notice);
  for (let i = state.overlays.length - 1; i >= 0; i--) {
    levels.push(state.overlays[i]!);
    if (screenOf(flow, state.overlays[i]!).modal) return levels;
  }
  levels.push(...beneathOverlays(flow, state));
  return levels;
}

/** What lies under the overlays, from the top. */
export function beneathOverlays(flow: Flow, state: RunState): Instance[] {
  if (state.notices.length + state.huds.length === 0) return [state.base];
  const notices = newestFirst(state.notices).filter((notice) => !liesOverAll(flow, notice));
  return [...notices, ...newestFirst(state.huds), state.base];
}

const newestFirst = (instances: readonly Instance[]): Instance[] =>
  instances.length === 0 ? NONE : [...instances].reverse();
const NONE: Instance[] = [];

export const liesOverAll = (flow: Flow, instance: Instance): boolean =>
  screenOf(flow, instance).notice?.everything ?? false;

/** A modal overlay lies above it. */
export function isCovered(flow: Flow, state: RunState, instance: Instance): boolean {
  const place = state.overlays.indexOf(instance);
  const above = instance.layer === 'overlay' ? state.overlays.slice(place + 1) : state.overlays;
  return above.some((overlay) => screenOf(flow, overlay).modal);
}

/** The focus is drawn only while keys or pad are in use. */
export const focusShown = (state: RunState): boolean => state.device === 'keys' || state.device === 'pad';

/** Who has the focus, drawn or not: only one thing on the screen, the topmost that can take a press. */
export const focusHolder = (flow: Flow, state: RunState): Instance | undefined =>
  reachable(flow, state).find((instance) => instance.focus !== null);

/** Who has the focus so that it is seen. */
export const focusSeen = (flow: Flow, state: RunState): Instance | undefined =>
  focusShown(state) ? focusHolder(flow, state) : undefined;
