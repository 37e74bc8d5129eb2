import type { Action, Id } from '../model';

/** Keys and pad buttons that players have chosen for actions, in place of the project's; by action. */
export type Rebound = Readonly<Record<Id, { keys?: readonly string[]; pad?: readonly number[] }>>;

/**
 * The code of a pad button among bindings.
 * @param button its number in the W3C standard gamepad mapping, from 0
 */
export const padCode = (button: number): string => `pad ${button}`;

const TOUCH = 'touch ';

/** The code of an action that a finger on the screen holds down. */
export const touchCode = (action: Id): string => `${TOUCH}${action}`;

export const isTouchCode = (code: string): boolean => code.startsWith(TOUCH);

/** The action that a finger holds down by a code; null for a key, button or gesture. */
export const touchedBy = (code: string): Id | null => (isTouchCode(code) ? code.slice(TOUCH.length) : null);

/** The number of the pad button that goes by a name among bindings; null for a key. */
export function padOf(code: string): number | null {
  const pad = /^pad (\d+)$/.exec(code);
  return pad ? Number(pad[1]) : null;
}

/**
 * The code that presses an action on the device in use, as a player has bound it; none on a touch screen, or where it has
 * none.
 */
export function codeFor(
  action: Pick<Action, 'id' | 'keys' | 'pad'>,
  { device, codes }: { device: 'keys' | 'pad' | 'touch'; codes: Rebound },
): string | undefined {
  if (device === 'touch') return undefined;
  const [key = action.keys[0]] = codes[action.id]?.keys ?? [];
  const [pad = action.pad[0]] = codes[action.id]?.pad ?? [];
  return device === 'pad' && pad !== undefined ? padCode(pad) : key;
}
