import type { CompiledLink, Flow } from '../compile';
import type { Id } from '../model';
import { focusShown, isBlocked, maskOf, reachable, screenOf, standing } from './derived';
import { focusMove, isDirection, setFocus } from './focus';
import type { Say } from './outcome';
import type { Device, Holding, Instance, RunState, Spot } from './state';
import { fits, tryLink } from './take';

/** A key or pad button went down. */
export function pressCode(
  flow: Flow,
  state: RunState,
  code: string,
  device: 'keys' | 'pad',
  repeat: boolean,
  say: Say,
): void {
  const actions = flow.bindings.get(code) ?? [];
  if (repeat || isDown(state, code)) {
    if (maskOf(state) === null) moveFocus(flow, state, actions.filter(isDirection));
    return;
  }
  state.down = [...state.down, { code, used: false }];
  if (kept(state, actions.includes('confirm') ? null : { code, device }, say)) return;
  const reveals = !focusShown(state) && actions.some((action) => isDirection(action) || action === 'confirm');
  state.device = device;
  if (reveals && reachable(flow, state).some((level) => level.focus !== null)) return;
  if (resolveCode(flow, state, code, actions, say)) useUp(state, code);
}

export const isDown = (state: RunState, code: string): boolean =>
  state.down.some((each) => each.code === code);

function useUp(state: RunState, code: string): void {
  state.down = state.down.map((each) => (each.code === code ? { code, used: true } : each));
}

function dropHolding(state: RunState, code: string): void {
  if (state.holding.length > 0) state.holding = state.holding.filter((each) => each.code !== code);
}

/** Masked input is dropped, or the last press is kept for when the hand-over has settled. */
function kept(state: RunState, press: RunState['pending'], say: Say): boolean {
  const mask = maskOf(state);
  if (mask === null) return false;
  const keep = mask === 'held' && press !== null;
  if (keep) state.pending = press;
  say({ at: state.now, did: 'masked', kept: keep });
  return true;
}

/** Finds the one taker of a press. Returns whether the flow took it. */
function resolveCode(flow: Flow, state: RunState, code: string, actions: readonly Id[], say: Say): boolean {
  for (const level of reachable(flow, state)) {
    const screen = screenOf(flow, level);
    if (level.focus !== null && actions.includes('confirm')) {
      activate(flow, state, level, level.focus, say);
      return true;
    }
    const link = firstFor(state, screen.links.action, actions, 'down', level);
    if (link) {
      tryLink(flow, state, link, level, say);
      return true;
    }
    if (moveFocusOf(flow, state, level, actions)) return true;
  }
  const shared = firstFor(state, flow.shared.action, actions, 'down', null);
  if (shared) {
    tryLink(flow, state, shared, null, say);
    return true;
  }
  const held = actions.flatMap((action) =>
    (flow.holds.get(action) ?? []).map((hold) => ({ code, action, hold, due: state.now + hold })),
  );
  if (held.length > 0) state.holding = [...state.holding, ...held];
  leftOver(flow, state, code, actions, say);
  return false;
}

/** What no link wants goes to the game, unless it is blocked; either way it led nowhere in the flow. */
function leftOver(flow: Flow, state: RunState, code: string, actions: readonly Id[], say: Say): void {
  const game = !isBlocked(flow, state);
  if (game) say({ at: state.now, did: 'to game', code });
  if (actions.some(isDirection) || state.holding.some((each) => each.code === code)) return;
  // A link that waits for the release will still have it.
  const tables = [...reachable(flow, state).map((level) => screenOf(flow, level).links), flow.shared];
  const awaited = tables.some((links) => actions.some((action) => links.action.get(action)?.some(onRelease)));
  if (!awaited)
    say({ at: state.now, did: 'nowhere', what: { kind: 'input', code, actions: [...actions], game } });
}

const onRelease = ({ cue }: CompiledLink): boolean => cue.on === 'action' && cue.when === 'up';

function firstFor(
  state: RunState,
  table: ReadonlyMap<Id, CompiledLink[]>,
  actions: readonly Id[],
  when: 'down' | 'up' | 'held',
  source: Instance | null,
  hold?: number,
): CompiledLink | undefined {
  let first: CompiledLink | undefined;
  for (const action of actions)
    for (const link of table.get(action) ?? []) {
      if (link.cue.on !== 'action' || link.cue.when !== when || (hold !== undefined && link.after !== hold))
        continue;
      if ((!first || link.index < first.index) && fits(state, link, source)) first = link;
    }
  return first;
}

