import type { StateName } from '../../model';

/** What takes its time to come to how it looks. Plain data, times in microseconds on the interface clock. */

/** An element that goes over, or has gone over, from the look of some states to that of others; `at` on the interface clock. */
export interface FaceRun {
  was: readonly StateName[];
  now: readonly StateName[];
  at: number;
}

/** A bar on its way from one share to another, each 0 to 1; times in microseconds on the interface clock. */
export interface BarRun {
  from: number;
  to: number;
  at: number;
  /** What was there before it was lost, and since when that waits or follows. */
  lossFrom: number;
  lossAt: number;
}
