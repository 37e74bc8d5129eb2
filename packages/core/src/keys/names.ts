import { padOf } from './codes';
import { type Action, type Project, withId } from '../model';

/** What keys and pad buttons are called, in few letters. */

const KEYS: Record<string, string> = {
  Escape: 'Esc',
  ArrowUp: '↑',
  ArrowDown: '↓',
  ArrowLeft: '←',
  ArrowRight: '→',
  PageUp: 'Page up',
  PageDown: 'Page down',
  ControlLeft: 'Ctrl',
  ControlRight: 'Ctrl',
  ShiftLeft: 'Shift',
  ShiftRight: 'Shift',
  AltLeft: 'Alt',
  AltRight: 'Right Alt',
  MetaLeft: 'The system key',
  MetaRight: 'The system key',
};

/** A UI Events code as a person calls the key. */
export const keyName = (code: string): string =>
  KEYS[code] ??
  code
    .replace(/^(Key|Digit)(?=.$)/, '')
    .replace(/^Numpad(?=.)/, 'Pad ')
    .replace(/(?<=[a-z])(?=[A-Z])/g, ' ');

/** By place on the pad, since makers letter them differently. */
const PAD = [
  'bottom button',
  'right button',
  'left button',
  'top button',
  'left shoulder',
  'right shoulder',
  'left trigger',
  'right trigger',
  'select',
  'start',
  'left stick',
  'right stick',
  'pad up',
  'pad down',
  'pad left',
  'pad right',
];

/**
 * A pad button as a person finds it.
 * @param button its number in the W3C standard gamepad mapping, from 0
 */
export const padName = (button: number): string => PAD[button] ?? `button ${button}`;

/** A binding code, `Escape` or `pad 9`, as a person calls it. */
export function codeName(code: string): string {
  const pad = padOf(code);
  return pad === null ? keyName(code) : padName(pad);
}

/** The keys an action is bound to, two at most: `Esc or P`. */
export const actionKeys = (action: Action): string => action.keys.slice(0, 2).map(keyName).join(' or ');

/** The keys beside an action's name: ` (Esc or P)`; nothing where it has none, or is called by its key. */
export function keysBeside(action: Action): string {
  const keys = actionKeys(action);
  return keys === '' || keys.toLowerCase() === action.name.toLowerCase() ? '' : ` (${keys})`;
}

export const actionById = (project: Project, id: string): Action | undefined => withId(project.actions, id);
