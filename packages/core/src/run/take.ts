import type { CompiledLink, Flow } from '../compile';
import { PROJECT, type Id, type Layer } from '../model';
import { NO_MOTION } from '../motion';
import { allUp, screenOf, standing } from './derived';
import { arrivalFocus } from './focus';
import type { Say } from './outcome';
import { planHandOver } from './plan';
import { NEW, type Instance, type RunState, type TrailEntry } from './state';

/** The longest chain of arrival links that one input may set off. */
export const LONGEST_CHAIN = 100;

interface Step {
  flow: Flow;
  state: RunState;
  say: Say;
  removedBy: Map<number, CompiledLink | null>;
  /** Instances whose arrival links have not been looked at. */
  arrived: Instance[];
}

/**
 * Takes a link now, or marks it when the screen it would take away has not been up for its least time.
 * Returns whether it was taken.
 */
export function tryLink(
  flow: Flow,
  state: RunState,
  link: CompiledLink,
  source: Instance | null,
  say: Say,
): boolean {
  const holder = source ?? state.base;
  const until = ripeAt(flow, holder);
  if (state.now >= until || !takesAway(link)) {
    takeLink(flow, state, link, source, say);
    return true;
  }
  if (!holder.marks.includes(link.id)) holder.marks = [...holder.marks, link.id];
  say({ at: state.now, did: 'wait', link: link.id, until });
  return false;
}

/** From when on a screen may go. */
export const ripeAt = (flow: Flow, instance: Instance): number =>
  instance.taken + screenOf(flow, instance).least;

const takesAway = ({ kind }: CompiledLink): boolean =>
  kind === 'go' || kind === 'swap' || kind === 'back' || kind === 'end';

/** Whether a link can be taken from this source now: back needs something to go back to, swap an overlay. */
export function fits(state: RunState, link: CompiledLink, source: Instance | null): boolean {
  if (link.kind === 'swap') return source?.layer === 'overlay';
  if (link.kind !== 'back') return true;
  if (source?.layer === 'overlay') return true;
  if (source === null && state.overlays.length > 0) return true;
  return state.trail.length > 0;
}

/** Takes a link and the chain of arrivals that follows, then plans the motion of the whole step. */
export function takeLink(
  flow: Flow,
  state: RunState,
  link: CompiledLink,
  source: Instance | null,
  say: Say,
): void {
  inOneStep(flow, state, say, (step) => follow(step, link, source));
}

/** Brings up a screen with no link: the start of a run, or what a designer asked to see. */
export function bringUp(flow: Flow, state: RunState, screen: Id, say: Say): void {
  inOneStep(flow, state, say, (step) => changeTo(step, screen, 'open', null));
}

/** A notice whose time is over goes by itself. */
export function endNotice(flow: Flow, state: RunState, notice: Instance, say: Say): void {
  inOneStep(flow, state, say, (step) => removeNotice(step, notice, null));
}

function inOneStep(flow: Flow, state: RunState, say: Say, change: (step: Step) => void): void {
  const step: Step = { flow, state, say, removedBy: new Map(), arrived: [] };
  const before = allUp(state);
  change(step);
  followArrivals(step);
  settleNotices(step);
  planHandOver(flow, state, before, allUp(state), step.removedBy);
  state.hover = stillUp(state, state.hover);
  state.pressed = stillUp(state, state.pressed);
  if (state.pending && 'spot' in state.pending && !stillUp(state, state.pending.spot)) state.pending = null;
}

function followArrivals(step: Step): void {
  const { flow, state, say } = step;
  for (let count = 0; step.arrived.length > 0 && !state.ended; count++) {
    const instance = step.arrived.shift()!;
    if (!allUp(state).includes(instance)) continue;
    if (count >= LONGEST_CHAIN) {
      say({ at: state.now, did: 'unsettled', screen: instance.screen });
      return;
    }
    const next = screenOf(flow, instance).links.arrival.find((each) => fits(state, each, instance));
    if (next) follow(step, next, instance);
  }
}

function follow(step: Step, link: CompiledLink, source: Instance | null): void {
  const { state, say } = step;
  say({
    at: state.now,
    did: 'link',
    link: link.id,
    from: link.from,
    serial: source?.serial ?? null,
    cue: link.cue,
  });
  for (const effect of link.effects) {
    if (effect.do === 'send') say({ at: state.now, did: 'send', event: effect.event });
    else if (effect.do === 'notice') showNotice(step, effect.screen, link.id);
    else clearNotice(step, effect.screen, link);
  }
  switch (link.kind) {
    case 'stay':
      return;
    case 'end':
      state.ended = true;
      say({ at: state.now, did: 'end' });
      return;
    case 'clear':
      return closeFrom(step, 0, link);
    case 'back':
      return goBack(step, link, source);
    default:
      changeTo(step, link.to!, link.kind, link, source);
  }
}

