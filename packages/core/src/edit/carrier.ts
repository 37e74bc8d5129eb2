import { elementOf } from '../triggers';
import type { Cue, Id } from '../model';

/** A screen of nothing, that elements are carried on. */
export const BARE = { kind: 'custom', layer: 'base', background: { colour: '#00000000' } } as const;
const rootOf = (path: Id): Id => path.split('/')[0]!;

/** Whether a link is set off by one of these, or by what a component among them holds. */
export function isPressed(cue: Cue, among: (element: Id) => boolean): boolean {
  const element = elementOf(cue);
  return element !== null && among(rootOf(element));
}
