import type { Flow, Given } from '../../compile';
import { evaluate, Failure, type EvalContext, type CompiledExpression } from '../../expression';
import { fitScalar, type Id, type Scalar } from '../../model';
import { isCovered } from './derived';
import { listingOf } from './lists';
import type { Say } from './outcome';
import { saveExists } from './values';
import type { Instance, RunState, Scalars } from './state';

/** What an expression may read: the run, the instance it belongs to, and the fields of the event it answers. */
export interface EvalScope {
  flow: Flow;
  state: RunState;
  say: Say;
  /** Null for areas and the project. */
  source: Instance | null;
  fields: Scalars | null;
  /** What the row holds that a link was pressed in, and the row that is asked about now. Absent: none. */
  row?: Scalars | null | undefined;
  each?: Scalars;
}

function readingOf({ flow, state, source, fields, row, each }: EvalScope, huds: boolean): EvalContext {
  const is = (screen: Id) => (instance: Instance) => instance.screen === screen;
  return {
    value: (id) => state.values[id],
    parameter: (id) => source?.args[id],
    field: (id) => fields?.[id],
    each: (id) => each?.[id],
    row: (id) => row?.[id],
    list: (id) => listingOf(flow, state, id),
    isUp: (screen) =>
      state.base.screen === screen ||
      state.overlays.some(is(screen)) ||
      state.notices.some(is(screen)) ||
      (huds && state.huds.some(is(screen))),
    isCovered: () => isCovered(flow, state, source ?? state.base),
    // A HUD piece is led to by nothing, and stays where the base changes.
    cameFrom: (screen) =>
      (source === null || source.layer === 'hud' ? state.base : source).cameFrom === screen,
    saveExists: (slot) => saveExists(state, slot),
  };
}

/**
 * The value of an expression, or null when it fails; a failure is logged once in a run.
 * @param owner the id of what the expression belongs to
 * @throws only what is not a failure of the expression itself
 */
export function giveOf(place: EvalScope, ready: CompiledExpression, owner: Id, huds = true): Scalar | null {
  try {
    return evaluate(ready, readingOf(place, huds));
  } catch (error) {
    if (!(error instanceof Failure)) throw error;
    const { state, say } = place;
    const key = `${owner}: ${ready.text}`;
    if (!state.failed.includes(key)) {
      state.failed = [...state.failed, key];
      say({ at: state.now, did: 'failed', where: owner, text: ready.text, why: error.why });
    }
    return null;
  }
}

/** Whether a condition holds. One that fails does not. */
export const holds = (place: EvalScope, ready: CompiledExpression, owner: Id, huds = true): boolean =>
  giveOf(place, ready, owner, huds) === true;

/**
 * Whether a condition of an element holds, asked at any time: nothing is logged, and one that fails does not hold.
 * @throws only what is not a failure of the expression itself
 */
export function holdsNow(
  flow: Flow,
  state: RunState,
  source: Instance | null,
  ready: CompiledExpression,
  each?: Scalars,
): boolean {
  try {
    const place: EvalScope = { flow, state, source, fields: null, say: () => undefined };
    return evaluate(ready, readingOf(each ? { ...place, each } : place, true)) === true;
  } catch (error) {
    if (error instanceof Failure) return false;
    throw error;
  }
}

/** What parameters or fields are given; what is left out or does not fit gets what stands in for it. */
export function argumentsOf(place: EvalScope, given: readonly Given[], owner: Id): Scalars {
  if (given.length === 0) return NO_SCALARS;
  const args: Record<Id, Scalar> = {};
  for (const { id, type, ready, fallback } of given) {
    const value = ready === null ? null : giveOf(place, ready, owner);
    args[id] = (value === null ? null : fitScalar(type, value)) ?? fallback;
  }
  return args;
}

export const NO_SCALARS: Scalars = {};
