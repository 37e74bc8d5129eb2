import type { Flow } from '../../compile';
import { enterInstance, fallbacks, exitInstance, type Step } from './chain';
import { areasOf, holds, type RunState, type Say } from '../state';

/** The HUD pieces that belong beside the base, in the project's order: those of its areas whose condition holds. */
export function hudsWanted(flow: Flow, state: RunState, say: Say): string[] {
  if (flow.huds.length === 0) return [];
  const around = areasOf(flow, state);
  return flow.huds.flatMap(({ id, screen, shownWhen, areas }) => {
    // A HUD piece in no area, or in one that is gone, is beside every base.
    if (screen.area !== undefined && areas.length > 0 && !around.includes(areas[0]!)) return [];
    const source = state.huds.find((hud) => hud.screen === id) ?? null;
    const place = {
      flow,
      state,
      say,
      source: source ?? { ...state.base, args: fallbacks(flow, id) },
      fields: null,
    };
    // The condition of a HUD piece cannot read which HUD pieces are up, so that none can toggle itself without end.
    return shownWhen === null || holds(place, shownWhen, id, false) ? [id] : [];
  });
}

/** Brings up the HUD pieces that belong beside the base now, and takes the others down. */
export function syncHuds(step: Step): void {
  const { flow, state, say } = step;
  if (flow.huds.length === 0 && state.huds.length === 0) return;
  const wanted = hudsWanted(flow, state, say);
  const same = wanted.length === state.huds.length && state.huds.every((hud, i) => hud.screen === wanted[i]);
  if (same) return;
  const before = state.huds;
  state.huds = wanted.map(
    (screen) =>
      before.find((instance) => instance.screen === screen) ??
      enterInstance(step, { screen, layer: 'hud', by: null, args: fallbacks(flow, screen) }),
  );
  for (const old of before) if (!wanted.includes(old.screen)) exitInstance(step, old, null);
}
