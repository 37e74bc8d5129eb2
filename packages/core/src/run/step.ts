import { showsOf } from '../effects';
import { padCode, touchCode, type Rebound } from '../keys';
import { type Flow, type Given } from '../compile';
import { fitScalar, isTouch, zeroOf, type Id, withId } from '../model';
import { NO_MOTION } from '../motion';
import {
  allUp,
  argumentsOf,
  type Device,
  fitLists,
  fork,
  type Input,
  type Listings,
  NEW,
  NO_AXES,
  NO_BARS,
  NO_FACES,
  NO_TABS,
  NO_STARTS,
  syncBars,
  syncFocusAnimations,
  type Outcome,
  type RunState,
  type Say,
  type Scalars,
  sampleLists,
  screenOf,
  setBackCounts,
  setValue,
  type Spot,
  valuesFrom,
  writeList,
} from './state';
import {
  fail,
  finish,
  isDown,
  pressCode,
  pressSpot,
  receiveEvent,
  releaseCode,
  releaseSpot,
  searchFor,
  searchOf,
  swipeAction,
  syncTouches,
  takeText,
  takeTouch,
  useAlong,
} from './search';
import { isPress, noteResting, restOn, scroll, settleFocus, syncFaces } from './focus';
import { passTalk } from './dialogue';
import { beginTalk } from './talk';
import { bringUp, inOneStep } from './links';
import { settleRows, withRows } from './rows';
import { passTime } from './time';

export interface Stepped {
  state: RunState;
  outcomes: Outcome[];
}

/**
 * One input, handled completely. Pure: the given state is not changed, and nothing but state and input decides what
 * comes of it. Times in microseconds.
 */
export function step(whole: Flow, before: RunState, input: Input): Stepped {
  const outcomes: Outcome[] = [];
  if (before.ended) return { state: before, outcomes };
  const state = fork(before);
  if (input.clock !== undefined) state.clock = input.clock;
  const say: Say = (outcome) => outcomes.push(outcome);
  if (isPress(input)) state.resting = null;
  const earlier = withRows(whole, before);
  handle(earlier, state, input, say);
  const flow = withRows(whole, state);
  if (flow !== earlier) settleRows(flow, state, earlier, before.serial);
  // What is there only for touch may have, or lose, the focus.
  if ((before.device === 'touch') !== (state.device === 'touch')) settleFocus(flow, state);
  if (!state.ended) syncTouches(flow, state, say);
  // An event is searched for where it is received.
  if (!state.ended && input.type !== 'event' && input.type !== 'time' && flow.hearing.length > 0)
    searchFor(searchOf(flow, state, say), input);
  setBackCounts(flow, state);
  syncFocusAnimations(flow, state);
  syncBars(flow, state);
  syncFaces(flow, state);
  noteResting(flow, state);
  return { state, outcomes };
}

function handle(flow: Flow, state: RunState, input: Input, say: Say): void {
  switch (input.type) {
    case 'time':
      return passTime(flow, state, Math.max(0, Math.round(input.pass)), say);
    case 'event': {
      const fields = fieldsOf(flow, input.event, input.fields);
      say({ at: state.now, did: 'input', input: `event ${input.event}`, fields });
      tellMisfits(flow, state, input, say);
      return receiveEvent(flow, state, input.event, fields, say);
    }
    case 'value':
      if (!input.byHand && flow.values.has(input.value) && !flow.values.get(input.value)!.byGame)
        return say({
          at: state.now,
          did: 'refused',
          value: input.value,
          to: input.to,
          why: 'not by the game',
        });
      return inOneStep(flow, state, say, () => setValue(flow, state, input.value, input.to, null, say));
    case 'list':
      if (!input.byHand) {
        const list = flow.lists.get(input.list);
        const why = list?.saved ? 'saved games' : list && !list.byGame ? 'not by the game' : null;
        if (why) return say({ at: state.now, did: 'list refused', list: input.list, why });
      }
      return inOneStep(flow, state, say, () => writeList(flow, state, input.list, input.write, null, say));
    case 'done':
    case 'failed': {
      const instance = allUp(state).find((other) => other.screen === input.screen);
      if (!instance) return;
      say({ at: state.now, did: 'input', input: `${input.type} ${input.screen}` });
      return input.type === 'done' ? finish(flow, state, instance, say) : fail(flow, state, instance, say);
    }
    case 'key':
    case 'pad': {
      const code = input.type === 'key' ? input.code : padCode(input.button);
      if (input.phase === 'up') return releaseCode(flow, state, code, say);
      if (!input.repeat && !isDown(state, code)) say({ at: state.now, did: 'input', input: code });
      const press = {
        code,
        device: input.type === 'key' ? ('keys' as const) : ('pad' as const),
        back: input.type === 'key' && input.shift === true,
      };
      return pressCode(flow, state, press, input.repeat ?? false, say);
    }
    case 'gesture': {
      say({ at: state.now, did: 'input', input: input.gesture });
      const device = isTouch(input.gesture) ? 'touch' : 'pointer';
      const own = swipeAction(flow, state, real(flow, state, input.spot ?? null), input.gesture);
      const code = own === undefined ? input.gesture : touchCode(own);
      pressCode(flow, state, { code, device, back: false }, false, say);
      return releaseCode(flow, state, code, say);
    }
    case 'in hand':
      state.device = input.device;
      return;
    case 'tilt':
      state.tilt = input.x === 0 && input.y === 0 ? null : { x: input.x, y: input.y };
      return;
    case 'scroll':
      return scroll(flow, state, input);
    case 'text':
      return takeText(flow, state, input, say);
    case 'pointer': {
      const spot = real(flow, state, input.spot);
      if (takeTouch(flow, state, { ...input, spot }, say)) return;
      if (input.phase === 'move') {
        const { pressed } = state;
        if (pressed?.element && spot?.element === pressed.element && spot.share !== undefined)
          useAlong(flow, state, spot, 'drag', say);
        restOn(state, real(flow, state, input.over ?? null));
        state.hover = spot;
        return;
      }
      if (input.phase === 'up') return releaseSpot(flow, state, spot, say);
      say({ at: state.now, did: 'input', input: input.device });
      return pressSpot(flow, state, spot, input.device, say);
    }
  }
}

