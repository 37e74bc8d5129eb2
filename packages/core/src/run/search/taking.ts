import type { Flow } from '../../compile';
import type { BindingElement, EntryElement, Id } from '../../model';
import { bind } from './bindings';
import { allUp, type RunState, type Say, screenOf, setValue, type Spot } from '../state';
import { inOneStep } from '../links';

/** How long a row waits for a key or pad button, in microseconds. */
export const BINDING_WAITS = 5_000_000;
/** The longest text that can be typed, in characters. */
export const LONGEST_TYPED = 200;

/** Gives an element the keyboard, if it has a use for it. Returns whether it has. */
export function take(flow: Flow, state: RunState, { serial, element }: Spot): boolean {
  const taker = element === null ? undefined : takerAt(flow, state, { serial, element });
  if (!taker) return false;
  const until = taker.type === 'binding' ? state.now + BINDING_WAITS : Infinity;
  state.taking = { serial, element: taker.id, until, clash: null };
  return true;
}

type Taker = (EntryElement & { value: Id }) | BindingElement;

function takerAt(flow: Flow, state: RunState, at: { serial: number; element: Id }): Taker | undefined {
  const instance = allUp(state).find((each) => each.serial === at.serial);
  const element = instance && screenOf(flow, instance).byId.get(at.element);
  if (element?.type === 'binding' && element.action !== null) return element;
  return element?.type === 'entry' && element.value !== undefined ? (element as Taker) : undefined;
}

/** What takes the keyboard now; what has gone takes it no longer. */
export function takerNow(flow: Flow, state: RunState): Taker | null {
  if (state.taking === null) return null;
  const taker = takerAt(flow, state, state.taking);
  if (!taker) state.taking = null;
  return taker ?? null;
}

/** A key or pad button went down while something has the keyboard: it is bound, or ends the typing. */
export function takeCode(
  flow: Flow,
  state: RunState,
  taker: Taker,
  code: string,
  device: 'keys' | 'pad',
  say: Say,
): void {
  if (taker.type === 'entry') {
    const ends = device === 'pad' || ['Enter', 'NumpadEnter', 'Escape', 'Tab'].includes(code);
    if (ends) state.taking = null;
    return;
  }
  if (taker.device !== device) {
    state.taking = null;
    return;
  }
  const clash = bind(flow, state, taker, code);
  if (clash === null) state.taking = null;
  else state.taking = { ...state.taking!, clash, until: state.now + BINDING_WAITS };
  say({ at: state.now, did: 'bound', action: taker.action!, code, clash });
}

/** Words as they stand after some typing. */
export function takeText(flow: Flow, state: RunState, text: string, say: Say): void {
  const taker = takerNow(flow, state);
  if (taker?.type !== 'entry') return;
  const to = [...text].slice(0, LONGEST_TYPED).join('');
  if (to === state.values[taker.value]) return;
  inOneStep(flow, state, say, () => setValue(flow, state, taker.value, to, taker.id, say));
}
