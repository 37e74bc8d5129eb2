import type { CompiledLink } from '../../compile';
import type { Id } from '../../model';
import { enterInstance, exitInstance, type Step } from './chain';
import { areasOf, type Instance, NEW, type Scalars } from '../state';
import { beginTalk } from '../talk';

/** How many may wait in line for one notice. */
export const LONGEST_LINE = 8;

/** Shows a notice; one that is up already does what it is set to do when shown again. */
export function showNotice(step: Step, screen: Id, args: Scalars, by: Id | null, cameFrom: Id | null): void {
  const { flow, state, say } = step;
  const notice = flow.screens.get(screen)?.notice;
  if (!notice) return;
  const up = state.notices.filter((instance) => instance.screen === screen);
  const last = up.at(-1);
  if (!last) return add();
  const { again } = notice;
  if (again === 'ignore') return say({ at: state.now, did: 'ignored', screen });
  if (again === 'line') {
    if (state.noticeQueue.filter((queuedNotice) => queuedNotice.screen === screen).length >= LONGEST_LINE)
      return say({ at: state.now, did: 'overflow', screen });
    state.noticeQueue = [...state.noticeQueue, { screen, args, by, owner: NEW }];
    return say({ at: state.now, did: 'in line', screen });
  }
  if (again === 'over') {
    // The picture stays where it is; the words and the time are new.
    last.timers = {};
    last.args = args;
    last.told = state.now;
    last.talk = beginTalk(flow, flow.screens.get(screen)!.says);
    last.by = by;
    last.owner = NEW;
    return say({ at: state.now, did: 'notice', screen, serial: last.serial });
  }
  // A full stack drops its oldest notice.
  for (const old of up.slice(0, Math.max(0, up.length - again.stack + 1))) removeNotice(step, old, null);
  add();

  function add(): void {
    const taken = new Set(
      state.notices.filter((instance) => instance.screen === screen).map((instance) => instance.slot),
    );
    let slot = 0;
    while (taken.has(slot)) slot++;
    state.notices.push(enterInstance(step, { screen, layer: 'notice', by, args, cameFrom, slot }));
  }
}

export function clearNotice(step: Step, screen: Id, link: CompiledLink | null): void {
  const { state } = step;
  if (state.noticeQueue.some((notice) => notice.screen === screen))
    state.noticeQueue = state.noticeQueue.filter((notice) => notice.screen !== screen);
  for (const notice of state.notices.filter((instance) => instance.screen === screen))
    removeNotice(step, notice, link);
}

export function removeNotice(step: Step, notice: Instance, link: CompiledLink | null): void {
  step.state.notices.splice(step.state.notices.indexOf(notice), 1);
  exitInstance(step, notice, link);
}

/**
 * At the end of a step: new notices get what they go with, those whose screen or area is gone go, and the next in each
 * line comes up.
 */
export function settleNotices(step: Step): void {
  const { flow, state } = step;
  if (state.notices.length + state.noticeQueue.length === 0) return;
  for (const notice of state.notices)
    if (notice.owner === NEW) notice.owner = ownerOf(step, notice.screen, notice.by);
  if (state.noticeQueue.length > 0)
    state.noticeQueue = state.noticeQueue
      .map((notice) =>
        notice.owner === NEW ? { ...notice, owner: ownerOf(step, notice.screen, notice.by) } : notice,
      )
      .filter((notice) => stays(step, notice.owner));
  for (const notice of state.notices.slice())
    if (!stays(step, notice.owner)) removeNotice(step, notice, null);
  for (const next of state.noticeQueue) {
    if (state.notices.some((notice) => notice.screen === next.screen) || !flow.screens.has(next.screen))
      continue;
    state.noticeQueue = state.noticeQueue.filter((notice) => notice !== next);
    const { screen, args, by, owner } = next;
    const come = enterInstance(step, { screen, layer: 'notice', by, args, cameFrom: state.base.screen });
    come.owner = owner;
    state.notices.push(come);
  }
}

/** By its own setting, else with what set it off: the project, an area, or the base that is up when the step ends. */
function ownerOf({ flow, state }: Step, screen: Id, by: Id | null): Instance['owner'] {
  const from = by === null ? undefined : flow.links.get(by)?.from;
  const around = areasOf(flow, state);
  const scope =
    flow.screens.get(screen)?.notice?.scope ??
    (from === undefined || flow.screens.has(from)
      ? from
        ? 'screen'
        : 'project'
      : flow.areas.has(from)
        ? 'area'
        : 'project');
  if (scope === 'screen') return state.base.serial;
  if (scope === 'project') return null;
  // The area that set it off, else the innermost one; a screen in no area keeps it to itself.
  return (from !== undefined && around.includes(from) ? from : around[0]) ?? state.base.serial;
}

function stays({ flow, state }: Step, owner: Instance['owner']): boolean {
  if (owner === null) return true;
  return typeof owner === 'number' ? owner === state.base.serial : areasOf(flow, state).includes(owner);
}