function changeTo(
  step: Step,
  target: Id,
  kind: 'go' | 'open' | 'swap',
  link: CompiledLink | null,
  source: Instance | null = null,
): void {
  const { flow, state } = step;
  const layer = flow.screens.get(target)!.layer;
  if (layer === 'notice') return showNotice(step, target, link?.id ?? null);
  if (layer === 'base') {
    const entry = leaveBase(step, link);
    cutTrail(flow, state, target, entry);
    state.base = instanceOf(step, target, 'base', link?.id ?? null);
    return;
  }
  if (kind === 'go') closeFrom(step, 0, link);
  if (kind === 'swap' && source) closeFrom(step, state.overlays.indexOf(source), link);
  const up = state.overlays.findIndex((overlay) => overlay.screen === target);
  if (up >= 0) closeFrom(step, up, link);
  state.overlays.push(instanceOf(step, target, 'overlay', link?.id ?? null));
}

/** Takes base and overlays down and gives the trail entry that would bring them back. */
function leaveBase(step: Step, link: CompiledLink | null): TrailEntry {
  const { state } = step;
  const entry: TrailEntry = {
    screen: state.base.screen,
    focus: state.base.focus,
    overlays: state.overlays.map(({ screen, focus }) => ({ screen, focus })),
  };
  closeFrom(step, 0, link);
  takeDown(step, state.base, link);
  return entry;
}

/** What arriving at a base screen makes of the trail: no screen is in it twice. */
function cutTrail(flow: Flow, state: RunState, target: Id, left: TrailEntry): void {
  if (flow.screens.get(target)!.trail === 'afresh') {
    state.trail = [];
    return;
  }
  const skipped = (flow.screens.get(left.screen)?.trail ?? 'skipped') === 'skipped';
  if (!skipped && !state.trail.some((entry) => entry.screen === left.screen))
    state.trail = [...state.trail, left];
  const at = state.trail.findIndex((entry) => entry.screen === target);
  if (at >= 0) state.trail = state.trail.slice(0, at);
}

function goBack(step: Step, link: CompiledLink, source: Instance | null): void {
  const { state } = step;
  const overlay = source?.layer === 'overlay' ? source : source === null ? state.overlays.at(-1) : undefined;
  if (overlay) return closeFrom(step, state.overlays.indexOf(overlay), link);
  const entry = state.trail.at(-1);
  if (!entry) return;
  state.trail = state.trail.slice(0, -1);
  leaveBase(step, link);
  state.base = instanceOf(step, entry.screen, 'base', link.id, entry.focus);
  for (const { screen, focus } of entry.overlays)
    state.overlays.push(instanceOf(step, screen, 'overlay', link.id, focus));
}

function closeFrom(step: Step, index: number, link: CompiledLink | null): void {
  for (const overlay of step.state.overlays.splice(index)) takeDown(step, overlay, link);
}

function takeDown(step: Step, instance: Instance, link: CompiledLink | null): void {
  step.removedBy.set(instance.serial, link);
  if (instance.serial !== NEW)
    step.say({ at: step.state.now, did: 'down', screen: instance.screen, serial: instance.serial });
}

/** A notice goes with the base that is up when its step ends, unless the project itself set it off. */
function settleNotices(step: Step): void {
  const { flow, state } = step;
  for (const notice of state.notices.slice()) {
    const own = notice.by !== null && flow.links.get(notice.by)?.from !== PROJECT;
    if (notice.owner === NEW) notice.owner = own ? state.base.serial : null;
    else if (notice.owner !== null && notice.owner !== state.base.serial) removeNotice(step, notice, null);
  }
}

function showNotice(step: Step, screen: Id, by: Id | null): void {
  const { flow, state, say } = step;
  if (flow.screens.get(screen)?.layer !== 'notice') return;
  const up = state.notices.find((notice) => notice.screen === screen);
  if (up) {
    // Set off again while up: it starts over, and the picture stays where it is.
    up.timers = {};
    up.by = by;
    up.owner = NEW;
    say({ at: state.now, did: 'notice', screen, serial: up.serial });
    return;
  }
  const notice = instanceOf(step, screen, 'notice', by);
  state.notices.push(notice);
}

function clearNotice(step: Step, screen: Id, link: CompiledLink): void {
  for (const notice of step.state.notices.filter((each) => each.screen === screen))
    removeNotice(step, notice, link);
}

function removeNotice(step: Step, notice: Instance, link: CompiledLink | null): void {
  step.state.notices.splice(step.state.notices.indexOf(notice), 1);
  takeDown(step, notice, link);
}

function instanceOf(step: Step, screen: Id, layer: Layer, by: Id | null, focus?: Id | null): Instance {
  const { flow, state } = step;
  const compiled = flow.screens.get(screen)!;
  const link = by === null ? undefined : flow.links.get(by);
  const remembered = focus ?? (compiled.remembers ? state.remembered[screen] : null);
  const instance: Instance = {
    serial: state.serial++,
    screen,
    layer,
    by,
    taken: state.now,
    shown: state.now,
    settled: state.now,
    half: NO_MOTION,
    start: null,
    masked: link?.masked ?? flow.project.house.masked,
    focus: layer === 'notice' ? null : arrivalFocus(compiled, remembered),
    timers: {},
    marks: [],
    owner: layer === 'notice' ? NEW : null,
  };
  step.arrived.push(instance);
  step.say({ at: state.now, did: layer === 'notice' ? 'notice' : 'up', screen, serial: instance.serial });
  return instance;
}

function stillUp<S extends { serial: number } | null>(state: RunState, spot: S): S | null {
  return spot && standing(state).some((instance) => instance.serial === spot.serial) ? spot : null;
}
