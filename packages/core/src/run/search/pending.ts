import type { Flow } from '../../compile';
import { reachable, type RunState, type Say } from '../state';
import { activate } from './activate';
import { actionsOf } from './bindings';
import { dropHolding, isDown, useUp } from './down';
import { searchOf } from './levels';
import { resolveCode } from './press';

/** The press kept while input was masked is looked at afresh; dropped when its element is gone. */
export function resolvePending(flow: Flow, state: RunState, say: Say): void {
  const { pending } = state;
  state.pending = null;
  if (!pending) return;
  state.device = pending.device;
  const search = searchOf(flow, state, say);
  if ('code' in pending) {
    const used = resolveCode(search, pending, actionsOf(flow, state, pending.code));
    if (!isDown(state, pending.code)) dropHolding(state, pending.code);
    else if (used) useUp(state, pending.code);
    return;
  }
  const { serial, element } = pending.spot;
  const level = reachable(flow, state).find((instance) => instance.serial === serial);
  if (level && element) activate(search, level, element);
  else say({ at: state.now, did: 'dropped', why: 'gone' });
}