/** Activates an element: its first press link that fits. */
function activate(flow: Flow, state: RunState, level: Instance, element: Id, say: Say): void {
  const links = screenOf(flow, level).links.press.get(element) ?? [];
  const link = links.find((each) => fits(state, each, level));
  if (link) tryLink(flow, state, link, level, say);
  else
    say({ at: state.now, did: 'nowhere', what: { kind: 'press', spot: { serial: level.serial, element } } });
}

/** A key or button came up: links for that, where nothing has used the press. */
export function releaseCode(flow: Flow, state: RunState, code: string, say: Say): void {
  const used = state.down.find((each) => each.code === code)?.used;
  state.down = state.down.filter((each) => each.code !== code);
  dropHolding(state, code);
  if (used !== false || maskOf(state) !== null) return;
  resolveAction(flow, state, flow.bindings.get(code) ?? [], 'up', undefined, say);
}

export function resolveHold(flow: Flow, state: RunState, held: Holding, say: Say): void {
  if (maskOf(state) !== null) return;
  if (!resolveAction(flow, state, [held.action], 'held', held.hold, say)) return;
  useUp(state, held.code);
  dropHolding(state, held.code);
}

function resolveAction(
  flow: Flow,
  state: RunState,
  actions: readonly Id[],
  when: 'up' | 'held',
  hold: number | undefined,
  say: Say,
): boolean {
  for (const level of [...reachable(flow, state), null]) {
    const table = level === null ? flow.shared : screenOf(flow, level).links;
    const link = firstFor(state, table.action, actions, when, level, hold);
    if (!link) continue;
    tryLink(flow, state, link, level, say);
    return true;
  }
  return false;
}

function moveFocus(flow: Flow, state: RunState, actions: readonly Id[]): void {
  for (const level of reachable(flow, state)) if (moveFocusOf(flow, state, level, actions)) return;
}

function moveFocusOf(flow: Flow, state: RunState, level: Instance, actions: readonly Id[]): boolean {
  const next = focusMove(flow, level, actions);
  if (next !== null) setFocus(flow, state, level, next);
  return next !== null;
}

/** The pointer or a finger went down on a spot. */
export function pressSpot(flow: Flow, state: RunState, spot: Spot | null, device: Device, say: Say): void {
  if (device !== 'pointer' && device !== 'touch') return;
  if (kept(state, spot?.element ? { spot, device } : null, say)) return;
  state.device = device;
  state.pressed = null;
  const level = reachable(flow, state).find((each) => each.serial === spot?.serial);
  if (!spot?.element || !level) return;
  state.pressed = spot;
  if (screenOf(flow, level).focus.order.includes(spot.element)) setFocus(flow, state, level, spot.element);
}

/** It came up: on the same spot, that element is activated. */
export function releaseSpot(flow: Flow, state: RunState, spot: Spot | null, say: Say): void {
  const { pressed } = state;
  state.pressed = null;
  if (!pressed?.element || spot?.serial !== pressed.serial || spot.element !== pressed.element) return;
  if (maskOf(state) !== null) return;
  const level = reachable(flow, state).find((each) => each.serial === pressed.serial);
  if (level) activate(flow, state, level, pressed.element, say);
}

/** The press kept while input was masked is looked at afresh; dropped when its element is gone. */
export function resolvePending(flow: Flow, state: RunState, say: Say): void {
  const { pending } = state;
  state.pending = null;
  if (!pending) return;
  state.device = pending.device;
  if ('code' in pending) {
    const used = resolveCode(flow, state, pending.code, flow.bindings.get(pending.code) ?? [], say);
    if (!isDown(state, pending.code)) dropHolding(state, pending.code);
    else if (used) useUp(state, pending.code);
    return;
  }
  const { serial, element } = pending.spot;
  const level = reachable(flow, state).find((each) => each.serial === serial);
  if (level && element) activate(flow, state, level, element, say);
}

/** An event from the game: searched all the way down, whatever is modal. */
export function receiveEvent(flow: Flow, state: RunState, event: Id, say: Say): void {
  for (const level of [...standing(state).reverse(), null]) {
    const table = level === null ? flow.shared : screenOf(flow, level).links;
    const link = table.event.get(event)?.find((each) => fits(state, each, level));
    if (!link) continue;
    tryLink(flow, state, link, level, say);
    return;
  }
  say({ at: state.now, did: 'nowhere', what: { kind: 'event', event } });
}
