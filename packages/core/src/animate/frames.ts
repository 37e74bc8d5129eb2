import { shuffled } from './shuffle';
import { timerMicros, type Rates, type TextFrames } from '../model';

/** The frames of a text: which is shown when. */
export interface CompiledFrames {
  /** Microseconds each is held. */
  holds: readonly number[];
  /** All of them once. */
  round: number;
  /** Infinity goes round without end. */
  rounds: number;
  /** How long the last is held; null when there is none. */
  last: number | null;
  /** Each round has an order of its own. */
  shuffled: boolean;
}

export function compileFrames(
  { frames, rounds, last, shuffled: shuffles }: TextFrames,
  rates: Rates,
): CompiledFrames {
  const holds = frames.map(({ hold }) => timerMicros(hold, rates));
  const round = holds.reduce((sum, hold) => sum + hold, 0);
  return {
    holds,
    round,
    rounds: round === 0 ? 0 : (rounds ?? (last ? 1 : Infinity)),
    last: last ? timerMicros(last.hold, rates) : null,
    shuffled: shuffles === true,
  };
}

/**
 * Which frame is shown `elapsed` microseconds after its screen was; `last` from the end of the rounds on. `seed` is of the run
 * and the text: it decides the order of frames that are shuffled.
 */
export function frameAt(frames: CompiledFrames, elapsed: number, seed = 0): number | 'last' {
  const { holds, round, rounds, last } = frames;
  if (holds.length === 0) return 'last';
  if (elapsed >= round * rounds) return last === null ? orderOf(frames, seed, rounds - 1).at(-1)! : 'last';
  const since = Math.max(0, elapsed);
  const order = orderOf(frames, seed, Math.floor(since / round));
  let left = since % round;
  for (const at of order) {
    left -= holds[at]!;
    if (left < 0) return at;
  }
  return order.at(-1)!;
}

const orderOf = ({ holds, shuffled: isShuffled }: CompiledFrames, seed: number, round: number): number[] =>
  isShuffled && round >= 0 ? shuffled(holds.length, seed, round) : holds.map((_, at) => at);

/** The sum of all it shows, in microseconds; Infinity when it goes round without end. */
export const lengthOf = ({ round, rounds, last }: CompiledFrames): number =>
  (round === 0 ? 0 : round * rounds) + (last ?? 0);
