import type { CompiledScreen, Flow } from '../compile';
import type { Id } from '../model';
import { screenOf } from './derived';
import { holdsNow } from './reading';
import type { Instance, RunState } from './state';

/** Elements of something up that are not there now, and those that are and cannot be used; with all they hold. */
export interface Away {
  hidden: readonly Id[];
  disabled: readonly Id[];
}

const NOTHING: Away = { hidden: [], disabled: [] };

export function awayOn(flow: Flow, state: RunState, instance: Instance): Away {
  const screen = screenOf(flow, instance);
  if (screen.conditions.length === 0) return NOTHING;
  const hidden: Id[] = [];
  const disabled: Id[] = [];
  for (const { element, shown, enabled } of screen.conditions) {
    if (shown && !holdsNow(flow, state, instance, shown)) hidden.push(...withAllIn(screen, element));
    if (enabled && !holdsNow(flow, state, instance, enabled)) disabled.push(...withAllIn(screen, element));
  }
  return { hidden, disabled };
}

const withAllIn = (screen: CompiledScreen, id: Id): Id[] => [
  id,
  ...(screen.tree.get(id) ?? []).flatMap((each) => withAllIn(screen, each.id)),
];

/** Whether a player can use an element of something up. */
export function canUse(flow: Flow, state: RunState, instance: Instance, element: Id): boolean {
  if (screenOf(flow, instance).conditions.length === 0) return true;
  const { hidden, disabled } = awayOn(flow, state, instance);
  return !hidden.includes(element) && !disabled.includes(element);
}
