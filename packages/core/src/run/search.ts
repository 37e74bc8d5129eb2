import type { Use } from '../elements';
import type { CompiledLink, Flow } from '../compile';
import type { Id } from '../model';
import { allUp, closingOf, focusShown, isBeneath, isBlocked, maskOf, reachable, screenOf } from './derived';
import { canUse } from './away';
import { bindingsNow } from './bindings';
import { confirmTalk, hurryTalk } from './conversing';
import { useControl } from './control';
import { takeCode, takerNow } from './taking';
import { fits, type Search } from './fit';
import { focusMove, isDirection, setFocus, settleFocus, usableNow } from './focus';
import type { Say } from './outcome';
import type { Device, Holding, Instance, RunState } from './state';
import { tryLink } from './take';
import { activate } from './activate';
import { leadsNowhere, levels, searchOf, type Level } from './levels';
import { kept, maskOfClosing, type Taken } from './mask';

/** So long a confirm is held until lines go by fast, in microseconds. */
export const HURRY = 600_000;
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
export const isDown = (state: RunState, code: string): boolean =>
  state.down.some((each) => each.code === code);

function useUp(state: RunState, code: string): void {
  state.down = state.down.map((each) => (each.code === code ? { ...each, used: true } : each));
}

export function dropHolding(state: RunState, code: string): void {
  if (state.holding.length > 0) state.holding = state.holding.filter((each) => each.code !== code);
}
/** What makes lines go by fast has come up. */
export function calm(flow: Flow, state: RunState, code: string): void {
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
    actions.some((action) => links.searched.action.get(action)?.some(({ phase }) => phase === 'up')),
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
          links.searched.action.has(action) ||
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

function firstFor(
  search: Search,
  { links, source, under }: Level,
  actions: readonly Id[],
  when: 'down' | 'up' | 'held',
  hold?: number,
): CompiledLink | undefined {
  let first: CompiledLink | undefined;
  for (const action of actions)
    for (const link of links.searched.action.get(action) ?? []) {
      if (link.phase !== when || (hold !== undefined && link.after !== hold)) continue;
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
