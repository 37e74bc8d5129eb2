import type { CompiledScreen, Flow } from '../compile';
import type { Id, Masked } from '../model';
import type { Instance, RunState } from './state';

/** Base and overlays, bottom to top. */
export const standing = (state: RunState): Instance[] => [state.base, ...state.overlays];

/** All that is up. */
export const allUp = (state: RunState): Instance[] => [state.base, ...state.overlays, ...state.notices];

export const screenOf = (flow: Flow, instance: { screen: Id }): CompiledScreen =>
  flow.screens.get(instance.screen)!;

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

/** How the player's input is masked now: by the topmost hand-over still going on; null when it is not. */
export function maskOf(state: RunState): Exclude<Masked, 'through'> | null {
  for (let i = state.overlays.length; i >= 0; i--) {
    const instance = i === 0 ? state.base : state.overlays[i - 1]!;
    if (instance.settled > state.now && instance.masked !== 'through') return instance.masked;
  }
  return null;
}

/** The instances that a press may reach: from the top down to and including the first modal overlay. */
export function reachable(flow: Flow, state: RunState): Instance[] {
  const levels: Instance[] = [];
  for (let i = state.overlays.length - 1; i >= 0; i--) {
    levels.push(state.overlays[i]!);
    if (screenOf(flow, state.overlays[i]!).modal) return levels;
  }
  levels.push(state.base);
  return levels;
}

/** A modal overlay lies above it. */
export function isCovered(flow: Flow, state: RunState, instance: Instance): boolean {
  const place = state.overlays.indexOf(instance);
  const above = instance.layer === 'overlay' ? state.overlays.slice(place + 1) : state.overlays;
  return above.some((overlay) => screenOf(flow, overlay).modal);
}

/** Focus is drawn only while keys or pad are in hand. */
export const focusShown = (state: RunState): boolean => state.device === 'keys' || state.device === 'pad';
