import { timeIn, toMicros, type Animation, type Id, type Keyframe, type Rates } from '../model';

const RESTS: Partial<Keyframe> = { x: 0, y: 0, scale: 1, turn: 0, opacity: 1 };

/**
 * The animations of an element with a keyframe set: in the first animation that begins with the screen, or in a new
 * one
 * with this id. What was not animated before starts at rest.
 * @param at microseconds since the screen was shown
 */
export function withKeyframe(
  animations: readonly Animation[] | undefined,
  at: number,
  change: Partial<Omit<Keyframe, 'at' | 'easing'>>,
  rates: Rates,
  id: Id,
): Animation[] {
  const all = animations ?? [];
  const known = all.find((other) => other.on === 'arrival');
  const animation: Animation = known ?? { id, on: 'arrival', frames: [] };
  const local = Math.max(0, at - toMicros(animation.delay ?? '0 ms', rates));
  const micros = (frame: Keyframe): number => toMicros(frame.at, rates);
  const begun = begins(animation.frames, local, change, micros);
  // Keyframes less than a millisecond apart count as one.
  const same = begun.find((frame) => Math.abs(micros(frame) - local) < 1000);
  const frames = same
    ? begun.map((frame) => (frame === same ? { ...frame, ...change } : frame))
    : [...begun, { at: timeIn(local, 's', rates), ...change }];
  const next = { ...animation, frames: frames.sort((a, b) => micros(a) - micros(b)) };
  return known ? all.map((item) => (item === known ? next : item)) : [...all, next];
}

/** A property that is new to the animation stands at rest at its beginning. */
function begins(
  frames: readonly Keyframe[],
  local: number,
  change: Partial<Keyframe>,
  micros: (frame: Keyframe) => number,
): Keyframe[] {
  const fresh = (Object.keys(change) as (keyof Keyframe)[]).filter(
    (name) => name in RESTS && !frames.some((frame) => frame[name] !== undefined),
  );
  if (local < 1000 || fresh.length === 0) return [...frames];
  const rest = Object.fromEntries(fresh.map((name) => [name, RESTS[name]])) as Partial<Keyframe>;
  const first = frames.find((frame) => micros(frame) === 0);
  if (first) return frames.map((frame) => (frame === first ? { ...rest, ...frame } : frame));
  return [{ at: '0 s', easing: 'ease-in-out', ...rest }, ...frames];
}
