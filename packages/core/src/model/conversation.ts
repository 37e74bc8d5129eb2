import type { Colour } from './look';
import type { Duration, Effect, Expression, Id, Scalar } from './types';

/** Who speaks, what is said, and in which order. */

export const SIDES = ['left', 'right', 'middle'] as const;
export type Side = (typeof SIDES)[number];

export const BUBBLES = ['speech', 'shout', 'thought', 'whisper', 'radio', 'caption'] as const;
export type BubbleShape = (typeof BUBBLES)[number];

/** What an element of a dialogue screen is there for. */
export const ROLES = ['says', 'name', 'left', 'right', 'middle', 'bubble', 'choices', 'more', 'log'] as const;
export type Role = (typeof ROLES)[number];

export interface Speaker {
  id: Id;
  name: string;
  /** Of the name where it is shown. Absent: as the element that shows it. */
  colour?: Colour;
  /** Portraits by expression; the first is the usual one. */
  faces: Face[];
  /** It is never seen, such as a voice on a radio: that it has no portrait is no fault. */
  unseen?: true;
  /** Absent: left. */
  side?: Side;
  /** Absent: as the bubble is on the screen. */
  bubble?: BubbleShape;
  /** Heard as the letters come. */
  blip?: Id;
}
/** One expression of a speaker, by its name among theirs. */
export interface Face {
  name: string;
  asset: Id;
}

/** How lines are typed and how long they stay, in the whole project. */
export interface TalkRules {
  /** From one letter to the next. Absent: 40 ms. */
  letter?: Duration;
  /** Waited besides, after a comma and after the end of a sentence within a line. Absent: 120 ms and 280 ms. */
  comma?: Duration;
  stop?: Duration;
  /** How long a line that goes on by itself stays once it is all there. */
  reading?: ReadingTime;
  /** Lines go on by themselves: always, or while an on/off value holds. Absent: when they are confirmed. */
  auto?: 'always' | { value: Id };
  /** Letters a second that can be read. Absent: 20. */
  limit?: number;
  /** What does not fit its text area goes on in a next one, or is only pointed out. Absent: pages. */
  long?: 'pages' | 'marked';
}
export interface ReadingTime {
  /** So much, and so much a letter. */
  base: Duration;
  each: Duration;
  min?: Duration;
  max?: Duration;
  /** A number by which it is longer or shorter, as players choose; in percent when its unit says so. */
  scale?: Id;
}

/** Ordered steps, played on a dialogue screen. */
export interface Conversation {
  id: Id;
  name: string;
  /** The dialogue screen it is written for. */
  screen: Id | null;
  steps: Step[];
}

/** A routine written once: steps with named parameters. None may call itself. */
export interface Routine {
  id: Id;
  name: string;
  parameters: RoutineParameter[];
  steps: Step[];
}
/** Without a default it has to be given. A face goes by its name, a speaker and a picture by their ids. */
export interface RoutineParameter {
  id: Id;
  name: string;
  type: 'text' | 'speaker' | 'face' | 'picture';
  default?: string;
}

/** What is said, and how. In a routine, a speaker, face or picture may be the id of a parameter. */
export interface Said {
  /** Null: nobody is named. */
  speaker: Id | null;
  face?: string;
  side?: Side;
  bubble?: BubbleShape;
  text: string;
}

/** Other words for a line, and whether they come in another order each time round. */
export interface OtherWords {
  texts: string[];
  shuffled?: true;
}

export interface ChoiceOption {
  id: Id;
  text: string;
  /** There only while this holds. */
  when?: Expression;
  steps: Step[];
}

export type Step = { id: Id; note?: string } & (
  | ({
      step: 'line';
      /** From one letter to the next. Absent: as in the whole project. */
      letter?: Duration;
      /** Goes on by itself, or only when it is confirmed. Absent: as in the whole project. */
      goes?: 'itself' | 'confirmed';
      /** What else it may say: each time it is come to, the next of these and its own words. Absent: always its own. */
      others?: OtherWords;
    } & Said)
  | { step: 'pause'; for: Duration }
  | ({
      step: 'choice';
      options: ChoiceOption[];
      /** After this long, `otherwise` is chosen; absent, the first that can be. */
      limit?: Duration;
      otherwise?: Id;
    } & Said)
  | { step: 'effect'; effect: Effect }
  | { step: 'music'; asset: Id | 'none' }
  /** An element of the dialogue screen, by its name, plays an animation of its own. */
  | { step: 'move'; element: string; animation: Id; waits?: true }
  | { step: 'wait'; event: Id; limit?: Duration; otherwise?: Step[] }
  | { step: 'label'; name: string }
  | { step: 'jump'; to: Id; when?: Expression }
  | { step: 'routine'; routine: Id; args?: Record<Id, Scalar> }
  | { step: 'conversation'; conversation: Id }
  /** Up until the routine it stands in is over, else until the next line is. */
  | { step: 'show'; element: string; picture?: Id }
  | { step: 'hide'; element: string }
  | { step: 'end'; outcome?: Id }
);
export type StepName = Step['step'];

/** The steps within a step. */
export function branchesOf(step: Step): Step[][] {
  if (step.step === 'choice') return step.options.map((option) => option.steps);
  return step.step === 'wait' && step.otherwise ? [step.otherwise] : [];
}

/** Every step, with those within others, in the order they are written. */
export function everyStep(steps: readonly Step[]): Step[] {
  return steps.flatMap((step) => [step, ...branchesOf(step).flatMap(everyStep)]);
}
