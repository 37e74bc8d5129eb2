import { holdsOf, playOf, type Use } from '../../elements';
import type { Flow } from '../../compile';
import { fitScalar, type Element, type Id, type Scalar, type Value } from '../../model';
import { tabUp } from '../focus';
import { type Instance, reachable, type RunState, type Say, screenOf, setValue, type Spot } from '../state';
import { inOneStep } from '../links';

/**
 * What a control does with a press by itself: a switch turns over, a slider goes a step, a choice goes to the next, tabs are
 * turned. Returns whether it took the press; a control takes it also when it is at its end, or shows no value.
 */
export function useControl(
  flow: Flow,
  state: RunState,
  instance: Instance,
  element: Id,
  use: Use,
  say: Say,
): boolean {
  const control = screenOf(flow, instance).byId.get(element);
  if (!control) return false;
  const value = boundTo(flow, control);
  if (!playOf(control).use?.takes(use, value !== undefined)) return false;
  if (value) change(flow, state, control, value, used(value, state.values[value.id]!, use, control), say);
  else if (holdsOf(control).pages !== undefined)
    turnTo(flow, state, instance, element, use === 'left' ? -1 : 1);
  return true;
}

/** Whether it is used by being moved, so that a press of it is no press that leads nowhere. */
export const hasOwnUse = (element: Element): boolean => playOf(element).use !== undefined;

const boundTo = (flow: Flow, control: Element): Value | undefined =>
  'value' in control && control.value !== undefined ? flow.values.get(control.value) : undefined;

/**
 * A control is pressed or dragged somewhere along it: a slider goes there, tabs turn to the one that is there, a choice goes
 * on, or back on its first half. Returns whether it took the press; only sliders are dragged.
 */
export function useAlong(
  flow: Flow,
  state: RunState,
  { serial, element, share }: Spot,
  how: 'press' | 'drag',
  say: Say,
): boolean {
  const instance = reachable(flow, state).find((other) => other.serial === serial);
  const control = element === null || !instance ? undefined : screenOf(flow, instance).byId.get(element);
  if (!instance || !control || share === undefined) return false;
  const value = boundTo(flow, control);
  const along = playOf(control).use?.along?.does;
  if (along === 'slides') {
    if (value?.type === 'number') {
      const { min = 0, step } = value;
      const exact = min + Math.min(1, Math.max(0, share)) * spanOf(value);
      const stepped = step ? min + Math.round((exact - min) / step) * step : Math.round(exact * 100) / 100;
      const to = fitScalar(value, Math.round(stepped * 1e6) / 1e6) ?? exact;
      change(flow, state, control, value, to, say);
    }
    return true;
  }
  if (how === 'drag') return false;
  if (along === 'steps')
    return useControl(flow, state, instance, control.id, share < 0.5 ? 'left' : 'confirm', say);
  const { pages = 0 } = holdsOf(control);
  if (along !== 'turns' || pages === 0) return false;
  const index = Math.min(pages - 1, Math.floor(share * pages));
  if (!value) instance.tabs = { ...instance.tabs, [control.id]: index };
  else
    change(
      flow,
      state,
      control,
      value,
      value.type === 'choice' ? (value.options[index]?.id ?? state.values[value.id]!) : index,
      say,
    );
  return true;
}

function change(flow: Flow, state: RunState, { id }: Element, value: Value, to: Scalar, say: Say): void {
  if (to !== state.values[value.id])
    inOneStep(flow, state, say, () => setValue(flow, state, value.id, to, id, say));
}

function turnTo(flow: Flow, state: RunState, instance: Instance, element: Id, by: -1 | 1): void {
  const tabs = screenOf(flow, instance).tabs.find((tab) => tab.element === element)!;
  const to = Math.min(tabs.count - 1, Math.max(0, tabUp(flow, state, instance, tabs) + by));
  instance.tabs = { ...instance.tabs, [element]: to };
}

/** What a value holds once its control has been used; beyond its range it stays at the end. */
function used(value: Value, now: Scalar, use: Use, control: Element): Scalar {
  const by = use === 'left' ? -1 : 1;
  switch (value.type) {
    case 'on/off':
      return now !== true;
    case 'number': {
      const step = value.step ?? playOf(control).use?.step?.(spanOf(value)) ?? 1;
      const to = Math.round((Number(now) + by * step) * 1e6) / 1e6;
      const { pages } = holdsOf(control);
      const end = pages === undefined ? Infinity : Math.max(0, pages - 1);
      return fitScalar(value, Math.min(to, end)) ?? now;
    }
    case 'choice': {
      const { options } = value;
      const at = options.findIndex((option) => option.id === now) + by;
      // A press that can only go forward wraps from the last option to the first.
      const next = use === 'confirm' ? at % options.length : at;
      return options[next]?.id ?? now;
    }
    case 'text':
    case 'picture':
      return now;
  }
}

const spanOf = ({ min = 0, max = 100 }: { min?: number; max?: number }): number => max - min;
