import type { Scope } from '../expression';
import type {
  Arguments,
  Effect,
  EffectName,
  Expression,
  Field,
  FieldType,
  Id,
  Parameter,
  Project,
} from '../model';
import type { Piece } from '../phrasing';
import type { Among, Fields, FieldWord, Thing } from '../walk';

/** An effect's type, by its name. */
export type Do<N extends EffectName> = Among<Effect, 'do', N>;

/** What a game that plays needs of a type of effect. */
export interface EffectPlay<E> {
  /** The expression that is worked out for it. Absent: none. */
  gives?: (effect: E) => Expression;
  /** Its arguments, and who receives them. Absent: none. */
  tells?: (effect: E, project: Project) => Told | undefined;
  /** The rows it is about: of which list, which of them, and what fields of these are given. Absent: none. */
  rows?: (effect: E) => { list: Id; where?: Expression; args?: Arguments };
  /** The screen it brings up. */
  shows?: (effect: E) => Id;
  /** The sound it begins. */
  sounds?: (effect: E) => Id;
  run: (effect: E, game: Game) => void;
}

/** What is told to a screen or with an event: by parameter or field, what each is given. */
export interface Told {
  /** Who is told. */
  name: string;
  takes: readonly (Parameter | Field)[];
  args: Arguments;
}

/** What an effect can do to a game, with what it gives and tells already worked out. */
export interface Game {
  show: (screen: Id) => void;
  takeAway: (screen: Id) => void;
  send: (event: Id) => void;
  /** Sets a value to what the effect gives. */
  set: (value: Id) => void;
  /** A row comes to a list, with what is told. */
  addRow: (list: Id) => void;
  /** Those of its rows that it is about. */
  changeRows: () => void;
  removeRows: () => void;
  /** Values go back to their defaults: one, those of a section, or all. */
  reset: (which: { value?: Id; section?: string }) => void;
  play: (asset: Id) => void;
  stop: (asset: Id) => void;
  /** To the slot that the effect gives, and from it. */
  save: () => void;
  load: () => void;
  keepChanges: () => void;
  takeBackChanges: () => void;
  resetBindings: () => void;
}

/** What an editor needs of a type of effect besides how it plays. */
export interface EffectAuthor<E> {
  /** What a file has of it. */
  fields: { [K in Exclude<keyof E, 'do' | 'after'>]-?: FieldWord };
  /** Where it names things and asks. */
  references: Omit<Fields<E>, 'after'>;
  /** What the fields of it that are told or set belong to. */
  about?: (effect: E) => Id;
  /** What is said where a thing it names is gone. */
  gone?: Partial<Record<Thing, string>>;
  words: (effect: E, phrase: Phrase) => Piece[];
  /** What it gives: of which type that has to be, and the same effect with another expression. */
  gives?: {
    wanted?: (effect: E, project: Project) => FieldType | undefined;
    put: (effect: E, text: Expression) => E;
  };
  /** Which rows it is about: of which list, which of them; and the same effect about others. */
  where?: {
    list: (effect: E) => Id;
    of: (effect: E) => Expression | undefined;
    put: (effect: E, where: Expression | undefined) => E;
  };
  /** The same effect telling something else; undefined is nothing. */
  tell?: (effect: E, args: Arguments | undefined) => E;
  /** Values it sets without naming them. */
  sets?: (effect: E, project: Project) => readonly Id[];
  /** What it writes outlasts the run. */
  keeps?: true;
}

/** Where an effect is put into words. */
export interface Phrase {
  project: Project;
  scope: Scope;
  /** Its place among the effects of its link. */
  index: number;
}
