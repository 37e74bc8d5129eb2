import type { Flow } from '../compile';
import { fitScalar, type Element, type Id, type Scalar, type Value } from '../model';
import { tabUp } from './away';
import { reachable, screenOf } from './derived';
import type { Say } from './outcome';
import type { Instance, RunState, Spot } from './state';
import { inOneStep } from './take';
import { setValue } from './values';

/** How a control is used: confirmed or pressed, or moved to the left or right. */
export type Use = 'confirm' | 'left' | 'right';

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
  if (!control || !('value' in control || CONTROLS.has(control.type))) return false;
  const value = boundTo(flow, control);
  if (!takes(control.type, value, use)) return false;
  if (value) change(flow, state, control, value, used(value, state.values[value.id]!, use, control), say);
  else if (control.type === 'tabs') turnTo(flow, state, instance, element, use === 'left' ? -1 : 1);
  return true;
}

const CONTROLS: ReadonlySet<string> = new Set(['switch', 'slider', 'choice', 'tabs', 'entry']);

/** Whether it is used by being moved, so that a press of it is no press that leads nowhere. */
export const hasOwnUse = (type: string): boolean => CONTROLS.has(type);

const boundTo = (flow: Flow, control: Element): Value | undefined =>
  'value' in control && control.value !== undefined ? flow.values.get(control.value) : undefined;

function takes(type: string, value: Value | undefined, use: Use): boolean {
  if (type === 'switch') return use === 'confirm';
  if (type === 'choice') return true;
  if (type === 'slider') return use !== 'confirm' || value === undefined;
  if (type === 'tabs') return use !== 'confirm';
  return type === 'entry' && use === 'confirm';
}

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
  const instance = reachable(flow, state).find((each) => each.serial === serial);
  const control = element === null || !instance ? undefined : screenOf(flow, instance).byId.get(element);
  if (!instance || !control || share === undefined) return false;
  const value = boundTo(flow, control);
  if (control.type === 'slider') {
    if (value?.type === 'number') {
      const { least = 0, step } = value;
      const exact = least + Math.min(1, Math.max(0, share)) * spanOf(value);
      const stepped = step
        ? least + Math.round((exact - least) / step) * step
        : Math.round(exact * 100) / 100;
      const to = fitScalar(value, Math.round(stepped * 1e6) / 1e6) ?? exact;
      change(flow, state, control, value, to, say);
    }
    return true;
  }
  if (how === 'drag') return false;
  if (control.type === 'choice')
    return useControl(flow, state, instance, control.id, share < 0.5 ? 'left' : 'confirm', say);
  if (control.type !== 'tabs' || control.tabs.length === 0) return false;
  const index = Math.min(control.tabs.length - 1, Math.floor(share * control.tabs.length));
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
  const tabs = screenOf(flow, instance).tabs.find((each) => each.element === element)!;
  const to = Math.min(tabs.count - 1, Math.max(0, tabUp(flow, state, instance, tabs) + by));
  instance.tabs = { ...instance.tabs, [element]: to };
}

/** What a value holds once its control has been used; beyond its range it stays at the end. */
function used(value: Value, now: Scalar, use: Use, control: Element): Scalar {
  const { type } = control;
  const by = use === 'left' ? -1 : 1;
  switch (value.type) {
    case 'on/off':
      return now !== true;
    case 'number': {
      const step = value.step ?? (type === 'slider' ? spanOf(value) / 20 : 1);
      const to = Math.round((Number(now) + by * step) * 1e6) / 1e6;
      const end = control.type === 'tabs' ? Math.max(0, control.tabs.length - 1) : Infinity;
      return fitScalar(value, Math.min(to, end)) ?? now;
    }
    case 'choice': {
      const { options } = value;
      const at = options.findIndex((option) => option.id === now) + by;
      // By the press that only goes on, the last leads to the first again.
      const next = use === 'confirm' ? at % options.length : at;
      return options[next]?.id ?? now;
    }
    case 'text':
      return now;
  }
}

const spanOf = ({ least = 0, most = 100 }: { least?: number; most?: number }): number => most - least;
