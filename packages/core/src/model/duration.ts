import type { Duration, Rates } from './types';

export const UNITS = ['ms', 's', 'frames', 'ticks'] as const;
export type Unit = (typeof UNITS)[number];

/** One hour, the longest duration that makes sense here, in microseconds. */
export const LONGEST = 3_600_000_000;

export const DURATION_PATTERN = /^(\d+(?:\.\d+)?) (ms|s|frames|ticks)$/;

export const DEFAULT_RATES: Rates = { frames: 60, ticks: 20 };

/** An authored duration in whole microseconds; unreadable text counts as 0. */
export function toMicros(duration: Duration, rates: Rates): number {
  const match = DURATION_PATTERN.exec(duration);
  if (!match) return 0;
  const n = Number(match[1]);
  switch (match[2] as Unit) {
    case 'ms':
      return Math.round(n * 1000);
    case 's':
      return Math.round(n * 1_000_000);
    case 'frames':
      return Math.round((n / rates.frames) * 1_000_000);
    case 'ticks':
      return Math.round((n / rates.ticks) * 1_000_000);
  }
}

/**
 * The shortest time that anything waits for, in microseconds: what waits less would go off many times within one
 * frame.
 */
export const SHORTEST = 1000;

/** How long something waits, in microseconds: as written, but at least `SHORTEST`. Zero stays zero. */
export function timerMicros(duration: Duration, rates: Rates): number {
  const micros = toMicros(duration, rates);
  return micros === 0 ? 0 : Math.max(SHORTEST, micros);
}

/**
 * Reads what a person types (`280`, `280ms`, `4.5 s`, `90 ticks`, `1,5 s`) into the authored form.
 * A bare number takes `fallback`. Returns words for the person when it cannot be a duration.
 */
export function readDuration(
  text: string,
  rates: Rates,
  fallback: Unit = 'ms',
): { ok: Duration } | { error: string } {
  const match = /^\s*(-?\d+(?:[.,]\d+)?)\s*([a-z]*)\s*$/i.exec(text);
  if (!match) return { error: 'Write a number and a unit, such as 280 ms or 4.5 s.' };
  const n = Number(match[1]!.replace(',', '.'));
  const word = match[2]!.toLowerCase();
  const unit = UNIT_WORDS[word === '' ? fallback : word];
  if (!unit) return { error: `“${match[2]}” is not a unit here. Use ms, s, frames or ticks.` };
  if (n < 0) return { error: 'A time cannot be negative.' };
  const duration = `${n} ${unit}`;
  if (!DURATION_PATTERN.test(duration) || toMicros(duration, rates) > LONGEST)
    return { error: 'A time can be an hour at most.' };
  return { ok: duration };
}

const UNIT_WORDS: Record<string, Unit> = {
  ms: 'ms',
  millisecond: 'ms',
  milliseconds: 'ms',
  s: 's',
  sec: 's',
  second: 's',
  seconds: 's',
  f: 'frames',
  frame: 'frames',
  frames: 'frames',
  t: 'ticks',
  tick: 'ticks',
  ticks: 'ticks',
};

/** The unit a duration is written in. */
export const unitOf = (duration: Duration): Unit => (DURATION_PATTERN.exec(duration)?.[2] as Unit) ?? 'ms';

/** A time in microseconds, in a unit, as short as it can be said: `280 ms`, `4.5 s`, `90 ticks`. */
export function timeIn(micros: number, unit: Unit, rates: Rates): Duration {
  const seconds = micros / 1_000_000;
  const n = {
    ms: micros / 1000,
    s: seconds,
    frames: seconds * rates.frames,
    ticks: seconds * rates.ticks,
  }[unit];
  return `${Math.round(n * 1000) / 1000} ${unit}`;
}
