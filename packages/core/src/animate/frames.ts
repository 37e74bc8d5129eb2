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
}

export function compileFrames({ frames, rounds, last }: TextFrames, rates: Rates): CompiledFrames {
  const holds = frames.map(({ hold }) => timerMicros(hold, rates));
  const round = holds.reduce((sum, hold) => sum + hold, 0);
  return {
    holds,
    round,
    rounds: round === 0 ? 0 : (rounds ?? (last ? 1 : Infinity)),
    last: last ? timerMicros(last.hold, rates) : null,
  };
}

/** Which frame is shown `elapsed` microseconds after its screen was; `last` from the end of the rounds on. */
export function frameAt({ holds, round, rounds, last }: CompiledFrames, elapsed: number): number | 'last' {
  if (holds.length === 0) return 'last';
  if (elapsed >= round * rounds) return last === null ? holds.length - 1 : 'last';
  let left = Math.max(0, elapsed) % round;
  for (let i = 0; i < holds.length; i++) {
    left -= holds[i]!;
    if (left < 0) return i;
  }
  return holds.length - 1;
}

/** The sum of all it shows, in microseconds; Infinity when it goes round without end. */
export const lengthOf = ({ round, rounds, last }: CompiledFrames): number =>
  (round === 0 ? 0 : round * rounds) + (last ?? 0);
