import type { TypingPlace } from '../../drawing';
import { playOf } from '../../elements';
import type { Flow } from '../../compile';
import type { Element, Id } from '../../model';
import isDeepEqual from 'fast-deep-equal';
import { placeAt } from '../../lettering';
import { bind, type KeyRow } from './bindings';
import { allUp, type RunState, type Say, screenOf, setValue, type Spot } from '../state';
import { inOneStep } from '../links';

/** How long a row waits for a key or pad button, in microseconds. */
export const BINDING_WAITS = 5_000_000;
/** The longest text that can be typed, in characters. */
export const LONGEST_TYPED = 200;
/** Keys that end typing; all others are for the words. */
export const ENDS_TYPING: ReadonlySet<string> = new Set(['Enter', 'NumpadEnter', 'Escape', 'Tab']);

/** An element that has the keyboard to itself, and what it wants of it. */
export type Taker =
  { asksFor: 'words'; element: Element; value: Id } | { asksFor: 'a key'; element: Element; row: KeyRow };

/** Gives an element the keyboard, if it has a use for it. Returns whether it has. */
export function take(flow: Flow, state: RunState, { serial, element }: Spot): boolean {
  const taker = element === null ? undefined : takerAt(flow, state, { serial, element });
  if (!taker) return false;
  const until = taker.asksFor === 'a key' ? state.now + BINDING_WAITS : Infinity;
  const words = taker.asksFor === 'words' ? typingAt(flow, state, taker, serial) : null;
  state.inputCapture = { serial, element: taker.element.id, until, clash: null, words };
  return true;
}

function takerAt(flow: Flow, state: RunState, at: { serial: number; element: Id }): Taker | undefined {
  const instance = allUp(state).find((other) => other.serial === at.serial);
  const element = instance && screenOf(flow, instance).byId.get(at.element);
  const asksFor = element && playOf(element).asksFor;
  if (asksFor === 'words' && 'value' in element! && element.value !== undefined)
    return { asksFor, element, value: element.value };
  if (asksFor === 'a key' && 'device' in element! && element.action !== null)
    return { asksFor, element, row: element as KeyRow };
  return undefined;
}

/** The element that has the keyboard now; null once it is gone. */
export function takerNow(flow: Flow, state: RunState): Taker | null {
  if (state.inputCapture === null) return null;
  const taker = takerAt(flow, state, state.inputCapture);
  if (!taker) state.inputCapture = null;
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
  if (taker.asksFor === 'words') {
    if (device === 'pad' || ENDS_TYPING.has(code)) state.inputCapture = null;
    return;
  }
  const { row } = taker;
  if (row.device !== device) {
    state.inputCapture = null;
    return;
  }
  const clash = bind(flow, state, row, code);
  if (clash === null) state.inputCapture = null;
  else state.inputCapture = { ...state.inputCapture!, clash, until: state.now + BINDING_WAITS };
  say({ at: state.now, did: 'bound', action: row.action, code, clash });
}

/** Words as they stand after some typing, and where in them it goes on. */
export function takeText(
  flow: Flow,
  state: RunState,
  { text, anchor, caret }: { text: string; anchor?: number; caret?: number },
  say: Say,
): void {
  const taker = takerNow(flow, state);
  if (taker?.asksFor !== 'words') return;
  const { value, element } = taker;
  const to = [...text].slice(0, LONGEST_TYPED).join('');
  if (to !== state.values[value])
    inOneStep(flow, state, say, () => setValue(flow, state, value, to, element.id, say));
  // What the value leads to may have taken the keyboard away.
  const { inputCapture } = state;
  if (inputCapture?.element !== element.id || !inputCapture.words) return;
  const { serial, words } = inputCapture;
  const now = typingAt(flow, state, taker, serial, { caret, anchor, moved: words.moved });
  if (!isDeepEqual(now, words)) state.inputCapture = { ...inputCapture, words: now };
}

/** Room that is kept for the caret after the last letter, in design pixels. */
const CARET_ROOM = 8;

/** Where typing goes on in what a value holds, between letters, and moved no further than it takes for the caret to be seen. */
function typingAt(
  flow: Flow,
  state: RunState,
  { element, value }: Taker & { asksFor: 'words' },
  serial: number,
  { anchor, caret = Infinity, moved = 0 }: Partial<TypingPlace> = {},
): TypingPlace {
  const instance = allUp(state).find((other) => other.serial === serial);
  const rect = instance && screenOf(flow, instance).layout.get(element.id);
  const held = String(state.values[value] ?? '');
  const line = rect && playOf(element).typed?.(element, rect, flow.project, held);
  if (!line) return { anchor: held.length, caret: held.length, moved: 0 };
  const at = placeAt(line.places, caret);
  const from = placeAt(line.places, anchor ?? caret);
  const room = Math.max(0, line.room.width - CARET_ROOM);
  const most = Math.max(0, line.places.at(-1)!.x - room);
  return {
    anchor: from.at,
    caret: at.at,
    moved: Math.min(most, at.x, Math.max(moved, at.x - room)),
  };
}
