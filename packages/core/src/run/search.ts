import type { CompiledLoading } from '../animate';
import type { CompiledLink, CompiledScreen, Flow, LinkTable } from '../compile';
import type { Id, Masked } from '../model';
import {
  allUp,
  areasOf,
  beneathOverlays,
  closingOf,
  focusShown,
  isBeneath,
  isBlocked,
  liesOverAll,
  maskOf,
  reachable,
  screenOf,
} from './derived';
import { canUse } from './away';
import { beginOnEvent, beginPressed } from './began';
import { bindingsNow } from './bindings';
import { confirmTalk, hearTalks, hurryTalk, pressChoice } from './conversing';
import { hasOwnUse, useAlong, useControl, type Use } from './control';
import { scrollOf } from './scroll';
import { take, takeCode, takerNow } from './taking';
import { fits, type Search } from './fit';
import { focusMove, isDirection, setFocus, settleFocus, usableNow } from './focus';
import { removeNotice } from './notices';
import type { Nowhere, Outcome, Say } from './outcome';
import {
  DONE,
  FAILED,
  FIRED,
  fork,
  LIMIT,
  setTimer,
  type Device,
  type Holding,
  type Instance,
  type RunState,
  type Scalars,
  type Spot,
} from './state';
import { inOneStep, tryLink } from './take';

/** So long a confirm is held until lines go by fast, in microseconds. */
export const HURRY = 600_000;
/** What a pointer or finger that is down goes by, among codes. */
const PRESS = 'press';

/** A place that is asked whether it takes an input: something up, an area, or the project. */
interface Level {
  source: Instance | null;
  screen: CompiledScreen | null;
  links: LinkTable;
  /** A modal overlay lies above it. */
  under: boolean;
}

/** All that can take an input, in the order they are asked; `deep` also beneath what is modal, where events go. */
function levels(flow: Flow, state: RunState, deep = flow.asksAbove): Level[] {
  const found: Level[] = [];
  let under = false;
  const add = (source: Instance): void => {
    const screen = screenOf(flow, source);
    found.push({ source, screen, links: screen.links, under });
  };
  for (let i = state.notices.length - 1; i >= 0; i--)
    if (liesOverAll(flow, state.notices[i]!)) add(state.notices[i]!);
  for (let i = state.overlays.length - 1; i >= 0; i--) {
    add(state.overlays[i]!);
    if (found.at(-1)!.screen!.modal) {
      // Where no link is marked to be found above it, a press goes no further.
      if (!deep) return found;
      under = true;
    }
  }
  for (const instance of beneathOverlays(flow, state)) add(instance);
  for (const area of areasOf(flow, state))
    found.push({ source: null, screen: null, links: flow.areas.get(area)!.links, under });
  found.push({ source: null, screen: null, links: flow.shared, under });
  return found;
}

const searchOf = (flow: Flow, state: RunState, say: Say, fields: Scalars | null = null): Search => ({
  flow,
  state,
  say,
  fields,
  passed: [],
});

function leadsNowhere({ state, say, passed }: Search, what: Nowhere): void {
  say({ at: state.now, did: 'nowhere', what, ...(passed.length > 0 ? { passed } : {}) });
}

/** A key, pad button or gesture; `back` is Shift with Tab. */
interface Press {
  code: string;
  device: Device;
  back: boolean;
}

/** A key or pad button went down, or a gesture was made. */
export function pressCode(flow: Flow, state: RunState, press: Press, repeat: boolean, say: Say): void {
  const { code, device } = press;
  const actions = bindingsNow(flow, state).get(code) ?? [];
  if (repeat || isDown(state, code)) {
    if (maskOf(state) === null) repeatCode(searchOf(flow, state, say), code, actions.filter(isDirection));
    return;
  }
  state.down = [...state.down, { code, used: false, game: false, before: state.serial }];
  const taker = device === 'keys' || device === 'pad' ? takerNow(flow, state) : null;
  if (taker) {
    state.device = device;
    useUp(state, code);
    return takeCode(flow, state, taker, code, device as 'keys' | 'pad', say);
  }
  const keeps = actions.includes('confirm') ? null : press;
  if (kept(state, maskOf(state), keeps, say)) return;
  const hands = device === 'keys' || device === 'pad';
  const reveals =
    hands &&
    !focusShown(state) &&
    (isTab(code, actions) || actions.some((action) => isDirection(action) || action === 'confirm'));
  if (!reveals) {
    const closing = maskOfClosing(flow, state, (search) => resolveCode(search, press, actions));
    if (kept(state, closing, keeps, say)) return;
  }
  state.device = device;
  if (reveals && reachable(flow, state).some((level) => level.focus !== null)) return;
  if (resolveCode(searchOf(flow, state, say), press, actions)) useUp(state, code);
}

