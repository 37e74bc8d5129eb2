import type { GuessedType } from '@tavu/core/expression';
import type { Id, Scalar, ValueType } from '@tavu/core/model';
import { edit } from '../store';

/** Makes a value of a name that was typed, of the type its use suggests. */
export const makeValue = (name: string, type: GuessedType): void =>
  void edit('add value', { type, name: name.replace(/_/g, ' ') });

/**
 * Makes the value that a control sets: a setting, which a player's choice of outlasts the run. Edits with the same key
 * are one step.
 */
export const makeSetting = (
  name: string,
  type: ValueType & { default?: Scalar },
  key: string,
): Id | undefined => edit('add value', { ...type, name, section: 'Settings', life: 'settings' }, { key });
