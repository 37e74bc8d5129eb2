import type { Scope } from '../expression';
import type { Trigger, TriggerName, Duration, Expression, Field, Id, Project } from '../model';
import type { Piece } from '../phrasing';
import type { Among, Fields, FieldWord, Thing } from '../walk';

/** A trigger's type, by its name. */
export type On<N extends TriggerName> = Among<Trigger, 'on', N>;

/**
 * How the engine comes to a trigger. *Searched*: something happened, and of all that is up the first link that fits takes
 * it. *Timed*: its time is up. *Sampled*: after each step it is looked whether it holds now. *Followed*: it comes of what
 * happened to its own screen.
 */
export type Life = 'searched' | 'timed' | 'sampled' | 'followed';

/**
 * What happens to a screen that links can follow: it comes up, its content is done or has failed, what it opened
 * answers.
 */
export type Moment = 'up' | 'done' | 'failed' | 'answer';

/** When and on which clock a time is counted. */
export type Counted = Pick<On<'time'>, 'since' | 'clock' | 'covered' | 'during'>;

interface Any<C> {
  /** What it is listed by, such as the element that is pressed. Absent: nothing. */
  key?: (trigger: C) => Id;
  /** The element of its screen that sets it off. */
  element?: { of: (trigger: C) => Id; put: (trigger: C, element: Id) => C };
  /** What comes with it and can be named in expressions. */
  brings?: (trigger: C, project: Project) => readonly Field[] | undefined;
  /** A player does it with hands. */
  byHand?: true;
}
interface Searched<C> extends Any<C> {
  life: 'searched';
  /** At which part of a press, where it is one of an action; and how long that has to be held. */
  phase?: (trigger: C) => 'down' | 'up' | 'held';
  hold?: (trigger: C) => Duration | undefined;
  /** What it is listed by where it is set off by this input. Absent: the engine asks for it by itself. */
  hears?: (input: Heard) => Id | undefined;
}
interface Timed<C> extends Any<C> {
  life: 'timed';
  after: (trigger: C) => Duration;
  counted: (trigger: C) => Counted;
  /** Once it has gone off it counts again from the beginning. */
  again?: true;
}
interface Sampled<C> extends Any<C> {
  life: 'sampled';
  awaits: (trigger: C) => Expression;
}
interface Followed<C> extends Any<C> {
  life: 'followed';
  follows: Moment;
  /** Whether it waits for this answer. Absent: for any. */
  answered?: (trigger: C, outcome: Id | undefined) => boolean;
}

/** What a game that plays needs of a type of trigger. */
export type TriggerPlay<C> = Searched<C> | Timed<C> | Sampled<C> | Followed<C>;

/** What came in from outside, but for time. */
export interface Heard {
  type: string;
  event?: Id;
}

/** What an editor needs of a type of trigger besides how it plays. */
export interface TriggerAuthor<C> {
  /** What a file has of it. */
  fields: { [K in Exclude<keyof C, 'on'>]-?: FieldWord };
  /** Where it names things and asks. */
  references: Fields<C>;
  /** What a part of it that is named belongs to. */
  about?: (trigger: C) => Id;
  /** What is said where a thing it names is gone. */
  gone?: Partial<Record<Thing, string>>;
  /** As a sentence begins with it. */
  words: (trigger: C, phrase: TriggerPhrase) => Piece[];
  /** In two or three words, for a line on the map. */
  label: (trigger: C, project: Project, from: Id) => string;
}

/** Where a trigger is put into words. */
export interface TriggerPhrase {
  project: Project;
  /** The screen, area or component that it is of, or the whole project. */
  from: Id;
  scope: Scope;
}