/** Tab goes along the order of the focus where it is bound to nothing else. */
const isTab = (code: string, actions: readonly Id[]): boolean => code === 'Tab' && actions.length === 0;

/** What took an input: the level that did. */
interface Taken {
  by: Instance | null;
}

/**
 * What becomes of a press that something beneath a closing screen would take; null where it is not masked. It is tried on
 * a copy of the run, and what brings the closing screen back is never masked, so that a key that closes it opens it again.
 */
function maskOfClosing(
  flow: Flow,
  state: RunState,
  press: (search: Search) => Taken | null,
): Exclude<Masked, 'through'> | null {
  const closing = closingOf(flow, state);
  if (closing.length === 0) return null;
  const tried = fork(state);
  const outcomes: Outcome[] = [];
  const taken = press(searchOf(flow, tried, (outcome) => outcomes.push(outcome)));
  if (!taken) return null;
  const first = outcomes.find((each) => each.did === 'link');
  const to = first ? flow.links.get(first.link)?.to : null;
  const over = closing.filter(({ screen }) => screen !== to);
  if (over.length < closing.length || !isBeneath(over, taken.by)) return null;
  return over.at(-1)!.masked as Exclude<Masked, 'through'>;
}

export const isDown = (state: RunState, code: string): boolean =>
  state.down.some((each) => each.code === code);

function useUp(state: RunState, code: string): void {
  state.down = state.down.map((each) => (each.code === code ? { ...each, used: true } : each));
}

function dropHolding(state: RunState, code: string): void {
  if (state.holding.length > 0) state.holding = state.holding.filter((each) => each.code !== code);
}

/** Masked input is dropped, or the last press is kept for when the hand-over has settled. */
function kept(
  state: RunState,
  mask: Exclude<Masked, 'through'> | null,
  press: RunState['pending'],
  say: Say,
): boolean {
  if (mask === null) return false;
  const keep = mask === 'held' && press !== null;
  if (keep && state.pending) say({ at: state.now, did: 'dropped', why: 'later' });
  if (keep) state.pending = press;
  say({ at: state.now, did: 'masked', kept: keep });
  return true;
}

/** What makes lines go by fast has come up. */
function calm(flow: Flow, state: RunState, code: string): void {
  for (const instance of allUp(state)) if (instance.talk?.fast === code) hurryTalk(flow, instance, null);
}

/** Finds the one taker of a press; null where the flow did not take it. */
function resolveCode(search: Search, press: Press, actions: readonly Id[]): Taken | null {
  const { flow, state } = search;
  const { code } = press;
  for (const level of levels(flow, state)) {
    const { source, screen, under } = level;
    if (
      !under &&
      source?.talk &&
      actions.includes('confirm') &&
      confirmTalk(flow, state, source, search.say)
    ) {
      state.holding = [...state.holding, { code, action: 'confirm', hold: HURRY, due: state.now + HURRY }];
      return { by: source };
    }
    if (!under && source && source.focus !== null) {
      if (actions.includes('confirm')) {
        activate(search, source, source.focus);
        return { by: source };
      }
      if (slides(search, source, actions)) return { by: source };
      if (isTab(code, actions) && tabTo(flow, state, source, press.back)) return { by: source };
    }
    const shortcut = under
      ? undefined
      : screen?.shortcuts.find(
          (each) => actions.includes(each.action) && canUse(flow, state, source!, each.element),
        );
    if (shortcut && source) {
      activate(search, source, shortcut.element);
      return { by: source };
    }
    const link = firstFor(search, level, actions, 'down');
    if (link) {
      tryLink(search, link, source);
      return { by: source };
    }
    if (!under && source && (turnsTabs(search, source, actions) || moveFocusOf(flow, state, source, actions)))
      return { by: source };
  }
  const held = actions.flatMap((action) =>
    (flow.holds.get(action) ?? []).map((hold) => ({ code, action, hold, due: state.now + hold })),
  );
  if (held.length > 0) state.holding = [...state.holding, ...held];
  leftOver(search, code, actions);
  return null;
}

/**
 * What no link wants goes to the game, unless it is blocked; either way it led nowhere in the flow, unless it is the
 * game's own or has a use that a modal screen covers.
 */
