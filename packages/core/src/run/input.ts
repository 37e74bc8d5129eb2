import type { Id } from '../model';
import type { Spot } from './state';

/** What a run can be given. `code` is a UI Events code such as `Escape`, or `pad 9`. */
export type Input =
  | { type: 'key'; code: string; phase: 'down' | 'up'; repeat?: boolean }
  | { type: 'pad'; button: number; phase: 'down' | 'up'; repeat?: boolean }
  | { type: 'pointer'; device: 'pointer' | 'touch'; phase: 'down' | 'up' | 'move'; spot: Spot | null }
  | { type: 'event'; event: Id }
  /** Microseconds, an integer of at least 0. */
  | { type: 'time'; pass: number };
