import { toMicros, type Easing, type MotionTrack, type Rates, type SimpleMotion } from '../model';
import { bezierOf, EASINGS } from './easing';
import { REST, usualEasing } from './in-out';

/** The leaving half that undoes an arrival: a start for one that is to differ from it. */

/** The easing walked from its end. Stepped and `linear()` curves have no short reverse, and stay as they are. */
export function reversedEasing(easing: Easing): Easing {
  const handles = bezierOf(easing);
  if (!handles) return easing;
  const [x1, y1, x2, y2] = handles.map(tidy) as [number, number, number, number];
  const back = [1 - x2, 1 - y2, 1 - x1, 1 - y1].map(tidy);
  const named = EASINGS.find((name) => bezierOf(name)!.every((value, i) => value === back[i]));
  return named ?? `cubic-bezier(${back.join(', ')})`;
}

/** An arrival as a leaving half of its own, which looks like the arrival played backwards. */
export function reversedMotion(motion: SimpleMotion): SimpleMotion {
  if (motion.name === 'none' || motion.name === 'made') return motion;
  const { delay: _, easing = usualEasing('entering'), ...same } = motion;
  const back = reversedEasing(easing);
  return { ...same, ...(back === usualEasing('leaving') ? {} : { easing: back }) } as SimpleMotion;
}

/** The tracks of an arrival as those of a leaving half: each from its end to its beginning, the last to end first. */
export function reversedTracks(tracks: readonly MotionTrack[], rates: Rates): MotionTrack[] {
  const end = ({ delay = '0 ms', duration }: MotionTrack): number =>
    toMicros(delay, rates) + toMicros(duration, rates);
  const total = Math.max(0, ...tracks.map(end));
  return tracks.map((track) => {
    const { delay: _, easing = usualEasing('entering'), ...same } = track;
    const wait = (total - end(track)) / 1000;
    return {
      ...same,
      from: track.to ?? REST[track.change],
      to: track.from,
      easing: reversedEasing(easing),
      ...(wait > 0 ? { delay: `${wait} ms` } : {}),
    };
  });
}

/** Free of the noise of floating point. */
const tidy = (n: number): number => Math.round(n * 10_000) / 10_000;