function leftOver(search: Search, code: string, actions: readonly Id[]): void {
  const { flow, state, say } = search;
  const game = !isBlocked(flow, state);
  if (game) {
    say({ at: state.now, did: 'to game', code, phase: 'down' });
    state.down = state.down.map((each) => (each.code === code ? { ...each, game: true } : each));
  }
  if (actions.some(isDirection) || state.holding.some((each) => each.code === code)) return;
  if (flow.project.actions.some(({ id, forGame }) => forGame && actions.includes(id))) return;
  // A link that waits for the release will still have it.
  const awaited = levels(flow, state).some(({ links }) =>
    actions.some((action) => links.action.get(action)?.some(onRelease)),
  );
  if (!awaited && !isCoveredUse(flow, state, actions))
    leadsNowhere(search, { kind: 'input', code, actions: [...actions], game });
}

/** Beneath a modal screen something waits for one of these actions. */
function isCoveredUse(flow: Flow, state: RunState, actions: readonly Id[]): boolean {
  return levels(flow, state, true).some(
    ({ under, links, screen, source }) =>
      under &&
      actions.some(
        (action) =>
          links.action.has(action) ||
          screen?.shortcuts.some((each) => each.action === action) ||
          (action === 'confirm' && source !== null && source.focus !== null),
      ),
  );
}

/** The next of what can have the focus, or the one before; after the last comes the first. */
function tabTo(flow: Flow, state: RunState, source: Instance, back: boolean): boolean {
  const order = usableNow(flow, state, source);
  if (order.length === 0) return false;
  const at = order.indexOf(source.focus!) + (back ? -1 : 1);
  setFocus(flow, state, source, order[(at + order.length) % order.length]!);
  return true;
}

/** Whether Tab goes beyond the last of what can have the focus, or with `back` beyond the first. */
export function tabLeaves(flow: Flow, state: RunState, back: boolean): boolean {
  const level = reachable(flow, state).find((each) => each.focus !== null);
  if (!level) return true;
  const order = usableNow(flow, state, level);
  return order.indexOf(level.focus!) === (back ? 0 : order.length - 1);
}

const onRelease = ({ cue }: CompiledLink): boolean => cue.on === 'action' && cue.when === 'up';

function firstFor(
  search: Search,
  { links, source, under }: Level,
  actions: readonly Id[],
  when: 'down' | 'up' | 'held',
  hold?: number,
): CompiledLink | undefined {
  let first: CompiledLink | undefined;
  for (const action of actions)
    for (const link of links.action.get(action) ?? []) {
      if (link.cue.on !== 'action' || link.cue.when !== when || (hold !== undefined && link.after !== hold))
        continue;
      if (under && !link.link.aboveModal) continue;
      if ((!first || link.index < first.index) && fits(search, link, source, under)) first = link;
    }
  return first;
}

/** Left and right move the control that has the focus, when it has a use for them. */
function slides({ flow, state, say }: Search, source: Instance, actions: readonly Id[]): boolean {
  const use = actions.find((action) => action === 'left' || action === 'right');
  return use !== undefined && useControl(flow, state, source, source.focus!, use as Use, say);
}

/** The next and the previous tab, on a screen that has tabs. */
function turnsTabs({ flow, state, say }: Search, source: Instance, actions: readonly Id[]): boolean {
  const use = actions.includes('next') ? 'right' : actions.includes('previous') ? 'left' : null;
  const tabs = use && screenOf(flow, source).tabs.find((each) => canUse(flow, state, source, each.element));
  if (!tabs) return false;
  useControl(flow, state, source, tabs.element, use, say);
  settleFocus(flow, state);
  return true;
}

/** Activates an element: its own use, else its first press link that fits. */
function activate(search: Search, source: Instance, element: Id, share?: number): void {
  const { flow, state, say } = search;
  if (!canUse(flow, state, source, element)) return;
  beginPressed(flow, state, source, element);
  if (pressChoice(flow, state, source, element, say)) return;
  const spot = { serial: source.serial, element, ...(share === undefined ? {} : { share }) };
  if (take(flow, state, spot)) return;
  if (useAlong(flow, state, spot, 'press', say) || useControl(flow, state, source, element, 'confirm', say))
    return settleFocus(flow, state);
  const links = screenOf(search.flow, source).links.press.get(element) ?? [];
  const link = links.find((each) => fits(search, each, source));
  const pressed = screenOf(flow, source).byId.get(element);
  if (link) tryLink(search, link, source);
  else if (pressed && hasOwnUse(pressed.type)) return;
  else if (pressed?.type === 'address') say({ at: state.now, did: 'address', url: pressed.url });
  else leadsNowhere(search, { kind: 'press', spot: { serial: source.serial, element } });
}

