import { SOMEWHERE, type Id } from '@tavu/core/model';
import { edit } from '../store';
import { goOnAt } from '../ui';
import { blankIn } from './blankIn';

/** Begins a sentence for the press of an element, given by its path; the keyboard goes to where it leads. */
export function whenPressed(screen: Id, element: Id): void {
  const made = edit(
    'add link',
    { from: screen, trigger: { on: 'press', element }, kind: 'go', to: { gap: SOMEWHERE }, effects: [] },
    { chosen: (made) => ({ link: made ?? null }) },
  );
  if (made) goOnAt(() => blankIn(made, 'target'));
}
