import type { CompiledScreen, Flow } from '../compile';
import type { Direction } from '../focus';
import type { Id } from '../model';
import { screenOf } from './derived';
import type { Instance, RunState } from './state';

/** The focus a screen arrives with: what it remembers, else its first focus, else the first in reading order. */
export function arrivalFocus(screen: CompiledScreen, remembered: Id | null | undefined): Id | null {
  const { order } = screen.focus;
  if (remembered && order.includes(remembered)) return remembered;
  if (screen.firstFocus && order.includes(screen.firstFocus)) return screen.firstFocus;
  return order[0] ?? null;
}

export function setFocus(flow: Flow, state: RunState, instance: Instance, focus: Id | null): void {
  instance.focus = focus;
  if (focus !== null && screenOf(flow, instance).remembers)
    state.remembered = { ...state.remembered, [instance.screen]: focus };
}

const WAYS: Record<string, Direction> = { up: 'up', down: 'down', left: 'left', right: 'right' };

/** Where one of the actions would move the focus of an instance, or null. */
export function focusMove(flow: Flow, instance: Instance, actions: readonly Id[]): Id | null {
  if (instance.focus === null) return null;
  const ways = screenOf(flow, instance).focus.next.get(instance.focus);
  for (const action of actions) {
    const direction = WAYS[action];
    const next = direction && ways?.[direction];
    if (next) return next;
  }
  return null;
}

export const isDirection = (action: Id): boolean => action in WAYS;
