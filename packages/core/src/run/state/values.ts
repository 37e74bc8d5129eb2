import { playOf } from '../../elements';
import type { Flow } from '../../compile';
import { fitScalar, LANGUAGE, zeroOf, type Id, type Scalar, type Value } from '../../model';
import type { Say } from './outcome';
import { screenOf } from './derived';
import { fitLists, followSaves, listsOfLife } from './lists';
import type { Instance, RunState, Scalars } from './state';

/** What a value holds before anything has set it. */
export const defaultOf = (value: Value): Scalar => fitScalar(value, value.default) ?? zeroOf(value);

/** Every value of the project, with what `known` has for it where that fits. */
export function valuesFrom(flow: Flow, known: Scalars): Scalars {
  const values: Record<Id, Scalar> = {};
  for (const [id, value] of flow.values) values[id] = fitScalar(value, known[id]) ?? defaultOf(value);
  return values;
}

/** What the values hold that something has set, by id. */
export const chosenValues = ({ values, chosen }: Pick<RunState, 'values' | 'chosen'>): Scalars =>
  Object.fromEntries(chosen.flatMap((id) => (values[id] === undefined ? [] : [[id, values[id]]])));

/** Sets a value; out of range clamps and is told. A value that is gone, or of another kind, stays as it is. */
export function setValue(flow: Flow, state: RunState, id: Id, to: Scalar, by: Id | null, say: Say): void {
  const value = flow.values.get(id);
  const fit = value ? fitScalar(value, to) : null;
  if (fit === null) {
    say({ at: state.now, did: 'refused', value: id, to });
    return;
  }
  if (state.values[id] !== fit) state.values = { ...state.values, [id]: fit };
  if (!state.chosen.includes(id)) state.chosen = [...state.chosen, id];
  say({ at: state.now, did: 'set', value: id, to: fit, by, ...(fit === to ? {} : { wanted: to }) });
}

export function resetValues(
  flow: Flow,
  state: RunState,
  what: { value?: Id; section?: string },
  by: Id,
  say: Say,
): void {
  for (const value of flow.values.values()) {
    if (what.value !== undefined && value.id !== what.value) continue;
    if (what.section !== undefined && value.section !== what.section) continue;
    // With everything else set back, a game goes on in the player's language.
    if (value.id === LANGUAGE && what.value === undefined) continue;
    const to = defaultOf(value);
    if (state.values[value.id] !== to) setValue(flow, state, value.id, to, by, say);
    state.chosen = state.chosen.filter((id) => id !== value.id);
  }
  if (what.value !== undefined) return;
  const kept = Object.entries(state.lists).filter(([id]) => {
    const list = flow.lists.get(id);
    return what.section !== undefined && list?.section !== what.section;
  });
  if (kept.length < Object.keys(state.lists).length) state.lists = Object.fromEntries(kept);
}

/** Sets what the controls of a screen show, and the keys chosen on it, back to what they were when it came up. */
export function takeBack(flow: Flow, state: RunState, instance: Instance, by: Id, say: Say): void {
  const { bound, elements } = screenOf(flow, instance);
  for (const value of new Set(bound.map((item) => item.value))) {
    const to = instance.baseline.values[value];
    if (to !== undefined && to !== state.values[value]) setValue(flow, state, value, to, by, say);
    if (!instance.baseline.chosen.includes(value)) state.chosen = state.chosen.filter((id) => id !== value);
  }
  if (elements.some((element) => playOf(element).asksFor === 'a key'))
    state.rebound = instance.baseline.rebound;
}

/** Whether there is a game in a slot that can be loaded. */
export const saveExists = ({ saves }: Pick<RunState, 'saves'>, slot: string): boolean =>
  Object.hasOwn(saves, slot) && !saves[slot]!.damaged;

/** Keeps what the values of a saved game hold, in a slot. */
export function save(flow: Flow, state: RunState, slot: string, say: Say): void {
  const saved: Record<Id, Scalar> = {};
  for (const [id, held] of Object.entries(chosenValues(state)))
    if (flow.values.get(id)?.life === 'progress') saved[id] = held;
  const lists = listsOfLife(flow, state.lists, 'progress');
  const when = state.clock === null ? {} : { when: state.clock };
  state.saves = { ...state.saves, [slot]: { values: saved, lists, ...when } };
  followSaves(flow, state);
  say({ at: state.now, did: 'save', slot });
}

/** Gives the values of a saved game what a slot has kept; what it has not gets its default. */
export function load(flow: Flow, state: RunState, slot: string, say: Say): void {
  const saved = saveExists(state, slot) ? state.saves[slot]! : null;
  say({ at: state.now, did: 'load', slot, found: saved !== null });
  if (saved === null) return;
  const isProgress = (id: Id): boolean => flow.values.get(id)?.life === 'progress';
  const now = Object.entries(chosenValues(state)).filter(([id]) => !isProgress(id));
  const then = Object.entries(saved.values).filter(([id]) => isProgress(id));
  state.chosen = [...now, ...then].map(([id]) => id);
  state.values = valuesFrom(flow, Object.fromEntries([...now, ...then]));
  state.lists = {
    ...listsOfLife(flow, state.lists, 'progress', false),
    ...fitLists(flow, listsOfLife(flow, saved.lists, 'progress')),
  };
}
