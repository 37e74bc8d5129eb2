import type { Outcome, RunState } from '@tavu/core/run';
import { endAside } from './aside';
import type { Entry } from './log';
import { hold, livePlayer } from './player';
import { runLog, useRun } from './state';

/** What the run has gone through, and going back in it. */

const { getState, setState } = useRun;

/** The state that the last step left. */
let last: RunState | null = null;

/** The state there was before a step; at the beginning of a run the one it begins with. */
export function stateBefore(now: RunState): RunState {
  const before = last ?? now;
  last = now;
  return before;
}

/** States the run has gone through, to go back to: after every step that did anything, and now and then between. */
let moments: RunState[] = [];
const MAX_MOMENTS = 1500;
/** While the run is being taken back, what is told of it stays as it was. */
let turning = false;

/** What is still to be told of a screen that is shown by itself; null while Live shows the run. */
let apart: { outcomes: Outcome[]; tell: ((outcomes: readonly Outcome[]) => void) | null } | null = null;

/** Has Live show something that is no part of the run until the run goes on from there. */
export function standApart(begin: () => void): void {
  setState({ asking: null, unusedKey: null });
  apart = { outcomes: [], tell: null };
  begin();
}

/**
 * Puts off what there is to tell of what stands apart. False: it is the run's.
 * @param tell tells all that was put off, of the state that the last step left
 */
export function putOff(outcomes: readonly Outcome[], tell: (outcomes: readonly Outcome[]) => void): boolean {
  if (!apart) return false;
  apart.outcomes.push(...outcomes);
  apart.tell = tell;
  return true;
}

/** Takes the run back or forth to a moment; what came later is forgotten only when it goes on from there. */
export function turnTo(state: RunState, pass = 0): void {
  const player = livePlayer();
  if (!player) return;
  endAside();
  hold();
  apart = null;
  turning = true;
  player.goTo(state);
  if (pass > 0) player.pass(pass);
  turning = false;
}

/** The state the run was in at a time, in microseconds, as the project is now. */
export function turnBackTo(time: number): void {
  const found = [...moments].reverse().find((moment) => moment.now <= time) ?? moments[0];
  if (found) turnTo(found, Math.max(0, Math.round(time - found.now)));
}

/**
 * What is told of the run ends where it has been taken back to. Where something stands apart from it, it is forgotten,
 * and what was put off is told.
 */
export function goOnFromHere(): void {
  const told = apart;
  if (told) {
    forget();
    told.tell?.(told.outcomes);
  }
  const { now, end, spans } = getState();
  if (now >= end) return;
  runLog.cut(now);
  moments = moments.filter((moment) => moment.now <= now);
  setState({
    end: now,
    logged: runLog.changes,
    spans: spans
      .filter((span) => span.from <= now)
      .map((span) => (span.until !== null && span.until > now ? { ...span, until: null } : span)),
  });
}

/** Keeps a state to go back to: after what did anything, and now and then between. */
export function remember(state: RunState, changed: boolean): void {
  const since = moments.at(-1)?.now ?? -Infinity;
  if (changed || state.now - since > 250_000) moments = [...moments.slice(-MAX_MOMENTS), state];
}

export const isTurning = (): boolean => turning;

/** To just before an entry, as long as that is remembered. */
export function goBackTo({ before }: Entry): void {
  if (before) turnTo(before);
}

/** What is told of a run that is over. */
const FORGOTTEN = { spans: [], lastLink: null, now: 0, end: 0, game: 0, asking: null, unusedKey: null };

/** Everything that is told of the run so far is forgotten. */
export function forget(): void {
  apart = null;
  moments = [];
  last = null;
  runLog.clear();
  setState({ ...FORGOTTEN, logged: runLog.changes });
}
