import { toMicros, type Easing, type Layer, type Motion, type Rates } from '../model';
import { ease } from './easing';

/** How a screen's picture differs from itself at rest. Offsets are fractions of the frame. */
export interface Sample {
  /** Of the whole screen as one group, 0 to 1. */
  opacity: number;
  x: number;
  y: number;
  /** Of the background alone, 0 to 1. */
  background: number;
  /** The elements alone, without the background. */
  contentX: number;
  contentY: number;
}

export const AT_REST: Sample = { opacity: 1, x: 0, y: 0, background: 1, contentX: 0, contentY: 0 };

export interface Track {
  property: keyof Sample;
  /** The value the entering half starts with; it ends at rest. */
  from: number;
  /** Microseconds. */
  delay: number;
  duration: number;
  easing: Easing;
}

/** An entering half; the leaving half is the same one backwards. */
export interface Half {
  tracks: Track[];
  /** Microseconds from its start until all its tracks have ended. */
  duration: number;
}

export const NO_MOTION: Half = { tracks: [], duration: 0 };

const OFFSETS = {
  left: { x: -1, y: 0 },
  right: { x: 1, y: 0 },
  top: { x: 0, y: -1 },
  bottom: { x: 0, y: 1 },
} as const;

/**
 * The entering half of an authored motion. A sliding overlay moves its elements while its background, which lies over
 * what is beneath, fades.
 */
export function compileMotion(motion: Motion, layer: Layer, rates: Rates): Half {
  if (motion.name === 'none') return NO_MOTION;
  const duration = toMicros(motion.duration, rates);
  if (duration === 0) return NO_MOTION;
  const track = (property: keyof Sample, from: number): Track => ({
    property,
    from,
    delay: 0,
    duration,
    easing: motion.easing ?? 'ease-out',
  });
  if (motion.name === 'fade') return { tracks: [track('opacity', 0)], duration };
  const { x, y } = OFFSETS[motion.from];
  const whole = layer === 'base';
  const tracks: Track[] = [];
  if (x !== 0) tracks.push(track(whole ? 'x' : 'contentX', x));
  if (y !== 0) tracks.push(track(whole ? 'y' : 'contentY', y));
  if (!whole) tracks.push(track('background', 0));
  return { tracks, duration };
}

/** The entering half at `elapsed` microseconds; `start` replaces its first values when it goes on from another motion. */
export function sampleEntering(half: Half, elapsed: number, start: Sample | null = null): Sample {
  const sample: Sample = { ...AT_REST };
  for (const track of half.tracks) {
    const p = ease(track.easing, progress(track, elapsed));
    sample[track.property] = mix(start?.[track.property] ?? track.from, AT_REST[track.property], p);
  }
  if (start) carry(sample, half, start, elapsed);
  return sample;
}

/** The leaving half at `elapsed`: the entering half backwards, from rest or from `start`. */
export function sampleLeaving(half: Half, elapsed: number, start: Sample | null = null): Sample {
  const sample: Sample = { ...AT_REST };
  for (const track of half.tracks) {
    const p = ease(track.easing, progress(track, half.duration - elapsed));
    sample[track.property] = mix(track.from, start?.[track.property] ?? AT_REST[track.property], p);
  }
  if (start) for (const name of untouched(half)) sample[name] = start[name];
  return sample;
}

/** The same half played in another time: used when a motion is turned round half way. */
export function stretchHalf(half: Half, duration: number): Half {
  if (half.duration === 0 || duration === half.duration) return half;
  const by = duration / half.duration;
  return {
    duration,
    tracks: half.tracks.map((t) => ({
      ...t,
      delay: Math.round(t.delay * by),
      duration: Math.round(t.duration * by),
    })),
  };
}

/** What the half itself does not move comes to rest straight over its whole time. */
function carry(sample: Sample, half: Half, start: Sample, elapsed: number): void {
  const p = half.duration === 0 ? 1 : Math.min(1, Math.max(0, elapsed / half.duration));
  for (const name of untouched(half)) sample[name] = mix(start[name], AT_REST[name], p);
}

const untouched = (half: Half): (keyof Sample)[] =>
  (Object.keys(AT_REST) as (keyof Sample)[]).filter(
    (name) => !half.tracks.some((track) => track.property === name),
  );

const progress = (track: Track, elapsed: number): number =>
  track.duration === 0 ? (elapsed >= track.delay ? 1 : 0) : (elapsed - track.delay) / track.duration;

const mix = (a: number, b: number, p: number): number => a + (b - a) * p;
