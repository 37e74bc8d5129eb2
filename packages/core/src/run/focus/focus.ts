import type { CompiledScreen, Flow } from '../../compile';
import { solveFocus } from '../../focus';
import type { Direction, Id } from '../../model';
import type { Rect, Solved } from '../../geometry';
import { canChange, canUse } from './visibility';
import { type Instance, type RunState, screenOf, standing } from '../state';
import { asks, goingOn } from '../talk';

/** The focus a screen arrives with: what it remembers, else its first focus, else the first in reading order. */
export function arrivalFocus(screen: CompiledScreen, remembered: Id | null | undefined): Id | null {
  const { order } = screen.focus;
  if (remembered && order.includes(remembered)) return remembered;
  if (screen.firstFocus && order.includes(screen.firstFocus)) return screen.firstFocus;
  return order[0] ?? null;
}

export function setFocus(flow: Flow, state: RunState, instance: Instance, focus: Id | null): void {
  instance.focus = focus;
  instance.scrolled = null;
  if (focus !== null && screenOf(flow, instance).remembers)
    state.remembered = { ...state.remembered, [instance.screen]: focus };
}

const WAYS: Record<string, Direction> = { up: 'up', down: 'down', left: 'left', right: 'right' };

/** Where one of the actions would move the focus of an instance, or null: among what can be used now. */
export function focusMove(
  flow: Flow,
  state: RunState,
  instance: Instance,
  actions: readonly Id[],
): Id | null {
  if (instance.focus === null) return null;
  const screen = screenOf(flow, instance);
  const { next } =
    canChange(screen) || instance.talk
      ? solveFocus(
          screen.elements.filter(({ id }) => canUse(flow, state, instance, id)),
          screen.layout,
          screen.screen.focus,
        )
      : screen.focus;
  const ways = next.get(instance.focus);
  for (const action of actions) {
    const direction = WAYS[action];
    const to = direction && ways?.[direction];
    if (to) return to;
  }
  return null;
}

/** What can have the focus now, in order. A conversation that goes on has it for its choices alone. */
export function usableNow(flow: Flow, state: RunState, instance: Instance): Id[] {
  const { focus, talkParts } = screenOf(flow, instance);
  const going = goingOn(flow, instance);
  const able = !going ? focus.order : asks(flow, instance) ? talkParts.options : [];
  return focus.order.filter((id) => able.includes(id) && canUse(flow, state, instance, id));
}

/** Focus that is on nothing a player can use goes to the nearest that they can, else the first, else nowhere. */
export function settleFocus(flow: Flow, state: RunState): void {
  for (const instance of standing(state)) {
    const screen = screenOf(flow, instance);
    const going = goingOn(flow, instance);
    if (!canChange(screen) && !instance.talk) continue;
    const { layout, firstFocus } = screen;
    const usable = usableNow(flow, state, instance);
    if (instance.focus !== null ? usable.includes(instance.focus) : usable.length === 0) continue;
    const from = instance.focus === null ? undefined : layout.get(instance.focus);
    const first = firstFocus !== null && usable.includes(firstFocus) ? firstFocus : (usable[0] ?? null);
    instance.focus = from && !going ? nearest(from, usable, layout) : first;
  }
}

/** The nearest of some elements to a place, middle to middle; null for none. */
export function nearest(from: Rect, ids: readonly Id[], layout: Solved): Id | null {
  let [found, min]: [Id | null, number] = [null, Infinity];
  for (const id of ids) {
    const rect = layout.get(id)!;
    const far = Math.hypot(
      rect.x + rect.width / 2 - from.x - from.width / 2,
      rect.y + rect.height / 2 - from.y - from.height / 2,
    );
    if (far < min) [found, min] = [id, far];
  }
  return found;
}

export const isDirection = (action: Id): boolean => action in WAYS;
