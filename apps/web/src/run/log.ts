import type { Project } from '@tavu/core/model';
import type { Outcome, RunState } from '@tavu/core/run';

/** What happened in a run, in order. */

export interface Entry {
  n: number;
  outcome: Outcome;
  /** The project as it was then: what happened is told in its words, whatever is edited afterwards. */
  project: Project;
  /** So many times in a row. */
  times: number;
  /** The state before it, to go back to; null where that is too long ago. */
  before: RunState | null;
}

/** So much of a run is kept. */
export const MAX_ENTRIES = 100_000;
/** So many of the last entries can be gone back to: a state holds on to a good deal. */
const MAX_STATES = 2000;

/**
 * A list that grows in place, since a run may add to it in every frame. Whoever shows it compares `changes`, not the list.
 */
export class Log {
  readonly #entries: Entry[] = [];
  #count = 0;
  /** Goes up with every change. */
  changes = 0;

  get entries(): readonly Entry[] {
    return this.#entries;
  }

  /** The same write once more in a row, and each further move of a stick, is only counted. */
  add(outcome: Outcome, before: RunState, project: Project): void {
    this.changes++;
    const last = this.#entries.at(-1);
    if (last && (isSameWrite(last.outcome, outcome) || isSameAxis(last.outcome, outcome))) {
      last.outcome = outcome;
      last.times++;
      return;
    }
    this.#entries.push({ n: ++this.#count, outcome, project, times: 1, before });
    const old = this.#entries.at(-1 - MAX_STATES);
    if (old) old.before = null;
    // Many at once, since taking one off the beginning moves all others.
    if (this.#entries.length > MAX_ENTRIES + 1000) this.#entries.splice(0, 1000);
  }

  /** Forgets what came after a moment, in microseconds. */
  cut(after: number): void {
    this.changes++;
    const at = this.#entries.findIndex(({ outcome }) => outcome.at > after);
    if (at >= 0) this.#entries.length = at;
  }

  clear(): void {
    this.changes++;
    this.#entries.length = 0;
  }

  /** The entries from a moment on, in microseconds. */
  since(from: number): Entry[] {
    let at = this.#entries.length;
    while (at > 0 && this.#entries[at - 1]!.outcome.at >= from) at--;
    return this.#entries.slice(at);
  }
}

const isSameWrite = (a: Outcome, b: Outcome): boolean =>
  a.did === 'set' &&
  b.did === 'set' &&
  a.value === b.value &&
  a.to === b.to &&
  a.by === b.by &&
  a.wanted === b.wanted;

const isSameAxis = (a: Outcome, b: Outcome): boolean => a.did === 'axis' && b.did === 'axis' && a.of === b.of;
