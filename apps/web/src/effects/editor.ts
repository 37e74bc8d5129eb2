import type { Do } from '@tavu/core/effects';
import type { Effect, EffectName, ListValue, Project } from '@tavu/core/model';
import type { Choice } from '../ui';

/** What the window needs of a type of effect. */
export interface EffectEditor<N extends EffectName> {
  /** What there is to pick: each thing it can be done to. */
  offers: (project: Project) => readonly Offer[];
  /** What can be made of a new name. */
  typed?: (name: string) => readonly Offer[];
  /** What the expression it gives is called: in a row of a conversation, and where it is asked for by itself. */
  gives?: { short: string; long: (effect: Do<N>, project: Project) => string };
}

/**
 * One thing to pick; what it makes goes to `put`. Edits with the `key` that `put` is given are one step with its own.
 */
export interface Offer extends Omit<Choice, 'onPick'> {
  make: (put: Put) => void;
}
export type Put = (effect: Effect, key?: string) => void;

/** Lists that rows can be put in and taken out of; those of saved games show what is saved. */
export const filledLists = ({ lists = [] }: Project): readonly ListValue[] =>
  lists.filter(({ saved }) => !saved);

/** What is picked is this effect as it stands. */
export const as =
  (effect: Effect) =>
  (put: Put): void =>
    put(effect);
