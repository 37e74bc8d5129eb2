import type { CompiledScreen, Flow } from '../../compile';
import type { Id } from '../../model';
import { type Visibility, holdsNow, type Instance, type RunState, screenOf } from '../state';
import { talkLooks, type TalkLooks } from '../talk';

export const ALL_VISIBLE: Visibility = { hidden: [], disabled: [] };

/** `said` is what a conversation makes of it now, where that is known already. */
export function visibilityOf(
  flow: Flow,
  state: RunState,
  instance: Instance,
  said: TalkLooks | null = null,
): Visibility {
  const away = conditionalVisibility(flow, state, instance);
  if (!instance.talk) return away;
  const screen = screenOf(flow, instance);
  const unsaid = (said ?? talkLooks(flow, state, instance)).hidden.flatMap((id) => withAllIn(screen, id));
  return unsaid.length > 0 ? { ...away, hidden: [...away.hidden, ...unsaid] } : away;
}

/** The same, but for what a conversation shows and hides. */
export function conditionalVisibility(flow: Flow, state: RunState, instance: Instance): Visibility {
  const screen = screenOf(flow, instance);
  if (!canChange(screen)) return ALL_VISIBLE;
  const hidden: Id[] = [];
  const disabled: Id[] = [];
  for (const { element, shown, enabled } of screen.conditions) {
    if (shown && !holdsNow(flow, state, instance, shown)) hidden.push(...withAllIn(screen, element));
    if (enabled && !holdsNow(flow, state, instance, enabled)) disabled.push(...withAllIn(screen, element));
  }
  if (state.device !== 'touch')
    for (const element of screen.touchOnly) hidden.push(...withAllIn(screen, element));
  for (const { element, count, value, held } of screen.tabs) {
    const up = tabUp(flow, state, instance, { element, count, value });
    held.forEach((id, i) => i !== up && hidden.push(...withAllIn(screen, id)));
  }
  return { hidden, disabled };
}

/** Whether anything on a screen is there, or can be used, only sometimes. */
export const canChange = ({ conditions, tabs, touchOnly }: CompiledScreen): boolean =>
  conditions.length + tabs.length + touchOnly.length > 0;

/** Which tab is up, counted from 0: as its value says, or as it was last turned to. */
export function tabUp(
  flow: Flow,
  state: RunState,
  instance: Instance,
  { element, count, value: id }: { element: Id; count: number; value: Id | null },
): number {
  if (id === null) return Math.min(count - 1, instance.tabs[element] ?? 0);
  const value = flow.values.get(id);
  const held = state.values[id];
  const index =
    value?.type === 'choice' ? value.options.findIndex((option) => option.id === held) : Number(held ?? 0);
  return Math.min(count - 1, Math.max(0, Math.floor(index) || 0));
}

const withAllIn = (screen: CompiledScreen, id: Id): Id[] => [
  id,
  ...(screen.tree.get(id) ?? []).flatMap((element) => withAllIn(screen, element.id)),
];

/** Whether a player can use an element of something up. */
export function canUse(flow: Flow, state: RunState, instance: Instance, element: Id): boolean {
  if (!canChange(screenOf(flow, instance)) && instance.talk === null) return true;
  const { hidden, disabled } = visibilityOf(flow, state, instance);
  return !hidden.includes(element) && !disabled.includes(element);
}
