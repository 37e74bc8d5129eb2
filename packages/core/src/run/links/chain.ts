import type { CompiledLink, Flow } from '../../compile';
import type { Id } from '../../model';
import { NO_MOTION } from '../../motion';
import {
  allUp,
  type Instance,
  NEW,
  NO_BARS,
  NO_FACES,
  NO_TABS,
  NO_STARTS,
  type RunState,
  type Say,
  type Scalars,
} from '../state';
import { arrivalFocus } from '../focus';
import { beginTalk } from '../talk';

/** One step on its way: what it has taken down, and what is still to be looked at before it is over. */
export interface Step {
  flow: Flow;
  state: RunState;
  say: Say;
  /** The link that took each instance down, by serial number. */
  removedBy: Map<number, CompiledLink | null>;
  /** Arrivals, answers and values come true, in order; of each the first link that fits is followed. */
  turns: Turn[];
}

interface Turn {
  source: Instance | null;
  links: readonly CompiledLink[];
  /** What the row held that was pressed to ask for this answer. */
  row?: Scalars | null;
}

export interface Coming {
  screen: Id;
  layer: Instance['layer'];
  by: Id | null;
  args: Scalars;
  opener?: Instance['opener'];
  cameFrom?: Id | null;
  focus?: Id | null;
  slot?: number;
}

/** Makes the instance of a screen that comes up, and notes its arrival. */
export function enterInstance(step: Step, coming: Coming): Instance {
  const { flow, state } = step;
  const { screen, layer, by } = coming;
  const compiled = flow.screens.get(screen)!;
  const stands = layer === 'base' || layer === 'overlay';
  const remembered = coming.focus ?? (compiled.remembers ? state.remembered[screen] : null);
  const instance: Instance = {
    serial: state.serial++,
    screen,
    layer,
    by,
    taken: state.now,
    shown: state.now,
    settled: state.now,
    half: NO_MOTION,
    animationStarts: NO_STARTS,
    baseline: { values: state.values, chosen: state.chosen, rebound: state.rebound },
    scrolled: null,
    faces: NO_FACES,
    bars: NO_BARS,
    tabs: NO_TABS,
    talk: beginTalk(flow, (by === null ? undefined : flow.links.get(by))?.says ?? compiled.says),
    progress: state.ahead[screen] ?? 0,
    start: null,
    masked: (by === null ? undefined : flow.links.get(by))?.masked ?? flow.project.defaults.masked,
    focus: stands ? arrivalFocus(compiled, remembered) : null,
    timers: {},
    deferredLinks: [],
    args: coming.args,
    told: state.now,
    opener: coming.opener ?? null,
    cameFrom: coming.cameFrom ?? null,
    slot: coming.slot ?? 0,
    owner: layer === 'notice' ? NEW : null,
  };
  if (screen in state.ahead) {
    const { [screen]: _, ...rest } = state.ahead;
    state.ahead = rest;
  }
  for (const link of compiled.links.followed.up) step.turns.push({ source: instance, links: [link] });
  step.say({ at: state.now, did: layer === 'notice' ? 'notice' : 'up', screen, serial: instance.serial });
  return instance;
}

export function exitInstance(step: Step, instance: Instance, link: CompiledLink | null): void {
  step.removedBy.set(instance.serial, link);
  // The sounds of a conversation that is cut short end.
  if (instance.talk && !instance.talk.over)
    for (const asset of instance.talk.sounds) step.say({ at: step.state.now, did: 'stop sound', asset });
  if (instance.serial !== NEW)
    step.say({ at: step.state.now, did: 'down', screen: instance.screen, serial: instance.serial });
}

/** The default of each parameter of a screen, for when no argument is given. */
export function fallbacks(flow: Flow, screen: Id): Scalars {
  const { parameters } = flow.screens.get(screen)!;
  return Object.fromEntries(parameters.map(({ id, fallback }) => [id, fallback]));
}

export const isStillUp = (state: RunState, instance: Instance): boolean => allUp(state).includes(instance);

/** The topmost screen: the opener when an area's or the project's link led somewhere. */
export const topmost = (state: RunState): Instance => state.overlays.at(-1) ?? state.base;
