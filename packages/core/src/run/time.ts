import type { CompiledLink, CompiledNotice, CompiledScreen, Flow } from '../compile';
import {
  allUp,
  closingOf,
  DONE,
  FAILED,
  FIRED,
  type Instance,
  isCovered,
  isFrozen,
  LIMIT,
  maskOf,
  syncBars,
  syncFocusAnimations,
  type RunState,
  type Say,
  isCounted,
  screenOf,
  setBackCounts,
  setTimer,
  STAY,
  TALK,
} from './state';
import { fail, finish, resolveHold, resolvePending } from './search';
import { noteResting, syncFaces } from './focus';
import { passTalk } from './dialogue';
import { talkDue } from './talk';
import { comeLater, endNotice, fits, LONGEST_CHAIN, ripeAt, type Search, takeLink, tryLink } from './links';

/** Lets `pass` microseconds go by, from due time to due time, so that passing a + b equals passing a, then b. */
export function passTime(flow: Flow, state: RunState, pass: number, say: Say): void {
  const end = state.now + pass;
  let since = state.now;
  let count = 0;
  for (;;) {
    const due = nextDue(flow, state);
    if (due > end || state.ended) break;
    advance(flow, state, due);
    count = state.now === since ? count + 1 : 0;
    since = state.now;
    if (count < LONGEST_CHAIN) {
      fireDue(flow, state, say);
      setBackCounts(flow, state);
      syncFocusAnimations(flow, state);
      syncBars(flow, state);
      syncFaces(flow, state);
      noteResting(flow, state);
      continue;
    }
    // Timers of no length that trigger one another are stopped.
    say({ at: state.now, did: 'unsettled', screen: state.base.screen });
    for (const { instance, name } of runningTimers(flow, state, 0)) setTimer(instance, name, FIRED);
    for (const instance of allUp(state)) instance.deferredLinks = [];
    state.scheduledEffects = state.scheduledEffects.filter((effect) => effect.due > state.now);
    count = 0;
  }
  // A run that is over stands at the moment at which it ended.
  if (!state.ended) advance(flow, state, end);
}

interface Timer {
  instance: Instance;
  name: string;
  link: CompiledLink | null;
  /** Interface time at which it began to count. */
  from: number;
  /** Interface time at which it goes off if nothing changes. */
  due: number;
}

/** Timers that are counting, or due, and whose remaining time is at most `within`. In the order they were started. */
function runningTimers(flow: Flow, state: RunState, within = Infinity): Timer[] {
  const found: Timer[] = [];
  const frozen = isFrozen(flow, state);
  for (const instance of allUp(state)) {
    const screen = screenOf(flow, instance);
    for (const link of screen.links.timed) {
      if (instance.timers[link.id] === FIRED) continue;
      const { since, clock, covered } = link.counted!;
      if (!isCounted(flow, state, instance, link)) continue;
      const from = instance[since];
      const left = link.after - (instance.timers[link.id] ?? 0);
      if (left > 0) {
        if (state.now < from || (clock === 'game' && frozen)) continue;
        if (covered === 'waits' && isCovered(flow, state, instance)) continue;
      } else if (state.now < from) continue;
      if (left <= within)
        found.push({ instance, name: link.id, link, from, due: state.now + Math.max(0, left) });
    }
    for (const [name, ends] of contentTimers(screen, instance)) {
      if (instance.timers[name] === FIRED || state.now < instance.shown) continue;
      const left = ends - (instance.timers[name] ?? 0);
      if (left > within) continue;
      found.push({ instance, name, link: null, from: instance.shown, due: state.now + Math.max(0, left) });
    }
    if (instance.talk && instance.timers[TALK] !== FIRED && state.now >= instance.settled) {
      const left = talkDue(flow, state, instance) - (instance.timers[TALK] ?? 0);
      if (left <= within && !isCovered(flow, state, instance))
        found.push({
          instance,
          name: TALK,
          link: null,
          from: instance.settled,
          due: state.now + Math.max(0, left),
        });
    }
    const { notice } = screen;
    if (notice && instance.timers[STAY] !== FIRED) {
      const left = notice.lasts - (instance.timers[STAY] ?? 0);
      if (left > within || (left > 0 && waits(flow, state, instance, notice, frozen))) continue;
      found.push({
        instance,
        name: STAY,
        link: null,
        from: instance.taken,
        due: state.now + Math.max(0, left),
      });
    }
  }
  return found.sort((a, b) => a.from - b.from || a.instance.serial - b.instance.serial);
}

