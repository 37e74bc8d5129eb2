import type { Duration, Id, Project } from './types';

/** How a player's hands reach the game. */

export type Direction = 'up' | 'down' | 'left' | 'right';
/**
 * Keys that the system or the browser keeps for itself, by UI Events `code`: no page is told of them in time, or at
 * all.
 */
const KEPT =
  /^$|^(Unidentified|Meta|OS|Fn|PrintScreen|Power|Sleep|WakeUp|Eject|Audio|Volume|Media|Browser|Launch)/;

/** Whether a page is given a key, by its UI Events `code`. */
export const reachesPages = (code: string): boolean => !KEPT.test(code);

export const DIRECTIONS: readonly Direction[] = ['up', 'down', 'left', 'right'];

/**
 * What a pointer, a finger or the whole device can do besides a press; actions are bound to these as to keys. A device
 * that is tilted holds its action down until it is level again; the others are made and over.
 */
export const GESTURES = [
  'middle button',
  'right button',
  'wheel up',
  'wheel down',
  'swipe up',
  'swipe down',
  'swipe left',
  'swipe right',
  'two fingers',
  'tilt left',
  'tilt right',
  'tilt forward',
  'tilt back',
] as const;
export type Gesture = (typeof GESTURES)[number];

/** Whether a gesture is one of a device held in the hands; the others are a pointer's. */
export const isTouch = (gesture: string): boolean => /^swipe|^tilt|fingers$/.test(gesture);

/** Whether a gesture is the whole device being tilted. */
export const isTilt = (gesture: string): boolean => gesture.startsWith('tilt');

/** Whether tilting the device does anything in a game. */
export const usesTilt = ({ input, actions }: Pick<Project, 'input' | 'actions'>): boolean =>
  input?.tiltToGame === true || actions.some(({ gestures }) => gestures?.some(isTilt) === true);

/** Everything absent is as usual. */
export interface InputRules {
  /** How long a direction is held until it repeats. Absent: 420 ms. */
  repeatAfter?: Duration;
  /** The time between repeats. Absent: 130 ms. */
  repeatEvery?: Duration;
  /** How far a stick goes until it counts as a direction, 0 to 1. Absent: 0.55. */
  stick?: number;
  /** How far back it comes until it no longer does; below that it is at rest. Absent: 0.4. */
  rest?: number;
  /** Degrees that the device may be off level before it counts as tilted. Absent: 5. */
  level?: number;
  /** Degrees at which it is tilted as far as counts. Absent: 30. */
  tilted?: number;
  /** The game is told how far the device is tilted. Absent: only the actions bound to it are. */
  tiltToGame?: true;
}

/** Which ends of a screen, or of a panel on it, lead on to the other end. */
export const WRAPS = ['up and down', 'left and right', 'both', 'never'] as const;
export type Wraps = (typeof WRAPS)[number];

/** Where the focus goes otherwise than the layout says. */
export interface FocusRules {
  /** By element, where a direction leads; null is nowhere. */
  next?: Record<Id, Partial<Record<Direction, Id | null>>>;
  /** What can have the focus, in the order it is read; what is not named follows as it stands. */
  order?: Id[];
  /** Absent: up and down. */
  wraps?: Wraps;
}
