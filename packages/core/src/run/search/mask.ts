import type { Flow } from '../../compile';
import type { Masked } from '../../model';
import { closingOf, fork, type Instance, isBeneath, type Outcome, type RunState, type Say } from '../state';
import type { Search } from '../links';
import { searchOf } from './levels';

/** The level that took an input. */
export interface Taken {
  by: Instance | null;
}

/**
 * What happens to a press that something beneath a closing screen would take; null where it is not masked. It is tried on
 * a copy of the run, and what brings the closing screen back is never masked, so that a key that closes it opens it again.
 */
export function maskOfClosing(
  flow: Flow,
  state: RunState,
  press: (search: Search) => Taken | null,
): Exclude<Masked, 'through'> | null {
  const closing = closingOf(flow, state);
  if (closing.length === 0) return null;
  const tried = fork(state);
  const outcomes: Outcome[] = [];
  const taken = press(searchOf(flow, tried, (outcome) => outcomes.push(outcome)));
  if (!taken) return null;
  const first = outcomes.find((outcome) => outcome.did === 'link');
  const to = first ? flow.links.get(first.link)?.to : null;
  const over = closing.filter(({ screen }) => screen !== to);
  if (over.length < closing.length || !isBeneath(over, taken.by)) return null;
  return over.at(-1)!.masked as Exclude<Masked, 'through'>;
}
/** Masked input is dropped, or the last press is kept for when the transition has settled. */
export function maskPress(
  state: RunState,
  mask: Exclude<Masked, 'through'> | null,
  press: RunState['pending'],
  say: Say,
): boolean {
  if (mask === null) return false;
  const keep = mask === 'held' && press !== null;
  if (keep && state.pending) say({ at: state.now, did: 'dropped', why: 'later' });
  if (keep) state.pending = press;
  say({ at: state.now, did: 'masked', kept: keep });
  return true;
}