/** The end of a screen's content counts from when it is shown; leaving pictures have none. */
function contentTimers(
  { ends, loading, links }: CompiledScreen,
  { progress }: Instance,
): readonly [string, number][] {
  if (!loading) return ends !== null && links.followed.done.length > 0 ? [[DONE, ends]] : NO_TIMERS;
  const timers: [string, number][] = [];
  if (ends !== null || progress >= 1) timers.push([DONE, ends ?? 0]);
  if (loading.limit !== Infinity || progress === FAILED)
    timers.push([LIMIT, progress === FAILED ? 0 : loading.limit]);
  return timers;
}
const NO_TIMERS: readonly [string, number][] = [];

/** A notice's time stands still: it lies under a modal overlay, or its clock is frozen. */
function waits(
  flow: Flow,
  state: RunState,
  instance: Instance,
  { clock, covered, everything }: CompiledNotice,
  frozen: boolean,
): boolean {
  if (clock === 'game' && frozen) return true;
  return covered === 'waits' && !everything && isCovered(flow, state, instance);
}

/** The next time anything changes by itself, in microseconds on the run’s clock; Infinity when nothing will. */
export function nextDue(flow: Flow, state: RunState): number {
  let due = Infinity;
  for (const picture of state.leaving) due = Math.min(due, picture.until);
  for (const instance of allUp(state)) {
    if (instance.shown > state.now) due = Math.min(due, instance.shown);
    if (instance.settled > state.now) due = Math.min(due, instance.settled);
    if (instance.deferredLinks.length > 0) due = Math.min(due, Math.max(state.now, ripeAt(flow, instance)));
  }
  for (const timer of runningTimers(flow, state)) due = Math.min(due, timer.due);
  if (state.pending && isHeard(flow, state)) due = state.now;
  if (state.inputCapture) due = Math.min(due, Math.max(state.now, state.inputCapture.until));
  if (state.scheduledEffects.length > 0)
    due = Math.min(due, Math.max(state.now, state.scheduledEffects[0]!.due));
  for (const { due: held } of state.holding) due = Math.min(due, Math.max(state.now, held));
  return due;
}

/** Presses are no longer masked by a transition or a closing screen. */
const isHeard = (flow: Flow, state: RunState): boolean =>
  maskOf(state) === null && closingOf(flow, state).length === 0;

/** Moves both clocks and the timers on to a moment before which nothing changes. */
function advance(flow: Flow, state: RunState, to: number): void {
  const passed = to - state.now;
  if (passed === 0) return;
  const frozen = isFrozen(flow, state);
  for (const { instance, name } of runningTimers(flow, state))
    setTimer(instance, name, (instance.timers[name] ?? 0) + passed);
  state.now = to;
  if (!frozen) state.game += passed;
}

/** Does the first thing that is due now; what else is due follows in the next round. */
function fireDue(flow: Flow, state: RunState, say: Say): void {
  if (state.leaving.some((picture) => picture.until <= state.now))
    state.leaving = state.leaving.filter((picture) => picture.until > state.now);
  const search: Search = { flow, state, say, fields: null, passed: [] };
  const timer = runningTimers(flow, state, 0)[0];
  if (timer) {
    setTimer(timer.instance, timer.name, timer.link?.again ? 0 : FIRED);
    if (timer.name === DONE) finish(flow, state, timer.instance, say);
    else if (timer.name === TALK) passTalk(flow, state, timer.instance, say);
    else if (timer.name === LIMIT) {
      if (timer.instance.progress !== FAILED)
        say({ at: state.now, did: 'limit', screen: timer.instance.screen, of: 'loading' });
      fail(flow, state, timer.instance, say);
    } else if (timer.link === null) endNotice(flow, state, timer.instance, say);
    else if (fits(search, timer.link, timer.instance)) tryLink(search, timer.link, timer.instance);
    return;
  }
  for (const instance of allUp(state)) {
    if (instance.deferredLinks.length === 0 || ripeAt(flow, instance) > state.now) continue;
    const marked = instance.deferredLinks
      .map((id) => flow.links.get(id))
      .filter((link) => link !== undefined);
    instance.deferredLinks = [];
    const first = marked.sort((a, b) => a.index - b.index).find((link) => fits(search, link, instance));
    if (first) takeLink(search, first, first.from === instance.screen ? instance : null);
    return;
  }
  const later = state.scheduledEffects[0];
  if (later && later.due <= state.now) {
    state.scheduledEffects = state.scheduledEffects.slice(1);
    return comeLater(flow, state, later, say);
  }
  if (state.pending && isHeard(flow, state)) return resolvePending(flow, state, say);
  if (state.inputCapture && state.inputCapture.until <= state.now) {
    state.inputCapture = null;
    return;
  }
  const held = state.holding.find((holding) => holding.due <= state.now);
  if (!held) return;
  state.holding = state.holding.filter((holding) => holding !== held);
  resolveHold(flow, state, held, say);
}
