import type { Flow } from '../../compile';
import { enterInstance, fallbacks, exitInstance, type Step } from './chain';
import { areasOf, holds, type RunState, type Say } from '../state';

/** The companions that belong beside the base, in the project's order: those of its areas whose condition holds. */
export function companionsWanted(flow: Flow, state: RunState, say: Say): string[] {
  if (flow.companions.length === 0) return [];
  const around = areasOf(flow, state);
  return flow.companions.flatMap(({ id, screen, shownWhen, areas }) => {
    // A companion in no area, or in one that is gone, is beside every base.
    if (screen.area !== undefined && areas.length > 0 && !around.includes(areas[0]!)) return [];
    const source = state.companions.find((companion) => companion.screen === id) ?? null;
    const place = {
      flow,
      state,
      say,
      source: source ?? { ...state.base, args: fallbacks(flow, id) },
      fields: null,
    };
    // Companions do not see one another, so that none can call itself up and away without end.
    return shownWhen === null || holds(place, shownWhen, id, false) ? [id] : [];
  });
}

/** Brings up the companions that belong beside the base now, and takes the others down. */
export function syncCompanions(step: Step): void {
  const { flow, state, say } = step;
  if (flow.companions.length === 0 && state.companions.length === 0) return;
  const wanted = companionsWanted(flow, state, say);
  const same =
    wanted.length === state.companions.length &&
    state.companions.every((companion, i) => companion.screen === wanted[i]);
  if (same) return;
  const before = state.companions;
  state.companions = wanted.map(
    (screen) =>
      before.find((instance) => instance.screen === screen) ??
      enterInstance(step, { screen, layer: 'companion', by: null, args: fallbacks(flow, screen) }),
  );
  for (const old of before) if (!wanted.includes(old.screen)) exitInstance(step, old, null);
}
