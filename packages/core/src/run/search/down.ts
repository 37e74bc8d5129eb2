import type { Flow } from '../../compile';
import { allUp, type RunState } from '../state';
import { hurryTalk } from '../dialogue';

/** The keys and buttons that are down, and what holding them does. */

/** So long a confirm is held until lines go by fast, in microseconds. */
export const HURRY = 600_000;

/** Whether a key or button is down. */
export const isDown = (state: RunState, code: string): boolean =>
  state.down.some((pressed) => pressed.code === code);

/** A press was used: its release and long press have no effect. */
export function useUp(state: RunState, code: string): void {
  state.down = state.down.map((pressed) => (pressed.code === code ? { ...pressed, used: true } : pressed));
}

/** Keys that are down no longer count for long presses. */
export function dropHolding(state: RunState, code: string): void {
  if (state.holding.length > 0) state.holding = state.holding.filter((holding) => holding.code !== code);
}

/** What makes lines go by fast has come up. */
export function calm(flow: Flow, state: RunState, code: string): void {
  for (const instance of allUp(state)) if (instance.talk?.fast === code) hurryTalk(flow, instance, null);
}
