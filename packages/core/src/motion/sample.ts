import type { Easing, Id } from '../model';
import { ease } from './easing';

/** Offsets `x` and `y` in design pixels, `across` and `down` in frames, turn in degrees, blur in design pixels. */
export type Property = 'opacity' | 'x' | 'y' | 'across' | 'down' | 'scale' | 'turn' | 'blur';

/** What can move by itself: all of a screen, its background, all that lies on it, or one element by its id. */
export type Part = 'screen' | 'background' | 'content' | Id;

/** How a screen's picture differs from itself at rest: by `part property`. What is not named is as at rest. */
export type Sample = Readonly<Record<string, number>>;

export const AT_REST: Sample = {};

/** The value of a property at rest: 1 for opacity and scale, 0 for the rest. */
export const restOf = (key: string): number => (key.endsWith(' opacity') || key.endsWith(' scale') ? 1 : 0);

/** What a part's property is called in a sample. Asked for in every frame, so each is put together once. */
export function keyOf(part: Part, property: Property): string {
  let of = keys.get(part);
  if (!of) keys.set(part, (of = new Map()));
  let key = of.get(property);
  if (key === undefined) of.set(property, (key = `${part} ${property}`));
  return key;
}
const keys = new Map<Part, Map<Property, string>>();

export interface Track {
  /** `part property`. */
  key: string;
  from: number;
  to: number;
  /** Microseconds. */
  delay: number;
  duration: number;
  easing: Easing;
  /** The easing is walked from its end. */
  backwards?: true;
}

/** One half of a transition, entering or leaving. Plain data. */
export interface Half {
  /** In the order they begin. */
  tracks: readonly Track[];
  /** Microseconds from its start until all its tracks have ended. */
  duration: number;
}

export const NO_MOTION: Half = { tracks: [], duration: 0 };

export function halfOf(tracks: readonly Track[]): Half {
  if (tracks.length === 0) return NO_MOTION;
  return {
    tracks: [...tracks].sort((a, b) => a.delay - b.delay),
    duration: Math.max(...tracks.map((track) => track.delay + track.duration)),
  };
}

/** The same half played from its end. */
export const reversed = ({ tracks, duration }: Half): Half =>
  halfOf(
    tracks.map(({ key, from, to, delay, duration: length, easing, backwards }) => ({
      key,
      from: to,
      to: from,
      delay: duration - delay - length,
      duration: length,
      easing,
      ...(backwards ? {} : { backwards: true as const }),
    })),
  );

/** The entering half at `elapsed` microseconds; it begins with `start` when it goes on from another motion. */
export function sampleEntering(half: Half, elapsed: number, start: Sample | null = null): Sample {
  const sample = sampleHalf(half, elapsed, start);
  if (!start) return sample;
  // Properties that the half itself does not animate come to rest linearly over its whole duration.
  const p = half.duration === 0 ? 1 : Math.min(1, Math.max(0, elapsed / half.duration));
  for (const key of Object.keys(start)) if (!(key in sample)) sample[key] = mix(start[key]!, restOf(key), p);
  return sample;
}

/**
 * The leaving half `elapsed` microseconds after it began, from rest or from `start`; what it does not move stays as
 * it was.
 */
export const sampleLeaving = (half: Half, elapsed: number, start: Sample | null = null): Sample =>
  start ? { ...start, ...sampleHalf(half, elapsed, start) } : sampleHalf(half, elapsed, null);

/** Of several tracks of one property the one that began last counts; before the first, its beginning. */
function sampleHalf({ tracks }: Half, elapsed: number, start: Sample | null): Record<string, number> {
  const sample: Record<string, number> = {};
  /** When the first track of each property begins. */
  const began = new Map<string, number>();
  for (const { key, from, to, delay, duration, easing, backwards } of tracks) {
    if (key in sample && elapsed < delay) continue;
    // A track that begins together with the first replaces it at once, continuing from the same picture.
    const first = delay <= (began.get(key) ?? delay);
    if (!began.has(key)) began.set(key, delay);
    const p = elapsed < delay ? 0 : duration === 0 ? 1 : Math.min(1, (elapsed - delay) / duration);
    const eased = elapsed < delay ? 0 : ease(easing, p, backwards);
    sample[key] = mix(first && start ? (start[key] ?? restOf(key)) : from, to, eased);
  }
  return sample;
}

/** The same half stretched to another duration in microseconds: used when a motion is reversed half way. */
export function stretchHalf(half: Half, duration: number): Half {
  if (half.duration === 0 || duration === half.duration) return half;
  const by = duration / half.duration;
  return {
    duration,
    tracks: half.tracks.map((track) => ({
      ...track,
      delay: Math.round(track.delay * by),
      duration: Math.round(track.duration * by),
    })),
  };
}

const mix = (a: number, b: number, p: number): number => a + (b - a) * p;
