import type { Flow } from '../../compile';
import type { CompiledAnimation } from '../../animate';
import type { Id } from '../../model';
import { allUp, screenOf, focusSeen } from './derived';
import type { Instance, RunState } from './state';

/** Animations of elements that wait for a trigger: each begins anew when that comes. */

export function beginPressed(flow: Flow, state: RunState, instance: Instance, element: Id): void {
  beginWhere(flow, state, instance, (animation) => animation.on === 'press' && animation.element === element);
}

export function beginLoss(flow: Flow, state: RunState, instance: Instance, element: Id): void {
  beginWhere(flow, state, instance, (animation) => animation.on === 'loss' && animation.element === element);
}

export function beginOnEvent(flow: Flow, state: RunState, event: Id): void {
  for (const instance of allUp(state))
    beginWhere(flow, state, instance, ({ on }) => typeof on === 'object' && on.event === event);
}

function beginWhere(
  flow: Flow,
  state: RunState,
  instance: Instance,
  test: (animation: CompiledAnimation) => boolean,
): void {
  const found = screenOf(flow, instance).animations.filter(test);
  if (found.length === 0) return;
  instance.animationStarts = {
    ...instance.animationStarts,
    ...Object.fromEntries(found.map(({ key }) => [key, state.now])),
  };
}

/** What an element does while it has the focus begins when that comes, and is over when it goes. */
export function syncFocusAnimations(flow: Flow, state: RunState): void {
  let holder: Instance | null | undefined;
  for (const instance of allUp(state)) {
    const { animations } = screenOf(flow, instance);
    if (animations.length === 0) continue;
    for (const { on, key, element } of animations) {
      if (on !== 'focus') continue;
      if (holder === undefined) holder = focusSeen(flow, state) ?? null;
      const has = instance === holder && instance.focus === element;
      if (has && !(key in instance.animationStarts))
        instance.animationStarts = { ...instance.animationStarts, [key]: state.now };
      if (!has && key in instance.animationStarts) {
        const { [key]: _, ...rest } = instance.animationStarts;
        instance.animationStarts = rest;
      }
    }
  }
}
