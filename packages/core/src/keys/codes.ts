import type { Id } from '../model';

/** Keys and pad buttons that players have chosen for actions, in place of the project's; by action. */
export type Rebound = Readonly<Record<Id, { keys?: readonly string[]; pad?: readonly number[] }>>;

/** The name a pad button goes by among bindings, by its number in the W3C standard mapping. */
export const padCode = (button: number): string => `pad ${button}`;

/** The number of the pad button that goes by a name among bindings; null for a key. */
export function padOf(code: string): number | null {
  const pad = /^pad (\d+)$/.exec(code);
  return pad ? Number(pad[1]) : null;
}
