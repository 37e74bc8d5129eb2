import {
  toMicros,
  type Change,
  type Easing,
  type Layer,
  type MadeMotion,
  type Motion,
  type MotionTrack,
  type Project,
  type SimpleMotion,
  type Stagger,
  withId,
} from '../model';
import type { Property } from './sample';

/** A track before it is known which elements it moves. */
export interface OpenTrack {
  /** What it moves; `elements` is each element that lies on the screen itself, in turn. */
  of: 'screen' | 'background' | 'content' | 'elements' | { named: string };
  property: Property;
  from: number;
  to: number;
  /** Microseconds. */
  delay: number;
  duration: number;
  easing: string;
  stagger?: { by: number; order: Stagger['order'] };
}

/** How a screen comes and goes; `leaving` null is the entering half backwards. */
export interface InOut {
  entering: readonly OpenTrack[];
  /** Its tracks end away, unless they are another motion's entering half, which is played backwards. */
  leaving: { tracks: readonly OpenTrack[]; backwards: boolean } | null;
}

export type HalfName = 'entering' | 'leaving';

export const STILL: InOut = { entering: [], leaving: null };

/** What is played where less motion is wished for. */
export const REDUCED: SimpleMotion = { name: 'fade', duration: '120 ms', easing: 'linear' };

type Needs = Pick<Project, 'motions' | 'rates'>;

/** The easing of a half without one: slow at the end where the picture is at rest. */
export const usualEasing = (half: HalfName): Easing => (half === 'entering' ? 'ease-out' : 'ease-in');

/** An authored motion as tracks, for a layer; `reduced` takes the quieter variant of all that moves. */
export function compileMotion(motion: Motion, layer: Layer, project: Needs, reduced = false): InOut {
  const made = madeOf(project, motion);
  const leaving = motion.leaving
    ? leavingBy(motion.leaving, layer, project, reduced)
    : made?.leaving && !reduced
      ? { tracks: made.leaving.map((track) => ofTrack(track, project)), backwards: false }
      : null;
  return { entering: entering(motion, layer, project, reduced), leaving };
}

export const madeOf = ({ motions }: Needs, motion: SimpleMotion): MadeMotion | undefined =>
  motion.name === 'made' ? withId(motions, motion.motion) : undefined;

/** Whether a motion shows no more than a fade. */
export const isQuiet = ({ name }: SimpleMotion): boolean => name === 'none' || name === 'fade';

function entering(motion: SimpleMotion, layer: Layer, project: Needs, reduced: boolean): OpenTrack[] {
  const made = madeOf(project, motion);
  if (reduced && !isQuiet(motion)) return simple(quieter(made), layer, project);
  return made ? made.tracks.map((track) => ofTrack(track, project)) : simple(motion, layer, project);
}

/** A half given for leaving begins at rest and ends away, with its own easing. */
function leavingBy(
  motion: SimpleMotion,
  layer: Layer,
  project: Needs,
  reduced: boolean,
): NonNullable<InOut['leaving']> {
  const made = madeOf(project, motion);
  if (made && !reduced)
    return made.leaving
      ? { tracks: made.leaving.map((track) => ofTrack(track, project)), backwards: false }
      : { tracks: entering(motion, layer, project, reduced), backwards: true };
  const shown = reduced && !isQuiet(motion) ? quieter(made) : motion;
  const tracks = simple(shown, layer, project, 'leaving');
  return { tracks: tracks.map((track) => ({ ...track, from: track.to, to: track.from })), backwards: false };
}

function quieter(made: MadeMotion | undefined): SimpleMotion {
  const quiet = made?.reduced ?? REDUCED;
  return isQuiet(quiet) ? quiet : REDUCED;
}

const OFFSETS = {
  left: ['across', 'x', -1],
  right: ['across', 'x', 1],
  top: ['down', 'y', -1],
  bottom: ['down', 'y', 1],
} as const;

/**
 * A base moves as a whole. Over what is beneath, what lies on a screen moves while its background, which covers that,
 * fades.
 */
function simple(
  motion: SimpleMotion,
  layer: Layer,
  project: Needs,
  half: HalfName = 'entering',
): OpenTrack[] {
  if (motion.name === 'none' || motion.name === 'made') return [];
  const { rates } = project;
  const duration = toMicros(motion.duration, rates);
  const time = {
    delay: toMicros(motion.delay ?? '0 ms', rates),
    duration,
    easing: motion.easing ?? usualEasing(half),
  };
  if (time.delay + duration === 0) return [];
  const stagger = motion.stagger && {
    by: toMicros(motion.stagger.by, rates),
    order: motion.stagger.order,
  };
  const moving = stagger ? 'elements' : layer === 'base' ? 'screen' : 'content';
  const move = (property: Property, from: number, to: number): OpenTrack => ({
    of: moving,
    property,
    from,
    to,
    ...time,
    ...(stagger ? { stagger } : {}),
  });
  const behind: OpenTrack[] =
    moving === 'screen' ? [] : [{ of: 'background', property: 'opacity', from: 0, to: 1, ...time }];
  const whole: OpenTrack = { of: 'screen', property: 'opacity', from: 0, to: 1, ...time };
  const fades = stagger ? [move('opacity', 0, 1), ...behind] : [whole];
  switch (motion.name) {
    case 'fade':
      return fades;
    case 'blur':
      return [move('blur', motion.strength ?? 24, 0), ...fades];
    case 'grow':
      return [move('scale', motion.scale ?? 0.8, 1), ...fades];
    case 'slide': {
      const [share, pixels, sign] = OFFSETS[motion.from];
      if (motion.by === undefined) return [move(share, sign, 0), ...behind];
      const by = lengthOf(motion.by, share, pixels);
      return [move(by.property, sign * by.value, 0), ...fades];
    }
  }
}

/** A length in design pixels, or in frames when it is a percentage. */
function lengthOf(length: number | string, share: Property, pixels: Property) {
  return typeof length === 'number'
    ? { property: pixels, value: length }
    : { property: share, value: Number.parseFloat(length) / 100 };
}

/** The value of each change at rest. */
export const REST: Record<Change, number> = { opacity: 1, across: 0, down: 0, scale: 1, turn: 0, blur: 0 };

/** What a change can be at all, whatever is written. */
const RANGES: Record<'opacity' | 'scale' | 'turn' | 'blur', readonly [number, number]> = {
  opacity: [0, 1],
  scale: [0, 100],
  turn: [-100_000, 100_000],
  blur: [0, 1000],
};
const within = (change: keyof typeof RANGES, value: number): number => {
  const [min, max] = RANGES[change];
  return Math.min(max, Math.max(min, value));
};

function ofTrack(track: MotionTrack, { rates }: Needs): OpenTrack {
  const { change, of } = track;
  const rest = REST[change];
  const value = (length: number | string | undefined) =>
    change === 'across'
      ? lengthOf(length ?? 0, 'across', 'x')
      : change === 'down'
        ? lengthOf(length ?? 0, 'down', 'y')
        : { property: change, value: within(change, Number(length ?? rest)) };
  // Both ends in the same measure; where they differ, the one that is not nothing decides.
  const from = value(track.from);
  const to = value(track.to);
  return {
    of,
    property: from.value === 0 ? to.property : from.property,
    from: from.value,
    to: to.value,
    delay: toMicros(track.delay ?? '0 ms', rates),
    duration: toMicros(track.duration, rates),
    easing: track.easing ?? 'ease-out',
    ...(track.stagger && of === 'elements'
      ? { stagger: { by: toMicros(track.stagger.by, rates), order: track.stagger.order } }
      : {}),
  };
}
