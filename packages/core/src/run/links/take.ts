import type { CompiledLink, Flow } from '../../compile';
import {
  allUp,
  argumentsOf,
  type Instance,
  type ScheduledEffect,
  type EvalScope,
  type RunState,
  type Say,
  type Scalars,
  screenOf,
} from '../state';
import type { Id } from '../../model';
import { changeTo, closeFrom, goBack } from './change';
import { fallbacks, isStillUp, type Step } from './chain';
import { syncHuds } from './huds';
import { runEffects, runLater } from './effects';
import { fits, type Search } from './fit';
import { settleFocus } from '../focus';
import { removeNotice, settleNotices } from './notices';
import { planTransition } from './plan';
import { noticeValues } from './sampled';

/** The longest chain of arrivals, answers and values that one input may set off. */
export const LONGEST_CHAIN = 100;

/**
 * Takes a link now, or marks it when the screen it would take away has not been up for its least time.
 * Returns whether it was taken.
 */
export function tryLink(search: Search, link: CompiledLink, source: Instance | null): boolean {
  const { flow, state, say } = search;
  const holder = source ?? state.base;
  const until = ripeAt(flow, holder);
  if (state.now >= until || !takesAway(link) || holder.layer === 'notice') {
    takeLink(search, link, source);
    return true;
  }
  if (!holder.deferredLinks.includes(link.id)) holder.deferredLinks = [...holder.deferredLinks, link.id];
  say({ at: state.now, did: 'wait', link: link.id, until });
  return false;
}

/** The earliest time a screen may go, in microseconds on the run’s clock: its minimum time after it came. */
export const ripeAt = (flow: Flow, instance: Instance): number =>
  instance.taken + screenOf(flow, instance).minTime;

const takesAway = ({ kind }: CompiledLink): boolean =>
  kind === 'go' || kind === 'swap' || kind === 'back' || kind === 'end';

/** Takes a link and the chain that follows, then plans the motion of the whole step. */
export function takeLink(search: Search, link: CompiledLink, source: Instance | null): void {
  const { flow, state, say } = search;
  inOneStep(flow, state, say, (step) => follow(step, link, source, search));
}

/** Brings up a screen with no link: the start of a run, or what a designer asked to see. */
export function bringUp(flow: Flow, state: RunState, screen: Id, args: Scalars | undefined, say: Say): void {
  inOneStep(flow, state, say, (step) =>
    changeTo(step, screen, 'open', null, null, args ?? fallbacks(flow, screen)),
  );
}

/** A notice whose time is over goes by itself. */
export function endNotice(flow: Flow, state: RunState, notice: Instance, say: Say): void {
  inOneStep(flow, state, say, (step) => removeNotice(step, notice, null));
}

/** A delayed effect is due. */
export function comeLater(flow: Flow, state: RunState, later: ScheduledEffect, say: Say): void {
  inOneStep(flow, state, say, (step) => runLater(step, later));
}

/** Carries a change out, with all that follows from it within the same step. */
export function inOneStep(flow: Flow, state: RunState, say: Say, change: (step: Step) => void): void {
  const step: Step = { flow, state, say, removedBy: new Map(), turns: [] };
  const before = allUp(state);
  change(step);
  followOn(step);
  settleFocus(flow, state);
  planTransition(flow, state, before, allUp(state), step.removedBy);
  if (state.scheduledEffects.length > 0 && state.scheduledEffects.some((effect) => !goesOn(state, effect)))
    state.scheduledEffects = state.scheduledEffects.filter((effect) => goesOn(state, effect));
  state.hover = stillUp(state, state.hover);
  state.pressed = stillUp(state, state.pressed);
  if (state.pending && 'spot' in state.pending && !stillUp(state, state.pending.spot)) {
    state.pending = null;
    say({ at: state.now, did: 'dropped', why: 'gone' });
  }
}

const goesOn = (state: RunState, later: ScheduledEffect): boolean =>
  later.owner === null || later.owner === state.base.serial;

/** Arrivals and answers first, then HUD pieces and values, until nothing more follows. */
function followOn(step: Step): void {
  const { state, say, turns } = step;
  for (let count = 0; !state.ended;) {
    if (turns.length === 0) syncHuds(step);
    if (turns.length === 0) noticeValues(step);
    if (turns.length === 0) settleNotices(step);
    const turn = turns.shift();
    if (!turn) return;
    const { source, links, row } = turn;
    if (source !== null && !isStillUp(state, source)) continue;
    const search: Search = { flow: step.flow, state, say, fields: null, row, passed: [] };
    const link = links.find((compiledLink) => fits(search, compiledLink, source));
    if (!link) continue;
    if (++count > LONGEST_CHAIN) {
      say({ at: state.now, did: 'unsettled', screen: (source ?? state.base).screen });
      turns.length = 0;
      break;
    }
    follow(step, link, source, search);
  }
  syncHuds(step);
  settleNotices(step);
}

function follow(step: Step, link: CompiledLink, source: Instance | null, search: Search): void {
  const { state, say } = step;
  const { id, from, trigger } = link;
  const taken = {
    at: state.now,
    did: 'link' as const,
    link: id,
    from,
    serial: source?.serial ?? null,
    trigger,
  };
  say(search.passed.length > 0 ? { ...taken, passed: search.passed } : taken);
  if (link.link.once) state.once = [...state.once, link.id];
  const place: EvalScope = {
    flow: step.flow,
    state,
    say,
    source,
    fields: search.fields,
    row: link.inRow?.held ?? search.row,
  };
  const args = argumentsOf(place, link.args, link.id);
  runEffects(step, link, place);
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
      // A full queue or a cleared notice may have removed the source itself.
      if (source?.layer === 'notice')
        return isStillUp(state, source) ? removeNotice(step, source, link) : undefined;
      return goBack(step, link, source);
    default:
      changeTo(step, link.to!, link.kind, link, source, args, place.row ?? null);
  }
}

function stillUp<S extends { serial: number } | null>(state: RunState, spot: S): S | null {
  return spot && allUp(state).some((instance) => instance.serial === spot.serial) ? spot : null;
}