/** What came with an event, fitted to its fields. */
function fieldsOf(flow: Flow, event: Id, given: Scalars = {}): Scalars {
  const fields = withId(flow.project.events, event)?.fields ?? [];
  return Object.fromEntries(
    fields.map((field) => [field.id, fitScalar(field, given[field.id]) ?? zeroOf(field)]),
  );
}

/** What came with an event and is of another type than its field is told, since it counts as nothing. */
function tellMisfits(
  flow: Flow,
  state: RunState,
  { event, fields = {} }: { event: Id; fields?: Scalars },
  say: Say,
): void {
  for (const field of withId(flow.project.events, event)?.fields ?? []) {
    const given = fields[field.id];
    if (given !== undefined && fitScalar(field, given) === null)
      say({ at: state.now, did: 'misfit', event, field: field.id, given, to: zeroOf(field) });
  }
}

/** A spot as given, if there is such an element on such an instance. */
function real(flow: Flow, state: RunState, spot: Spot | null): Spot | null {
  const level = allUp(state).find((instance) => instance.serial === spot?.serial);
  return spot?.element && level && screenOf(flow, level).layout.has(spot.element) ? spot : null;
}

/** What a run has from before it began: what values hold, saved games, and keys that were chosen. */
export interface Before {
  values?: Scalars;
  lists?: Listings;
  rebound?: Rebound;
  saves?: RunState['saves'];
}

/**
 * That, what is in the player's hands (absent: keys), and what decides all that is left to chance (absent: 0), so that the same
 * inputs give the same run again.
 */
export interface Beginning extends Before {
  device?: Device;
  seed?: number;
}

/** A run at its first instant: the start screen taken at time 0. */
export function begin(flow: Flow, before: Beginning = {}): Stepped {
  return beginWith(flow, [{ screen: flow.start }], before);
}

/**
 * A run that begins at a screen, as a designer asks for it: a base by itself, anything else over the first base screen
 * that leads to it. With `atRest`, nothing is entering any more; with `line`, it plays that conversation from that step on, or
 * shows the `whole` of that step.
 */
export function beginAt(
  flow: Flow,
  screen: Id,
  atRest: boolean,
  before: Beginning = {},
  line?: { conversation: Id; key: string; whole?: boolean },
): Stepped {
  const target = flow.screens.get(screen);
  if (!target) return begin(flow, before);
  const { host, args } = hostOf(flow, screen);
  // At rest it is looked at, and nobody fills its lists.
  const known = atRest ? { ...before, lists: { ...sampleLists(flow), ...before.lists } } : before;
  const begun = beginWith(
    flow,
    target.layer === 'base' ? [{ screen, args }] : [{ screen: host }, { screen, args }],
    known,
  );
  if (atRest)
    for (const instance of allUp(begun.state)) {
      if (instance.talk && !line) instance.talk.still = true;
      instance.told = null;
      instance.half = NO_MOTION;
      instance.shown = instance.settled = instance.taken;
    }
  if (atRest) begun.state.leaving = [];
  const speaker = line && allUp(begun.state).find((instance) => instance.screen === screen);
  if (!speaker) return begun;
  speaker.talk = beginTalk(flow, line.conversation);
  const at = flow.talks.get(line.conversation)?.at.get(line.key);
  if (speaker.talk && at !== undefined) speaker.talk.at = at - 1;
  if (line.whole && speaker.talk) {
    const op = flow.talks.get(line.conversation)?.ops[speaker.talk.at + 1]?.op;
    // What is said can be looked at; what only does something would be done by that.
    if (op === 'line' || op === 'choice') {
      passTalk(flow, begun.state, speaker, (outcome) => begun.outcomes.push(outcome));
      speaker.talk = { ...speaker.talk, full: 0 };
    } else speaker.talk.still = true;
  }
  settleFocus(withRows(flow, begun.state), begun.state);
  return begun;
}

