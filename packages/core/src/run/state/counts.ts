import type { CompiledLink, Flow } from '../../compile';
import { allUp, screenOf } from './derived';
import { holdsNow } from './evaluate';
import { FIRED, type Instance, type Leaving, type RunState } from './state';

/** Times that are counted only while something holds, and how much is left of any. */

/** Whether what has to hold for a link's time to be counted does. */
export const isCounted = (
  flow: Flow,
  state: RunState,
  instance: Instance,
  { during }: CompiledLink,
): boolean => during === null || holdsNow(flow, state, instance, during);

/** After a step: a time that is not counted now will be counted from its beginning. */
export function setBackCounts(flow: Flow, state: RunState): void {
  if (!flow.countsDuring) return;
  for (const instance of allUp(state))
    for (const link of screenOf(flow, instance).links.timed) {
      if (!(link.id in instance.timers) || isCounted(flow, state, instance, link)) continue;
      const { [link.id]: _, ...rest } = instance.timers;
      instance.timers = rest;
    }
}

/** How long it is until a link of a screen is due, in microseconds; none once it has gone off. */
export function timeLeft(flow: Flow, { timers }: Pick<Instance | Leaving, 'timers'>, link: string): number {
  const ran = timers[link] ?? 0;
  return ran === FIRED ? 0 : Math.max(0, (flow.links.get(link)?.after ?? 0) - ran);
}

/** Seconds that are left, as a clock shows them: the last one is 1 until it is over. */
export const secondsLeft = (left: number): number => Math.ceil(left / 1_000_000);
