import { padCode, type Flow } from '../compile';
import type { Id } from '../model';
import { NO_MOTION } from '../motion';
import { allUp, screenOf, standing } from './derived';
import type { Input } from './input';
import type { Outcome, Say } from './outcome';
import { isDown, pressCode, pressSpot, receiveEvent, releaseCode, releaseSpot } from './search';
import { fork, NEW, type RunState, type Spot } from './state';
import { bringUp } from './take';
import { passTime } from './time';

export interface Stepped {
  state: RunState;
  outcomes: Outcome[];
}

/**
 * One input, handled completely. Pure: the given state is not changed, and nothing but state and input decides what
 * comes of it. Times in microseconds.
 */
export function step(flow: Flow, before: RunState, input: Input): Stepped {
  const outcomes: Outcome[] = [];
  if (before.ended) return { state: before, outcomes };
  const state = fork(before);
  const say: Say = (outcome) => outcomes.push(outcome);
  handle(flow, state, input, say);
  return { state, outcomes };
}

function handle(flow: Flow, state: RunState, input: Input, say: Say): void {
  switch (input.type) {
    case 'time':
      return passTime(flow, state, Math.max(0, Math.round(input.pass)), say);
    case 'event':
      say({ at: state.now, did: 'input', input: `event ${input.event}` });
      return receiveEvent(flow, state, input.event, say);
    case 'key':
    case 'pad': {
      const code = input.type === 'key' ? input.code : padCode(input.button);
      if (input.phase === 'up') return releaseCode(flow, state, code, say);
      if (!input.repeat && !isDown(state, code)) say({ at: state.now, did: 'input', input: code });
      return pressCode(flow, state, code, input.type === 'key' ? 'keys' : 'pad', input.repeat ?? false, say);
    }
    case 'pointer': {
      const spot = real(flow, state, input.spot);
      if (input.phase === 'move') {
        state.hover = spot;
        return;
      }
      if (input.phase === 'up') return releaseSpot(flow, state, spot, say);
      say({ at: state.now, did: 'input', input: input.device });
      return pressSpot(flow, state, spot, input.device, say);
    }
  }
}

/** A spot as given, if there is such an element on such an instance. */
function real(flow: Flow, state: RunState, spot: Spot | null): Spot | null {
  const level = standing(state).find((each) => each.serial === spot?.serial);
  return spot?.element && level && screenOf(flow, level).layout.has(spot.element) ? spot : null;
}

/** A run at its first instant: the start screen taken at time 0. */
export function begin(flow: Flow): Stepped {
  return beginWith(flow, [flow.start]);
}

/**
 * A run that begins at a screen, as a designer asks for it: a base by itself, anything else over the first base screen
 * that leads to it. With `atRest`, nothing is entering any more.
 */
export function beginAt(flow: Flow, screen: Id, atRest: boolean): Stepped {
  const target = flow.screens.get(screen);
  if (!target) return begin(flow);
  const begun = beginWith(flow, target.layer === 'base' ? [screen] : [hostOf(flow, screen), screen]);
  if (atRest)
    for (const instance of allUp(begun.state)) {
      instance.half = NO_MOTION;
      instance.shown = instance.settled = instance.taken;
    }
  if (atRest) begun.state.leaving = [];
  return begun;
}

function beginWith(flow: Flow, screens: Id[]): Stepped {
  const outcomes: Outcome[] = [];
  const state = nothing(flow.start);
  for (const screen of screens) bringUp(flow, state, screen, (outcome) => outcomes.push(outcome));
  state.trail = [];
  return { state, outcomes };
}

/** The nearest base screen from which links lead to a screen; the start when none does. */
function hostOf(flow: Flow, screen: Id): Id {
  const seen = new Set([screen]);
  for (const target of seen)
    for (const link of flow.links.values()) {
      const leads =
        link.to === target || link.effects.some((each) => each.do === 'notice' && each.screen === target);
      const from = flow.screens.get(link.from);
      if (!leads || !from) continue;
      if (from.layer === 'base') return from.id;
      seen.add(from.id);
    }
  return flow.start;
}

/** Before the first screen: an instance that nothing brought up and nothing sees. */
function nothing(start: string): RunState {
  return {
    now: 0,
    game: 0,
    serial: 1,
    base: {
      serial: NEW,
      screen: start,
      layer: 'base',
      by: null,
      taken: 0,
      shown: Infinity,
      settled: Infinity,
      half: NO_MOTION,
      start: null,
      masked: 'ignored',
      focus: null,
      timers: {},
      marks: [],
      owner: null,
    },
    overlays: [],
    notices: [],
    leaving: [],
    trail: [],
    remembered: {},
    device: 'keys',
    hover: null,
    pressed: null,
    pending: null,
    down: [],
    holding: [],
    ended: false,
  };
}
