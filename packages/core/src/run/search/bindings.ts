import { type Rebound, padCode, touchedBy } from '../../keys';
import { type Flow } from '../../compile';
import { type BindingElement, type Id, withId } from '../../model';
import type { RunState } from '../state';

export type { Rebound };

const made = new WeakMap<Flow['bindings'], WeakMap<Rebound, ReadonlyMap<string, readonly Id[]>>>();

/** Actions by the key or pad button that is bound to them now. */
export function bindingsNow(flow: Flow, { rebound }: RunState): ReadonlyMap<string, readonly Id[]> {
  if (Object.keys(rebound).length === 0) return flow.bindings;
  let known = made.get(flow.bindings);
  if (!known) made.set(flow.bindings, (known = new WeakMap()));
  let bindings = known.get(rebound);
  if (!bindings) {
    const map = new Map<string, Id[]>();
    for (const action of flow.project.actions)
      for (const code of codesOf(flow, rebound, action.id))
        map.set(code, [...(map.get(code) ?? []), action.id]);
    known.set(rebound, (bindings = map));
  }
  return bindings;
}

/** The actions of a key, pad button or gesture, or the one that a finger holds down. */
export function actionsOf(flow: Flow, state: RunState, code: string): readonly Id[] {
  const touched = touchedBy(code);
  if (touched === null) return bindingsNow(flow, state).get(code) ?? NONE;
  return withId(flow.project.actions, touched) ? [touched] : NONE;
}
const NONE: readonly Id[] = [];

/** A row whose action players bind to a key, or a pad button. */
export interface KeyRow {
  action: Id;
  device: 'keys' | 'pad';
  /** A code that another action has: refused, or the two are swapped. */
  clash?: BindingElement['clash'];
}

/** All that sets an action off now. */
function codesOf(flow: Flow, rebound: Rebound, action: Id): string[] {
  return [
    ...codesOn(flow, rebound, action, 'keys'),
    ...codesOn(flow, rebound, action, 'pad'),
    ...(withId(flow.project.actions, action)?.gestures ?? []),
  ];
}

/** What sets an action off on one device now. */
export function codesOn(flow: Flow, rebound: Rebound, action: Id, device: 'keys' | 'pad'): string[] {
  const found = withId(flow.project.actions, action);
  if (!found) return [];
  return device === 'keys'
    ? [...(rebound[action]?.keys ?? found.keys)]
    : (rebound[action]?.pad ?? found.pad).map(padCode);
}

/**
 * Binds what a row is for to a code, in place of its first one. One that another action has is refused, unless the row
 * swaps; two actions that share a code by the project's own choice do not clash. Returns what it clashes with.
 */
export function bind(flow: Flow, state: RunState, row: KeyRow, code: string): Id | null {
  const { action, device } = row;
  const now = codesOn(flow, state.rebound, action, device);
  if (now[0] === code) return null;
  const other = flow.project.actions.find(
    ({ id }) =>
      id !== action &&
      codesOn(flow, state.rebound, id, device).includes(code) &&
      !(flow.bindings.get(code)?.includes(action) && flow.bindings.get(code)?.includes(id)),
  );
  if (other && row.clash !== 'swap') return other.id;
  const rest = now.slice(1).filter((value) => value !== code);
  let rebound = withCodes(state.rebound, action, device, [code, ...rest]);
  if (other) {
    const theirs = codesOn(flow, state.rebound, other.id, device);
    const given = theirs.flatMap((their) => (their === code ? now.slice(0, 1) : [their]));
    rebound = withCodes(rebound, other.id, device, given);
  }
  state.rebound = rebound;
  return null;
}

function withCodes(rebound: Rebound, action: Id, device: 'keys' | 'pad', codes: string[]): Rebound {
  const own = rebound[action] ?? {};
  const changed =
    device === 'keys'
      ? { ...own, keys: codes }
      : { ...own, pad: codes.map((code) => Number(code.replace('pad ', ''))) };
  return { ...rebound, [action]: changed };
}
