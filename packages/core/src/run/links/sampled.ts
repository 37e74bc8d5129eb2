import type { CompiledLink } from '../../compile';
import type { Step } from './chain';
import { areasOf, beneathOverlays, holds, type Instance, screenOf } from '../state';

/**
 * Looks at every sampled trigger that is in force, after all effects of a step. What was false when last looked at, or was not
 * in force, and holds now, has its turn.
 */
export function noticeValues(step: Step): void {
  const { flow, state, say, turns } = step;
  if (!flow.awaitsValues) return;
  const held: string[] = [];
  const look = (links: readonly CompiledLink[], source: Instance | null): void => {
    for (const link of links) {
      if (!holds({ flow, state, say, source, fields: null }, link.awaits!, link.id)) continue;
      const key = source === null ? link.id : `${source.serial}:${link.id}`;
      held.push(key);
      if (!state.heldConditions.includes(key)) turns.push({ source, links: [link] });
    }
  };
  for (const instance of [...state.overlays].reverse())
    look(screenOf(flow, instance).links.sampled, instance);
  for (const instance of beneathOverlays(flow, state)) look(screenOf(flow, instance).links.sampled, instance);
  for (const area of areasOf(flow, state)) look(flow.areas.get(area)!.links.sampled, null);
  look(flow.shared.sampled, null);
  if (held.length > 0 || state.heldConditions.length > 0) state.heldConditions = held;
}
