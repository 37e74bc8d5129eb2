import {
  toMicros,
  type Animation,
  type Colour,
  type Easing,
  type Id,
  type Keyframe,
  type Rates,
} from '../model';
import { ease } from '../motion';
import { playedFrame } from './plays';

/** How an element differs from itself at rest at one moment of its own animations. */
export interface Stirred {
  /** Design pixels. */
  x: number;
  y: number;
  scale: number;
  /** Degrees. */
  turn: number;
  opacity: number;
  /** From one tint to another: with none it is clear. */
  tint: { from: Colour | null; to: Colour | null; p: number } | null;
  /** Which of its frames a picture shows, counted from 0. */
  frame?: number;
}

const RESTS = { x: 0, y: 0, scale: 1, turn: 0, opacity: 1 } as const;
type Name = keyof typeof RESTS;
const NAMES = Object.keys(RESTS) as Name[];

interface Point<T> {
  /** Microseconds. */
  at: number;
  value: T;
  easing: Easing;
}

export interface CompiledAnimation {
  element: Id;
  /** What moves: the element itself, or something of it. */
  part: Id;
  /** Unique among all animations of the screen. */
  key: string;
  on: Animation['on'];
  /** Microseconds. */
  delay: number;
  span: number;
  repeat: Animation['repeat'];
  tracks: Partial<Record<Name, readonly Point<number>[]>>;
  tint: readonly Point<Colour | null>[];
  /** It goes through so many frames of a picture, so many a second. */
  plays?: { rate: number; count: number };
}

/** The changes that count as movement: left out, or made at once, where the player asks for less motion. */
const MOVEMENTS: ReadonlySet<string> = new Set(['x', 'y', 'scale', 'turn']);

export function compileAnimation(
  element: Id,
  animation: Animation,
  rates: Rates,
  reduced: boolean,
  part = element,
): CompiledAnimation {
  const frames = animation.frames
    .map((frame) => ({ frame, at: toMicros(frame.at, rates) }))
    .sort((a, b) => a.at - b.at);
  const { repeat } = animation;
  const pointsOf = <T>(value: (frame: Keyframe) => T | undefined, rest: T, moves: boolean): Point<T>[] => {
    const points = frames.flatMap(({ frame, at }): Point<T>[] => {
      const given = value(frame);
      return given === undefined ? [] : [{ at, value: given, easing: frame.easing ?? 'linear' }];
    });
    if (points.length === 0) return points;
    if (reduced && moves) return repeat ? [] : points.slice(-1);
    if (points[0]!.at > 0)
      points.unshift({ at: 0, value: rest, easing: frames[0]?.frame.easing ?? 'linear' });
    return points;
  };
  const tracks: CompiledAnimation['tracks'] = {};
  for (const name of NAMES) {
    const points = pointsOf((frame) => frame[name], RESTS[name] as number, MOVEMENTS.has(name));
    if (points.length > 0) tracks[name] = points;
  }
  return {
    element,
    part,
    key: `${element} ${animation.id}`,
    on: animation.on,
    delay: toMicros(animation.delay ?? '0 ms', rates),
    span: frames.at(-1)?.at ?? 0,
    repeat,
    tracks,
    tint: pointsOf<Colour | null>((frame) => frame.tint, null, false),
  };
}

/** An element at `elapsed` microseconds since its animation was set off. The end of a loop is its beginning. */
export function sampleAnimation(animation: CompiledAnimation, elapsed: number): Stirred {
  const { tracks, tint } = animation;
  const t = within(animation, Math.max(0, elapsed - animation.delay));
  const stirred: Stirred = { ...RESTS, tint: null };
  for (const name of NAMES) {
    const points = tracks[name];
    if (!points) continue;
    const { from, to, p } = between(points, t);
    stirred[name] = from + (to - from) * p;
  }
  if (tint.length > 0) stirred.tint = between(tint, t);
  if (animation.plays) stirred.frame = playedFrame(animation, elapsed);
  return stirred;
}

/** The moment of one pass through the frames. */
function within({ span, repeat }: CompiledAnimation, t: number): number {
  if (span === 0) return 0;
  if (repeat === 'loop') return t % span;
  if (repeat === 'there and back') return span - Math.abs((t % (2 * span)) - span);
  return Math.min(t, span);
}

function between<T>(points: readonly Point<T>[], t: number): { from: T; to: T; p: number } {
  const next = points.findIndex((point) => point.at > t);
  if (next === 0) return { from: points[0]!.value, to: points[0]!.value, p: 0 };
  const b = next < 0 ? points.at(-1)! : points[next]!;
  const a = next < 0 ? b : points[next - 1]!;
  return { from: a.value, to: b.value, p: next < 0 ? 0 : ease(a.easing, (t - a.at) / (b.at - a.at)) };
}

/** When it has come to its end, in microseconds since it was set off; Infinity when it goes on for ever. */
export const endOf = ({ delay, span, repeat }: CompiledAnimation): number =>
  repeat ? Infinity : delay + span;
