import { toMicros, type Duration, type Project } from '@tavu/core/model';

/** Milliseconds until a held direction repeats, and between repeats. */
export interface Pace {
  after: number;
  every: number;
}
const USUAL: Pace = { after: 420, every: 130 };

/** How fast directions repeat in a project. */
export function paceOf({ input, rates }: Pick<Project, 'input' | 'rates'>): Pace {
  const millis = (duration: Duration | undefined, usual: number): number =>
    duration === undefined ? usual : Math.max(16, toMicros(duration, rates) / 1000);
  return {
    after: millis(input?.repeatAfter, USUAL.after),
    every: millis(input?.repeatEvery, USUAL.every),
  };
}

/** Codes that are held down, and when each repeats next. Times in milliseconds. */
export class Repeats {
  readonly #due = new Map<string, number>();

  down(code: string, now: number, pace: Pace): void {
    this.#due.set(code, now + pace.after);
  }
  up(code: string): void {
    this.#due.delete(code);
  }
  clear(): void {
    this.#due.clear();
  }
  /** Those that repeat now: each at most once, however long the last look was ago. */
  due(now: number, pace: Pace): string[] {
    const found: string[] = [];
    for (const [code, due] of this.#due)
      if (now >= due) {
        this.#due.set(code, now + pace.every);
        found.push(code);
      }
    return found;
  }
}
