import { gapName } from '@tavu/core/compile';
import { LANGUAGE, type Id, type Scalar } from '@tavu/core/model';
import { allUp, isBlocked, isFrozen, skinNow, type Outcome, type RunState } from '@tavu/core/run';
import { languagesOf, notify, speak, useStudio, wear } from '../store';
import { ask } from './asking';
import { isAside } from './aside';
import { isTurning, putOff, remember, stateBefore } from './past';
import { livePlayer } from './player';
import { REMEMBERED, runLog, useRun, type Asked, type Span } from './state';

const { getState, setState } = useRun;
/** What came of a step, told to everything around the run. */
export function hear(outcomes: readonly Outcome[], state: RunState): void {
  if (isAside()) return;
  followLanguage(state.values[LANGUAGE]);
  followSkin(state);
  const told = getState();
  const up = allUp(state).map((instance) => instance.screen);
  const changed =
    outcomes.length > 0 ||
    state.values !== told.values ||
    state.lists !== told.lists ||
    state.saves !== told.saves ||
    up.length !== told.up.length ||
    up.some((id, i) => id !== told.up[i]);
  const shown = {
    ...gameOf(state),
    values: state.values,
    lists: state.lists,
    saves: state.saves,
  };
  if (putOff(outcomes, (all) => hear(all, state))) {
    if (changed) setState({ ...shown, up });
    return;
  }
  const before = stateBefore(state);
  if (!changed && Math.abs(state.now - told.now) < 90_000) return;
  const seen = { now: state.now, game: state.game, ...shown };
  if (isTurning()) {
    setState({ ...seen, up });
    return;
  }
  remember(state, changed);
  if (!changed) {
    setState({ ...seen, end: state.now });
    return;
  }
  const { project } = useStudio.getState();
  for (const outcome of outcomes) runLog.add(outcome, before, project);
  const link = outcomes.filter((outcome) => outcome.did === 'link').at(-1);
  for (const outcome of outcomes)
    if (outcome.did === 'address') notify(`Here the player would be asked whether to open ${outcome.url}.`);
  setState({
    ...seen,
    // An edit while the run has been taken back leaves what came later where it is.
    end: told.held && outcomes.length === 0 ? Math.max(told.end, state.now) : state.now,
    up,
    logged: runLog.changes,
    spans: spansOf(told.spans, state),
    ...(link ? { lastLink: link.link } : {}),
  });
  if (link) glow(link.link);
  if (link || up.join() !== told.up.join()) setState({ unusedKey: null });
  const what = told.making && !told.asking ? deadEnd(outcomes) : null;
  // Keys are pressed by the way in any game, so one without a use never stops it.
  if (what?.kind === 'input') setState({ unusedKey: { what, before } });
  else if (what) ask(what, before);
}

/** The player's language as it was last heard. */
let heard: Scalar | undefined;

/** Live speaks the language the game has come to speak; one chosen in the window stays until then. */
function followLanguage(now: Scalar | undefined): void {
  if (now === heard) return;
  heard = now;
  const [written] = languagesOf(useStudio.getState().project);
  speak(now === undefined || now === written?.code ? null : String(now));
}

/** The skin the run was last heard to wear. */
let worn: Id | null = null;

/** Live wears the skin that the game has come to wear; one chosen in the window stays until then. */
function followSkin(state: RunState): void {
  const now = skinNow(useStudio.getState().flow, state);
  if (now === worn) return;
  worn = now;
  wear(now);
}

/** The first thing in a step that leads nowhere, or comes up without being made. */
function deadEnd(outcomes: readonly Outcome[]): Asked | null {
  for (const outcome of outcomes) {
    if (outcome.did === 'nowhere') return outcome.what;
    if (outcome.did === 'up' && gapName(outcome.screen) !== null)
      return { kind: 'gap', screen: outcome.screen };
  }
  return null;
}

/** How long the last link taken is lit on the map, in milliseconds. */
const GLOW = 2500;
let fading: ReturnType<typeof setTimeout> | undefined;

function glow(link: Id): void {
  clearTimeout(fading);
  fading = setTimeout(() => {
    if (getState().lastLink === link) setState({ lastLink: null });
  }, GLOW);
}

function gameOf(state: RunState): { frozen: boolean; blocked: boolean } {
  const flow = livePlayer()?.flow ?? useStudio.getState().flow;
  return { frozen: isFrozen(flow, state), blocked: isBlocked(flow, state) };
}

function spansOf(before: readonly Span[], state: RunState): Span[] {
  const up = allUp(state);
  const kept = before
    .filter((span) => span.until === null || span.until > state.now - REMEMBERED)
    .map((span) =>
      span.until === null && !up.some((instance) => instance.serial === span.serial)
        ? { ...span, until: state.now }
        : span,
    );
  const known = new Set(kept.map((span) => span.serial));
  const fresh = up
    .filter((instance) => !known.has(instance.serial))
    .map(({ serial, screen, taken }) => ({ serial, screen, from: taken, until: null }));
  return [...kept, ...fresh];
}
