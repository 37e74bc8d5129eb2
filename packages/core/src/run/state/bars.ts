import type { CompiledBar, Flow } from '../../compile';
import { heldBy, shareOf } from '../../drawing';
import { ease } from '../../motion';
import { allUp, screenOf } from './derived';
import type { BarRun } from './on-the-way';
import { NO_BARS, type Instance, type Leaving, type RunState } from './state';
import { beginLoss } from './animations';

/** Bars that take their time: each change of what they show sets them on their way from where they are. */

export function syncBars(flow: Flow, state: RunState): void {
  for (const instance of allUp(state)) {
    const { bars } = screenOf(flow, instance);
    for (const bar of bars) {
      const share = heldShare(flow, state, bar);
      const run = instance.bars[bar.element];
      if (run?.to === share) continue;
      instance.bars = {
        ...instance.bars,
        [bar.element]: run ? turned(bar, run, share, state.now) : still(share),
      };
      if (run && share < run.to) beginLoss(flow, state, instance, bar.element);
    }
  }
}

/**
 * After an edit: bars that are gone are forgotten, and one that shows something else is there at once, since nothing has happened
 * in the run.
 */
export function fitBars(flow: Flow, state: RunState): void {
  for (const instance of allUp(state)) {
    const { bars } = screenOf(flow, instance);
    if (bars.length === 0 && instance.bars === NO_BARS) continue;
    const before = instance.bars;
    instance.bars =
      bars.length === 0
        ? NO_BARS
        : Object.fromEntries(
            bars.map((bar) => {
              const share = heldShare(flow, state, bar);
              const run = before[bar.element];
              return [bar.element, run?.to === share ? run : still(share)];
            }),
          );
  }
}

/** How much a bar shows now, and how much of that and more is being lost, each 0 to 1 or the number itself; null where it has not been looked at yet. */
export function barAt(
  bar: CompiledBar,
  { bars }: Pick<Instance | Leaving, 'bars'>,
  now: number,
): { share: number; loss: number } | null {
  const run = bars[bar.element];
  return run ? { share: shareAt(bar, run, now), loss: lossAt(bar, run, now) } : null;
}

function heldShare(flow: Flow, state: RunState, { element, part }: CompiledBar): number {
  const scalar = state.values[part.value!];
  // A number that runs has no end it is a share of.
  if (part.fills?.by === 'number') return Number(scalar ?? 0) || 0;
  return shareOf(heldBy(flow.project, part, scalar === undefined ? {} : { [element]: scalar }));
}

const still = (share: number): BarRun => ({ from: share, to: share, at: 0, lossFrom: share, lossAt: 0 });

/** From where it is now to somewhere else. What is being lost starts to wait again; a gain leaves nothing to lose. */
const turned = (bar: CompiledBar, run: BarRun, to: number, now: number): BarRun => ({
  from: shareAt(bar, run, now),
  to,
  at: now,
  lossFrom: to < run.to ? lossAt(bar, run, now) : to,
  lossAt: now,
});

function shareAt({ eases, easing, part }: CompiledBar, { from, to, at }: BarRun, now: number): number {
  const p = eases === 0 ? 1 : (now - at) / eases;
  if (p >= 1 || p <= 0) return between(from, to, p);
  const share = from + (to - from) * ease(easing, p);
  // A curve may lead beyond its end; a bar is never fuller than full. A number runs as it likes.
  return part.fills?.by === 'number' ? share : Math.min(1, Math.max(0, share));
}

function lossAt(bar: CompiledBar, run: BarRun, now: number): number {
  const since = now - run.lossAt - bar.after;
  const left = between(run.lossFrom, run.to, bar.over === 0 ? (since >= 0 ? 1 : 0) : since / bar.over);
  return Math.max(left, shareAt(bar, run, now));
}

/** All of the way is exactly where it goes. */
const between = (from: number, to: number, p: number): number =>
  p >= 1 ? to : from + (to - from) * Math.max(0, p);
