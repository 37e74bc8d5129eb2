import type { CompiledLoading } from '../../animate';
import type { Flow } from '../../compile';
import type { Id } from '../../model';
import type { Heard } from '../../triggers';
import {
  allUp,
  beginOnEvent,
  DONE,
  FAILED,
  FIRED,
  type Instance,
  LIMIT,
  type RunState,
  type Say,
  type Scalars,
  screenOf,
  setTimer,
} from '../state';
import { hearTalks } from '../dialogue';
import { fits, inOneStep, removeNotice, type Search, tryLink } from '../links';
import { leadsNowhere, levels, searchOf } from './levels';

/**
 * An event from the game: notices that waited for it go, then it is searched for all the way down. A link from beneath a
 * modal overlay opens nothing over it, unless it is marked so.
 */
export function receiveEvent(flow: Flow, state: RunState, event: Id, fields: Scalars, say: Say): void {
  const over = state.notices.filter((notice) => {
    const until = screenOf(flow, notice).notice?.until;
    return typeof until === 'object' && until.event === event;
  });
  if (over.length > 0)
    inOneStep(flow, state, say, (step) => over.forEach((notice) => removeNotice(step, notice, null)));
  beginOnEvent(flow, state, event);
  const told = [tellLoading(flow, state, event, fields), hearTalks(flow, state, event)].includes(true);
  const search = searchOf(flow, state, say, fields);
  if (searchFor(search, { type: 'event', event })) return;
  if (!told && over.length === 0) leadsNowhere(search, { kind: 'event', event, fields });
}

/** Asks all the way down for a link that an input sets off by itself. Returns whether there was one. */
export function searchFor(search: Search, input: Heard): boolean {
  const { flow, state } = search;
  for (const { on, hears } of flow.hearing) {
    const key = hears(input);
    if (key === undefined) continue;
    for (const { links, source, under } of levels(flow, state, true)) {
      const link = links.searched[on]
        ?.get(key)
        ?.find((compiledLink) => fits(search, compiledLink, source, under));
      if (!link) continue;
      tryLink(search, link, source);
      return true;
    }
  }
  return false;
}

/**
 * What an event says of a screen that loads by it; what comes of that is due at once. Of a screen that is not up yet it is
 * kept until that comes. Returns whether it said anything.
 */
function tellLoading(flow: Flow, state: RunState, event: Id, fields: Scalars): boolean {
  let told = false;
  for (const { id, loading } of flow.loadsByEvents) {
    if (![loading.progress, loading.done, loading.failed].includes(event)) continue;
    told = true;
    const instance = allUp(state).find(({ screen }) => screen === id);
    const progress = progressIn(loading, event, fields);
    if (progress === null) continue;
    if (!instance) state.ahead = { ...state.ahead, [id]: progress };
    else {
      // What has failed without a way on, also by being late, may fail or be done another time.
      const failed = instance.progress === FAILED || progress === FAILED;
      if (failed && instance.timers[LIMIT] === FIRED) setTimer(instance, LIMIT, 0);
      instance.progress = progress;
    }
  }
  return told;
}

/** How far a screen has loaded by what an event says; null where it says nothing of that. */
function progressIn(loading: CompiledLoading, event: Id, fields: Scalars): number | null {
  if (event === loading.failed) return FAILED;
  if (event === loading.done) return 1;
  if (loading.field === null) return null;
  const [min, max] = loading.range;
  const share = max > min ? (Number(fields[loading.field] ?? 0) - min) / (max - min) : 1;
  return Math.min(1, Math.max(0, share));
}

/** The content of a screen has finished: its own link for that, with no search. */
export function finish(flow: Flow, state: RunState, instance: Instance, say: Say): void {
  triggerIn(flow, state, instance, 'done', say);
}

/** The content of a screen could not be loaded. */
export function fail(flow: Flow, state: RunState, instance: Instance, say: Say): void {
  triggerIn(flow, state, instance, 'failed', say);
}

function triggerIn(flow: Flow, state: RunState, instance: Instance, on: 'done' | 'failed', say: Say): void {
  const search = searchOf(flow, state, say);
  const link = screenOf(flow, instance).links.followed[on].find((compiledLink) =>
    fits(search, compiledLink, instance),
  );
  // What has loaded cannot fail any more; what has failed can still be done where failing leads nowhere.
  if (on === 'done' || link) setTimer(instance, DONE, FIRED);
  setTimer(instance, LIMIT, FIRED);
  if (link) tryLink(search, link, instance);
  else leadsNowhere(search, { kind: on, screen: instance.screen });
}
