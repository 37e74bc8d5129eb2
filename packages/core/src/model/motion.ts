import type { Colour } from './look';
import type { Duration, Id, Length } from './types';

/** How pictures come, go, and move while they are up. */

export type Edge = 'left' | 'right' | 'top' | 'bottom';
/** A CSS easing function: a keyword, `cubic-bezier(…)`, `steps(…)` or `linear(…)`. */
export type Easing = string;

export interface Stagger {
  /** Later by this from one element to the next. */
  by: Duration;
  /** Which comes next: in drawing order, as they are read, or ever further from the control that was pressed. */
  order: 'order' | 'place' | 'distance';
}

interface Timed {
  duration: Duration;
  delay?: Duration;
  /** Absent: ease-out; in a half given for leaving ease-in. */
  easing?: Easing;
  /** Elements come one after another. Absent: as one. */
  stagger?: Stagger;
}

export type SimpleMotion =
  | { name: 'none' }
  | ({ name: 'fade' } & Timed)
  /** By the whole frame; by less, in design pixels or percent of the frame, it fades as well. */
  | ({ name: 'slide'; from: Edge; by?: Length } & Timed)
  /** From `scale` times its size, and fading. Absent: 0.8. */
  | ({ name: 'grow'; scale?: number } & Timed)
  /** From so soft, in design pixels, and fading. Absent: 24. */
  | ({ name: 'blur'; strength?: number } & Timed)
  /** One of the project's own. */
  | { name: 'made'; motion: Id };

/**
 * An entering half, and the leaving half, which ends where it would come from; absent, it is the entering half
 * backwards.
 */
export type Motion = SimpleMotion & { leaving?: SimpleMotion };

export const CHANGES = ['opacity', 'across', 'down', 'scale', 'turn', 'blur'] as const;
/** Across and down in design pixels or percent of the frame, turn in degrees, blur in design pixels. */
export type Change = (typeof CHANGES)[number];

/** What a track of a made motion moves. */
export type Mover = 'screen' | 'background' | 'elements' | { named: string };

/** One property from one value to another; after its end it stays there. */
export interface MotionTrack {
  of: Mover;
  change: Change;
  from: Length;
  /** Absent: as at rest. */
  to?: Length;
  duration: Duration;
  delay?: Duration;
  easing?: Easing;
  /** Elements only. */
  stagger?: Stagger;
}

/** A motion of the project, made of tracks. */
export interface MadeMotion {
  id: Id;
  name: string;
  tracks: MotionTrack[];
  /** Absent: the tracks backwards. */
  leaving?: MotionTrack[];
  /** In its place where less motion is wished for. Absent: a short fade. */
  reduced?: SimpleMotion;
}

/**
 * One moment of an element's own animation, against how it is at rest. What it does not name is between its
 * neighbours.
 */
export interface Keyframe {
  at: Duration;
  /** Design pixels. */
  x?: number;
  y?: number;
  scale?: number;
  /** Degrees, clockwise. */
  turn?: number;
  opacity?: number;
  /** Laid over it, as strongly as its own opacity says. */
  tint?: Colour;
  /** On the way to the next. Absent: linear. */
  easing?: Easing;
}
export type KeyframeValue = 'x' | 'y' | 'scale' | 'turn' | 'opacity' | 'tint';

/** What an element does by itself, from a trigger on. */
export interface Animation {
  id: Id;
  /** `step`: a step of a conversation says when. `loss`: what its bar shows has become less. */
  on: 'arrival' | 'focus' | 'press' | 'step' | 'loss' | { event: Id };
  delay?: Duration;
  /** Absent: once. */
  repeat?: 'loop' | 'there and back';
  frames: Keyframe[];
}

/** How a picture goes through its frames. */
export interface Plays {
  /** Frames a second. */
  rate: number;
  on: 'arrival' | 'focus' | 'press' | { event: Id };
  delay?: Duration;
  /** Absent: once, and stays at the last. */
  repeat?: 'loop' | 'there and back';
}

/** Words that are shown for a time. */
export interface TextFrame {
  text: string;
  hold: Duration;
}
/** A text that goes through frames, round and round, or so many times and then to the last. */
export interface TextFrames {
  frames: TextFrame[];
  /** Each round in an order of its own. Absent: in the order they stand in. */
  shuffled?: true;
  /** Absent: without end, or once when there is a last. */
  rounds?: number;
  last?: TextFrame;
}

/** How a screen loads. */
export type Loading = (
  | { by: 'pretending'; lasts: Duration; shape?: Easing }
  /** The game says how far it is, 0 to 1, in a field of an event; and when it is done, or has failed. */
  | { by: 'events'; progress?: Id; field?: Id; done?: Id; failed?: Id }
) & {
  /** It has failed when it is not done by then. */
  limit?: Duration;
};
