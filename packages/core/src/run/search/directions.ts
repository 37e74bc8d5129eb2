import type { Use } from '../../elements';
import type { Flow } from '../../compile';
import type { Id } from '../../model';
import { type Instance, type RunState, screenOf, focusHolder } from '../state';
import { canUse, focusMove, setFocus, settleFocus, usableNow } from '../focus';
import { useControl } from './control';
import type { Search } from '../links';

/** What directions, Tab and the two sides of tabs do where the focus is. */

/** Tab goes along the order of the focus where it is bound to nothing else. */
export const isTab = (code: string, actions: readonly Id[]): boolean =>
  code === 'Tab' && actions.length === 0;

/** The next of what can have the focus, or the one before; after the last comes the first. */
export function tabTo(flow: Flow, state: RunState, source: Instance, back: boolean): boolean {
  const order = usableNow(flow, state, source);
  if (order.length === 0) return false;
  const at = order.indexOf(source.focus!) + (back ? -1 : 1);
  setFocus(flow, state, source, order[(at + order.length) % order.length]!);
  return true;
}

/** Whether Tab goes beyond the last of what can have the focus, or with `back` beyond the first. */
export function tabLeaves(flow: Flow, state: RunState, back: boolean): boolean {
  const level = focusHolder(flow, state);
  if (!level) return true;
  const order = usableNow(flow, state, level);
  return order.indexOf(level.focus!) === (back ? 0 : order.length - 1);
}

/** Left and right move the control that has the focus, when it has a use for them. */
export function slides({ flow, state, say }: Search, source: Instance, actions: readonly Id[]): boolean {
  const use = actions.find((action) => action === 'left' || action === 'right');
  return use !== undefined && useControl(flow, state, source, source.focus!, use as Use, say);
}

/** The next and the previous tab, on a screen that has tabs. */
export function turnsTabs({ flow, state, say }: Search, source: Instance, actions: readonly Id[]): boolean {
  const use = actions.includes('next') ? 'right' : actions.includes('previous') ? 'left' : null;
  const tabs = use && screenOf(flow, source).tabs.find((tab) => canUse(flow, state, source, tab.element));
  if (!tabs) return false;
  useControl(flow, state, source, tabs.element, use, say);
  settleFocus(flow, state);
  return true;
}

/** A direction moves the focus, where something lies that way. */
export function moveFocusOf(flow: Flow, state: RunState, level: Instance, actions: readonly Id[]): boolean {
  const next = focusMove(flow, state, level, actions);
  if (next !== null) setFocus(flow, state, level, next);
  return next !== null;
}
