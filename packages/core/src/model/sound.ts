import type { Duration, Id } from './types';

/** What is heard besides what links play, and how loud. Everything absent is silent, or as loud as it is. */
export interface SoundRules {
  /** When the focus moves, something is pressed, a way back is taken, or something opens. */
  focus?: Id;
  press?: Id;
  back?: Id;
  open?: Id;
  /** Number values that say how loud: at their least nothing is heard, at their most all of it. */
  volumes?: { all?: Id; music?: Id; effects?: Id };
  /** How long one piece of music gives way to the next. Absent: at once. */
  fade?: Duration;
  /** How loud music is under a modal overlay, 0 to 1. Absent: as loud as without. */
  under?: number;
}
/** What sounds by itself when something happens. */
export type UsualSound = 'focus' | 'press' | 'back' | 'open';
export const USUAL_SOUNDS: readonly UsualSound[] = ['focus', 'press', 'back', 'open'];
