import type { Flow } from '@tavu/core/compile';
import type { Id } from '@tavu/core/model';
import { elementOf, triggerOf } from '@tavu/core/triggers';
import { type Outcome, type RunState, focusHolder } from '@tavu/core/run';

/** What the project has sound by itself for a step a player made: one sound at most. */
export function usualSound(
  flow: Flow,
  before: RunState,
  state: RunState,
  outcomes: readonly Outcome[],
): Id | null {
  const rules = flow.project.sound ?? {};
  for (const outcome of outcomes) {
    if (outcome.did === 'link' && triggerOf(outcome.trigger).byHand) {
      const element = elementOf(outcome.trigger);
      const own = element === null ? undefined : soundOf(flow, outcome.from, element);
      const kind = flow.links.get(outcome.link)?.kind;
      const usual =
        kind === 'back' || kind === 'clear' ? rules.back : kind === 'open' ? rules.open : rules.press;
      return own ?? usual ?? (element === null ? undefined : rules.press) ?? null;
    }
    // A value set by a control: links and the game have other origins.
    if (outcome.did === 'set' && outcome.by !== null && !flow.links.has(outcome.by))
      return rules.press ?? null;
  }
  const focus = focusOf(flow, state);
  const had = focusOf(flow, before);
  const moved =
    focus !== null && had !== null && focus.serial === had.serial && focus.element !== had.element;
  return moved && (state.device === 'keys' || state.device === 'pad') ? (rules.focus ?? null) : null;
}

function soundOf(flow: Flow, screen: Id, element: Id): Id | undefined {
  const found = flow.screens.get(screen)?.byId.get(element);
  return found && 'sound' in found ? found.sound : undefined;
}

function focusOf(flow: Flow, state: RunState): { serial: number; element: Id } | null {
  const holder = focusHolder(flow, state);
  return holder ? { serial: holder.serial, element: holder.focus! } : null;
}