/** A key or button came up: links for that, where nothing has used the press. */
export function releaseCode(flow: Flow, state: RunState, code: string, say: Say): void {
  const down = state.down.find((each) => each.code === code);
  state.down = state.down.filter((each) => each.code !== code);
  dropHolding(state, code);
  calm(flow, state, code);
  if (down?.game) say({ at: state.now, did: 'to game', code, phase: 'up' });
  if (!down || down.used || maskOf(state) !== null) return;
  const actions = bindingsNow(flow, state).get(code) ?? [];
  if (maskOfClosing(flow, state, (search) => resolveAction(search, actions, 'up', down.before)) !== null)
    return;
  resolveAction(searchOf(flow, state, say), actions, 'up', down.before);
}

export function resolveHold(flow: Flow, state: RunState, held: Holding, say: Say): void {
  if (maskOf(state) !== null) return;
  if (held.hold === HURRY && held.action === 'confirm') {
    const talker = reachable(flow, state).find((each) => each.talk);
    if (talker) hurryTalk(flow, talker, held.code);
    return;
  }
  const before = state.down.find((each) => each.code === held.code)?.before ?? Infinity;
  const press = (search: Search): Taken | null =>
    resolveAction(search, [held.action], 'held', before, held.hold);
  if (maskOfClosing(flow, state, press) !== null || !press(searchOf(flow, state, say))) return;
  useUp(state, held.code);
  dropHolding(state, held.code);
}

/** Gives a release, or a key that is still down, to whom it is for: what came up before the key went down. */
function resolveAction(
  search: Search,
  actions: readonly Id[],
  when: 'up' | 'held',
  before: number,
  hold?: number,
): Taken | null {
  for (const level of levels(search.flow, search.state)) {
    if (level.source !== null && level.source.serial >= before) continue;
    const link = firstFor(search, level, actions, when, hold);
    if (!link) continue;
    tryLink(search, link, level.source);
    return { by: level.source };
  }
  return null;
}

/** A key that is held down goes on moving the focus, or the control that has it; not on what came after it went down. */
function repeatCode(search: Search, code: string, actions: readonly Id[]): void {
  const { flow, state } = search;
  const before = state.down.find((each) => each.code === code)?.before ?? Infinity;
  const closing = closingOf(flow, state);
  for (const level of reachable(flow, state)) {
    if (level.serial >= before || isBeneath(closing, level)) return;
    if (level.focus !== null && slides(search, level, actions)) return;
    if (moveFocusOf(flow, state, level, actions)) return;
  }
}

function moveFocusOf(flow: Flow, state: RunState, level: Instance, actions: readonly Id[]): boolean {
  const next = focusMove(flow, state, level, actions);
  if (next !== null) setFocus(flow, state, level, next);
  return next !== null;
}

/** The pointer or a finger went down on a spot. */
export function pressSpot(flow: Flow, state: RunState, spot: Spot | null, device: Device, say: Say): void {
  if (device !== 'pointer' && device !== 'touch') return;
  const keeps = spot?.element ? { spot, device } : null;
  if (kept(state, maskOf(state), keeps, say)) return;
  const closing = maskOfClosing(flow, state, (search) => trySpot(search, spot));
  if (kept(state, closing, keeps, say)) return;
  state.pressed = null;
  state.taking = null;
  const level = reachable(flow, state).find((each) => each.serial === spot?.serial);
  const talker = spot ? undefined : talkerNow(flow, state);
  const said = talker !== undefined && confirmTalk(flow, state, talker, say);
  // A press on nothing is no use of the pointer: the focus stays to be seen.
  if (said || (spot?.element && level)) state.device = device;
  if (said)
    state.holding = [
      ...state.holding,
      { code: PRESS, action: 'confirm', hold: HURRY, due: state.now + HURRY },
    ];
  if (!spot?.element || !level) return;
  state.pressed = spot;
  const has = screenOf(flow, level).focus.order.includes(spot.element);
  // What cannot be used takes no focus either.
  if (level.focus !== null && has && canUse(flow, state, level, spot.element))
    focusUnder(flow, state, level, spot.element);
  const slider = screenOf(flow, level).byId.get(spot.element)?.type === 'slider';
  if (slider && canUse(flow, state, level, spot.element)) useAlong(flow, state, spot, 'drag', say);
}

