import type { Flow } from '../compile';
import { fitScalar, type Id, type Scalar, type Value } from '../model';
import { screenOf } from './derived';
import type { Say } from './outcome';
import type { Instance, RunState } from './state';
import { inOneStep } from './take';
import { setValue } from './values';

/** How a control is used: confirmed or pressed, or moved to the left or right. */
export type Use = 'confirm' | 'left' | 'right';

/**
 * What a control does with a press by itself: a switch turns over, a slider goes a step, a choice goes to the next. Returns
 * whether it took the press; a control takes it also when it is at its end, or shows no value.
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
  const id = 'value' in control ? control.value : undefined;
  const value = id === undefined ? undefined : flow.values.get(id);
  if (!takes(control.type, value, use)) return false;
  if (!value) return true;
  const to = used(value, state.values[value.id]!, use, control.type);
  if (to !== state.values[value.id])
    inOneStep(flow, state, say, () => setValue(flow, state, value.id, to, element, say));
  return true;
}

const CONTROLS: ReadonlySet<string> = new Set(['switch', 'slider', 'choice', 'tabs', 'entry']);

function takes(type: string, value: Value | undefined, use: Use): boolean {
  if (type === 'switch') return use === 'confirm';
  if (type === 'choice') return true;
  if (type === 'slider' || type === 'tabs') return use !== 'confirm' || value === undefined;
  return type === 'entry' && use === 'confirm';
}

/** What a value holds once its control has been used; beyond its range it stays at the end. */
function used(value: Value, now: Scalar, use: Use, type: string): Scalar {
  const by = use === 'left' ? -1 : 1;
  switch (value.type) {
    case 'on/off':
      return now !== true;
    case 'number': {
      const step = value.step ?? (type === 'slider' ? spanOf(value) / 20 : 1);
      const to = Math.round((Number(now) + by * step) * 1e6) / 1e6;
      return fitScalar(value, to) ?? now;
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
