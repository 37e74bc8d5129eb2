import type { Flow } from '../compile';
import type { Id } from '../model';
import { fork, holds, type RunState } from './state';

/** The skin that a run wears: the first whose condition holds; null for the project's own look. */
export function skinNow(flow: Flow, state: RunState): Id | null {
  if (flow.skins.length === 0) return null;
  // Asking leaves no trace in the run.
  const place = { flow, state: fork(state), say: () => undefined, source: null, fields: null };
  return flow.skins.find(({ id, when }) => holds(place, when, id))?.id ?? null;
}
