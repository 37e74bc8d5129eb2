import type { CompiledScreen, Flow, OpOf } from '../compile';
import type { Component, Conversation, Element, Id, Link, Project, Screen, Step } from '../model';
import type { TonesOf } from '../paint';
import type { Place } from '../references';
import type { Laid, Over } from './room';

/** How much it matters: it cannot work, it may not be what is meant, or it could be better. */
export type Severity = 'error' | 'warning' | 'advice';

/** Where something is, by ids. */
export interface Where {
  /** The screen, area, component, conversation … it is on, or `project`. */
  source: Id;
  /** The sentence it is in. */
  link?: Id;
  element?: Id;
  /** In a conversation: the key of the step; empty for all of it. */
  step?: string;
  /** Screens where it matters, if it is of several. */
  screens?: readonly Id[];
}

/** Plain values that a check's sentence is made of. */
export type Params = Readonly<Record<string, unknown>>;

/** What one check found at one place, for it to be put where that is. */
export interface Found<P> {
  params: P;
  where: Omit<Where, 'source'>;
}

/** A line or choice as it is laid out on its screen. */
export interface Spoken {
  flow: Flow;
  screen: CompiledScreen;
  op: OpOf<'line' | 'choice'>;
  laid: Laid;
  /** By how much its words do not fit there. */
  over: Over | null;
  /** Speakers that have been told of in this conversation. */
  told: Set<Id>;
}

/** What a finding says besides its place: the element, or the name of what contains it. */
export interface At {
  element?: Element;
  name?: string;
}

/**
 * One thing that can be wrong: how it is found, how serious it is, and its words. A check runs at every level it has
 * a function for.
 */
export interface Check<P> {
  severity: Severity;
  /** What it is about and what mends it, for the documentation. */
  about: string;
  phrase: (params: P) => string;
  /** In a word or two, beside what is drawn. Absent: the whole sentence. */
  mark?: (params: P) => string;
  /** Anywhere that an id, an expression or a text stands. */
  place?: (project: Project, place: Place, at: At) => readonly P[];
  link?: (project: Project, link: Link) => readonly P[];
  /** What a screen or component holds. */
  held?: (project: Project, owner: Screen | Component) => readonly P[];
  /** A screen as it is drawn; `said` has the words of texts with names in them, by element, and `tones` the colours of pictures. */
  drawn?: (
    flow: Flow,
    screen: CompiledScreen,
    said?: Readonly<Record<Id, string>>,
    tones?: TonesOf,
  ) => readonly Found<P>[];
  /** A conversation on its screen, which may be gone. */
  talk?: (conversation: Conversation, screen: CompiledScreen | undefined) => readonly P[];
  /** A step of a conversation as it is written. */
  step?: (project: Project, step: Step) => readonly P[];
  spoken?: (spoken: Spoken) => readonly P[];
  /** A conversation in the other languages. */
  translated?: (project: Project, conversation: Conversation) => readonly Found<P>[];
  /** The project as a whole. */
  project?: (project: Project) => readonly Found<P>[];
}

/** What is wrong, or could be better, as data. */
export interface Finding {
  /** Stable: files and other programs may name it. */
  code: string;
  params: Params;
  severity: Severity;
  where: Where;
}
