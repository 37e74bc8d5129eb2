import type { Flow } from '@tavu/core/compile';
import type { Id, StateName } from '@tavu/core/model';
import { boxStyle } from '@tavu/core/style';
import { elementOf, triggerOf } from '@tavu/core/triggers';
import { allUp, type Outcome, type RunState, focusHolder } from '@tavu/core/run';

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
      const pressed = element === null ? undefined : stateSound(flow, outcome.from, element, 'pressed');
      // A pointer was heard when it came down.
      if (own === undefined && pressed !== undefined) return isPointer(state) ? null : pressed;
      const kind = flow.links.get(outcome.link)?.kind;
      const usual =
        kind === 'back' || kind === 'clear' ? rules.back : kind === 'open' ? rules.open : rules.press;
      return own ?? usual ?? (element === null ? undefined : rules.press) ?? null;
    }
    // A value set by a control: links and the game have other origins.
    if (outcome.did === 'set' && outcome.by !== null && !flow.links.has(outcome.by))
      return rules.press ?? null;
  }
  const came = arrived(flow, before, state);
  if (came !== undefined) return came;
  const focus = focusOf(flow, state);
  const had = focusOf(flow, before);
  const moved =
    focus !== null && had !== null && focus.serial === had.serial && focus.element !== had.element;
  if (!moved || isPointer(state)) return null;
  return stateSound(flow, screenOf(state, focus), focus.element, 'focused') ?? rules.focus ?? null;
}

const isPointer = ({ device }: RunState): boolean => device !== 'keys' && device !== 'pad';

/** The sound of what a pointer has just come to rest on, or down on; undefined where that has none of its own. */
function arrived(flow: Flow, before: RunState, state: RunState): Id | undefined {
  for (const [at, was, name] of [
    [state.pressed, before.pressed, 'pressed'],
    [state.hover, before.hover, 'hovered'],
  ] as const) {
    if (!at?.element || (was && was.serial === at.serial && was.element === at.element)) continue;
    const sound = stateSound(flow, screenOf(state, at), at.element, name);
    if (sound !== undefined) return sound;
  }
  return undefined;
}

/** The screen of what is up, by its serial. */
const screenOf = (state: RunState, { serial }: { serial: number }): Id =>
  allUp(state).find((instance) => instance.serial === serial)?.screen ?? '';

/** The sound of an element’s look in a state. */
function stateSound(flow: Flow, screen: Id, element: Id, state: StateName): Id | undefined {
  const found = flow.screens.get(screen)?.byId.get(element);
  return found && 'box' in found ? boxStyle(flow.project, found.box)[state]?.sound : undefined;
}

function soundOf(flow: Flow, screen: Id, element: Id): Id | undefined {
  const found = flow.screens.get(screen)?.byId.get(element);
  return found && 'sound' in found ? found.sound : undefined;
}

function focusOf(flow: Flow, state: RunState): { serial: number; element: Id } | null {
  const holder = focusHolder(flow, state);
  return holder ? { serial: holder.serial, element: holder.focus! } : null;
}
