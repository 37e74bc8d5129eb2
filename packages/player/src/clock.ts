/** The longest time one frame may pass on, in milliseconds: a page that was hidden or stuck does not jump. */
export const LONGEST_FRAME = 100;

/** Turns the page's clock into whole microseconds to pass, losing none between calls. */
export class Clock {
  #last: number | null = null;
  #rest = 0;

  /** Microseconds since the last call, so many times as fast. `now` is in milliseconds, such as performance.now(). */
  take(now: number, speed = 1): number {
    const last = this.#last ?? now;
    this.#last = Math.max(last, now);
    const exact = Math.min(Math.max(0, now - last), LONGEST_FRAME) * 1000 * speed + this.#rest;
    const whole = Math.floor(exact);
    this.#rest = exact - whole;
    return whole;
  }

  /** What has gone by until the next call does not count. */
  pause(): void {
    this.#last = null;
  }
}
