import { edit } from '../store';

/** Makes a value of a name that was typed: a number, which most conditions compare. */
export const makeValue = (name: string): void =>
  void edit('add value', { type: 'number', name: name.replace(/_/g, ' ') });