const talkerNow = (flow: Flow, state: RunState): Instance | undefined =>
  reachable(flow, state).find((each) => each.talk);

/** What a press and release on a spot would do. */
function trySpot(search: Search, spot: Spot | null): Taken | null {
  const { flow, state, say } = search;
  if (!spot) {
    const talker = talkerNow(flow, state);
    return talker && confirmTalk(flow, state, talker, say) ? { by: talker } : null;
  }
  const level = reachable(flow, state).find((each) => each.serial === spot.serial);
  if (!level || !spot.element) return null;
  activate(search, level, spot.element, spot.share);
  return { by: level };
}

/** What is pressed gets the focus where it stands: nothing is scrolled away from under a finger. */
function focusUnder(flow: Flow, state: RunState, level: Instance, element: Id): void {
  const area = scrollableRound(flow, level, element);
  const at = area === null ? null : scrollOf(screenOf(flow, level), area, level.focus, level.scrolled);
  setFocus(flow, state, level, element);
  if (area !== null && at) level.scrolled = { area, x: -at.x, y: -at.y };
}

function scrollableRound(flow: Flow, level: Instance, element: Id): Id | null {
  const { byId } = screenOf(flow, level);
  for (let at = byId.get(element)?.parent ?? null; at !== null; at = byId.get(at)?.parent ?? null) {
    const panel = byId.get(at);
    if (panel?.type === 'panel' && panel.overflow === 'scrolls') return at;
  }
  return null;
}

/** It came up: on the same spot, that element is activated. */
export function releaseSpot(flow: Flow, state: RunState, spot: Spot | null, say: Say): void {
  const { pressed } = state;
  state.pressed = null;
  dropHolding(state, PRESS);
  calm(flow, state, PRESS);
  if (!pressed?.element || spot?.serial !== pressed.serial || spot.element !== pressed.element) return;
  if (maskOf(state) !== null) return;
  const level = reachable(flow, state).find((each) => each.serial === pressed.serial);
  if (level) activate(searchOf(flow, state, say), level, pressed.element, spot.share);
}

/** The press kept while input was masked is looked at afresh; dropped when its element is gone. */
export function resolvePending(flow: Flow, state: RunState, say: Say): void {
  const { pending } = state;
  state.pending = null;
  if (!pending) return;
  state.device = pending.device;
  const search = searchOf(flow, state, say);
  if ('code' in pending) {
    const used = resolveCode(search, pending, bindingsNow(flow, state).get(pending.code) ?? []);
    if (!isDown(state, pending.code)) dropHolding(state, pending.code);
    else if (used) useUp(state, pending.code);
    return;
  }
  const { serial, element } = pending.spot;
  const level = reachable(flow, state).find((each) => each.serial === serial);
  if (level && element) activate(search, level, element);
  else say({ at: state.now, did: 'dropped', why: 'gone' });
}

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
  for (const { links, source, under } of levels(flow, state, true)) {
    const link = links.event.get(event)?.find((each) => fits(search, each, source, under));
    if (!link) continue;
    tryLink(search, link, source);
    return;
  }
  if (!told && over.length === 0) leadsNowhere(search, { kind: 'event', event, fields });
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
      // What has failed without a way on may fail, or be done, another time.
      if (instance.progress === FAILED && instance.timers[LIMIT] === FIRED) setTimer(instance, LIMIT, 0);
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
  const [least, most] = loading.range;
  const share = most > least ? (Number(fields[loading.field] ?? 0) - least) / (most - least) : 1;
  return Math.min(1, Math.max(0, share));
}

/** The content of a screen has finished: its own link for that, with no search. */
export function finish(flow: Flow, state: RunState, instance: Instance, say: Say): void {
  cueOf(flow, state, instance, 'done', say);
}

/** The content of a screen could not be loaded. */
export function fail(flow: Flow, state: RunState, instance: Instance, say: Say): void {
  cueOf(flow, state, instance, 'failed', say);
}

function cueOf(flow: Flow, state: RunState, instance: Instance, on: 'done' | 'failed', say: Say): void {
  const search = searchOf(flow, state, say);
  const link = screenOf(flow, instance).links[on].find((each) => fits(search, each, instance));
  // What has loaded cannot fail any more; what has failed can still be done where failing leads nowhere.
  if (on === 'done' || link) setTimer(instance, DONE, FIRED);
  setTimer(instance, LIMIT, FIRED);
  if (link) tryLink(search, link, instance);
  else leadsNowhere(search, { kind: on, screen: instance.screen });
}
