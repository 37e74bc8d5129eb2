import type { CompiledLink, CompiledScreen, Flow, LinkTable } from '../../compile';
import type { Id } from '../../model';
import {
  areasOf,
  beneathOverlays,
  type Instance,
  liesOverAll,
  type Nowhere,
  type RunState,
  type Say,
  type Scalars,
  screenOf,
} from '../state';
import { fits, type Search } from '../links';

/** A place that is asked whether it takes an input: something up, an area, or the project. */
export interface Level {
  source: Instance | null;
  screen: CompiledScreen | null;
  links: LinkTable;
  /** A modal overlay lies above it. */
  under: boolean;
}

/** All that can take an input, in the order they are asked; `deep` also beneath what is modal, where events go. */
export function levels(flow: Flow, state: RunState, deep = flow.asksAbove): Level[] {
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

export const searchOf = (flow: Flow, state: RunState, say: Say, fields: Scalars | null = null): Search => ({
  flow,
  state,
  say,
  fields,
  passed: [],
});

export function leadsNowhere({ state, say, passed }: Search, what: Nowhere): void {
  say({ at: state.now, did: 'nowhere', what, ...(passed.length > 0 ? { passed } : {}) });
}

/**
 * The first link of a level, in the order of the project, that one of these actions triggers now.
 * @param hold microseconds the key has been held, for long presses
 */
export function firstFor(
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
