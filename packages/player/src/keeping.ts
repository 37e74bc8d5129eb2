import type { Flow } from '@tavu/core/compile';
import { keptOf, type Before, type RunState } from '@tavu/core/run';

/** How often what players have chosen and saved is written down at most, in milliseconds. */
const OFTEN = 1000;

/** Tells what outlasts the run when any of that is otherwise, at once and then at most once a second. */
export class Keeping {
  readonly #flow: () => Flow;
  readonly #tell: (kept: Required<Before>) => void;
  #told = '';
  #last = -Infinity;
  #waiting: RunState | null = null;
  #timer: ReturnType<typeof setTimeout> | undefined;

  constructor(flow: () => Flow, tell: (kept: Required<Before>) => void) {
    this.#flow = flow;
    this.#tell = tell;
  }

  note(before: RunState, state: RunState): void {
    const same = (key: 'values' | 'chosen' | 'lists' | 'saves' | 'rebound'): boolean =>
      before[key] === state[key];
    // Chosen to be what its default was, a value is the same and yet kept.
    if (same('values') && same('chosen') && same('lists') && same('saves') && same('rebound')) return;
    this.#waiting = state;
    if (this.#timer !== undefined) return;
    const wait = this.#last + OFTEN - performance.now();
    if (wait <= 0) this.now();
    else this.#timer = setTimeout(() => this.now(), wait);
  }

  /** Writes down what is still pending. */
  now(): void {
    clearTimeout(this.#timer);
    this.#timer = undefined;
    const state = this.#waiting;
    this.#waiting = null;
    if (!state) return;
    const kept = keptOf(this.#flow(), state);
    const text = JSON.stringify(kept);
    // Most values are not stored at all.
    if (text === this.#told) return;
    this.#told = text;
    this.#last = performance.now();
    this.#tell(kept);
  }
}
