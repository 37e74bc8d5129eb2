import { toMicros, type Id, type Plays, type Rates } from '../model';
import type { CompiledAnimation } from './keyframes';

/** A picture that goes through its frames, as an animation of its element. */

/** The part of an animation’s key that says it plays frames. */
const FRAMES = 'frames';

/**
 * @param count how many frames there are
 * @param reduced the player asks for less motion: what would go on for ever stands still, what plays once is at its end
 */
export function compilePlays(
  element: Id,
  { rate, on, delay, repeat }: Plays,
  count: number,
  rates: Rates,
  reduced: boolean,
): CompiledAnimation {
  return {
    element,
    part: element,
    key: `${element} ${FRAMES}`,
    on,
    delay: reduced ? 0 : toMicros(delay ?? '0 ms', rates),
    span: reduced ? 0 : Math.ceil((count * 1e6) / rate),
    repeat,
    tracks: {},
    tint: [],
    plays: { rate, count: reduced && repeat ? 1 : count },
  };
}

/**
 * Which frame is shown `elapsed` microseconds after it was set off, counted from 0. Round and round, the last is followed by
 * the first; there and back, neither end is shown twice.
 */
export function playedFrame(
  { plays, delay, span, repeat }: Pick<CompiledAnimation, 'plays' | 'delay' | 'span' | 'repeat'>,
  elapsed: number,
): number {
  const { rate, count } = plays!;
  if (count < 2) return 0;
  if (span === 0) return count - 1;
  const step = Math.floor((Math.max(0, elapsed - delay) * rate) / 1e6);
  if (repeat === 'loop') return step % count;
  if (repeat !== 'there and back') return Math.min(step, count - 1);
  const turn = step % (2 * count - 2);
  return turn < count ? turn : 2 * count - 2 - turn;
}