/** The first state of a flow, kept for it: what values hold where nothing has been played. */
const firsts = new WeakMap<Flow, RunState>();
export function firstState(flow: Flow): RunState {
  const state = firsts.get(flow) ?? begin(flow).state;
  firsts.set(flow, state);
  return state;
}

interface First {
  screen: Id;
  args?: readonly Given[];
}

function beginWith(given: Flow, screens: First[], before: Beginning): Stepped {
  const whole = given.bare ?? given;
  const outcomes: Outcome[] = [];
  const say: Say = (outcome) => outcomes.push(outcome);
  const state = nothing(whole, before);
  for (const { screen, args } of screens) {
    const place = { flow: whole, state, say: () => undefined, source: null, fields: null };
    bringUp(whole, state, screen, args && argumentsOf(place, args, screen), say);
  }
  state.trail = [];
  const flow = withRows(whole, state);
  if (flow !== whole) settleRows(flow, state, whole, 0);
  syncFocusAnimations(flow, state);
  syncBars(flow, state);
  syncFaces(flow, state);
  noteResting(flow, state);
  return { state, outcomes };
}

/**
 * The nearest base screen from which links lead to a screen, the start when none does; and what the first link there
 * gives it. A HUD piece stands beside the first base of its area.
 */
function hostOf(flow: Flow, screen: Id): { host: Id; args?: readonly Given[] } {
  const { layer, areas } = flow.screens.get(screen)!;
  if (layer === 'hud') return { host: baseIn(flow, areas[0]) };
  let args: readonly Given[] | undefined;
  const seen = new Set([screen]);
  for (const target of seen)
    for (const link of flow.links.values()) {
      const shown = link.effects.find(({ effect }) => showsOf(effect) === target);
      if (link.to !== target && !shown) continue;
      if (target === screen) args ??= link.to === target ? link.args : shown!.args;
      const from = flow.screens.get(link.from);
      if (!from && flow.areas.has(link.from)) return { host: baseIn(flow, link.from), args };
      if (!from) continue;
      if (from.layer === 'base') return { host: from.id, args };
      if (from.layer === 'hud') return { host: baseIn(flow, from.areas[0]), args };
      seen.add(from.id);
    }
  return { host: flow.start, args };
}

/** The first base screen of an area, or of all; the start when there is none. */
function baseIn(flow: Flow, area: Id | undefined): Id {
  const base = flow.project.screens.find(
    ({ id, layer }) => layer === 'base' && (area === undefined || flow.screens.get(id)!.areas.includes(area)),
  );
  return base?.id ?? flow.start;
}

/** Before the first screen: a placeholder instance that nothing can see. */
function nothing(flow: Flow, before: Beginning): RunState {
  return {
    seed: before.seed ?? 0,
    clock: null,
    said: {},
    now: 0,
    game: 0,
    serial: 1,
    base: {
      serial: NEW,
      screen: flow.start,
      layer: 'base',
      by: null,
      taken: 0,
      shown: Infinity,
      settled: Infinity,
      half: NO_MOTION,
      animationStarts: NO_STARTS,
      baseline: { values: {}, chosen: [], rebound: {} },
      scrolled: null,
      faces: NO_FACES,
      bars: NO_BARS,
      tabs: NO_TABS,
      talk: null,
      progress: 0,
      start: null,
      masked: 'ignored',
      focus: null,
      timers: {},
      deferredLinks: [],
      args: {},
      told: 0,
      opener: null,
      cameFrom: null,
      slot: 0,
      owner: null,
    },
    overlays: [],
    notices: [],
    huds: [],
    values: valuesFrom(flow, before.values ?? {}),
    chosen: Object.keys(before.values ?? {}).filter((id) => flow.values.has(id)),
    rebound: before.rebound ?? {},
    lists: fitLists(flow, before.lists ?? {}),
    saves: before.saves ?? {},
    ahead: {},
    once: [],
    heldConditions: [],
    noticeQueue: [],
    scheduledEffects: [],
    log: [],
    failed: [],
    leaving: [],
    trail: [],
    remembered: {},
    device: before.device ?? 'keys',
    hover: null,
    pressed: null,
    touches: [],
    tilt: null,
    axes: NO_AXES,
    over: null,
    resting: null,
    inputCapture: null,
    pending: null,
    down: [],
    holding: [],
    ended: false,
  };
}
