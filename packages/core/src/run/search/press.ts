import type { Flow } from '../../compile';
import type { Id } from '../../model';
import {
  closingOf,
  type Device,
  focusShown,
  isBeneath,
  isBlocked,
  maskOf,
  reachable,
  type RunState,
  type Say,
  focusHolder,
} from '../state';
import { canUse, isDirection } from '../focus';
import { actionsOf } from './bindings';
import { confirmTalk } from '../dialogue';
import { HURRY, isDown, useUp } from './down';
import { takeCode, takerNow } from './capture';
import { type Search, tryLink } from '../links';
import { activate } from './activate';
import { firstFor, leadsNowhere, levels, searchOf } from './levels';
import { maskPress, maskOfClosing, type Taken } from './mask';
import { isTab, moveFocusOf, slides, tabTo, turnsTabs } from './directions';

/** A key, pad button or gesture; `back` is Shift with Tab. */
interface Press {
  code: string;
  device: Device;
  back: boolean;
}

/** A key or pad button went down, or a gesture was made. */
export function pressCode(flow: Flow, state: RunState, press: Press, repeat: boolean, say: Say): void {
  const { code, device } = press;
  const actions = actionsOf(flow, state, code);
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
  if (maskPress(state, maskOf(state), keeps, say)) return;
  const hands = device === 'keys' || device === 'pad';
  const reveals =
    hands &&
    !focusShown(state) &&
    (isTab(code, actions) || actions.some((action) => isDirection(action) || action === 'confirm'));
  if (!reveals) {
    const closing = maskOfClosing(flow, state, (search) => resolveCode(search, press, actions));
    if (maskPress(state, closing, keeps, say)) return;
  }
  state.device = device;
  if (reveals && focusHolder(flow, state)) return;
  if (resolveCode(searchOf(flow, state, say), press, actions)) useUp(state, code);
}

/** Finds the one taker of a press; null where the flow did not take it. */
export function resolveCode(search: Search, press: Press, actions: readonly Id[]): Taken | null {
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
          (other) => actions.includes(other.action) && canUse(flow, state, source!, other.element),
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
    state.down = state.down.map((pressed) => (pressed.code === code ? { ...pressed, game: true } : pressed));
  }
  if (actions.some(isDirection) || state.holding.some((holding) => holding.code === code)) return;
  if (flow.project.actions.some(({ id, forGame }) => forGame && actions.includes(id))) return;
  // A link that waits for the release can still take it.
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
          screen?.shortcuts.some((shortcut) => shortcut.action === action) ||
          (action === 'confirm' && source !== null && source.focus !== null),
      ),
  );
}

/**
 * A key that is held down goes on moving the focus, or the control that has it; not on what came after it went down.
 */
function repeatCode(search: Search, code: string, actions: readonly Id[]): void {
  const { flow, state } = search;
  const before = state.down.find((pressed) => pressed.code === code)?.before ?? Infinity;
  const closing = closingOf(flow, state);
  for (const level of reachable(flow, state)) {
    if (level.serial >= before || isBeneath(closing, level)) return;
    if (level.focus !== null && slides(search, level, actions)) return;
    if (moveFocusOf(flow, state, level, actions)) return;
  }
}
