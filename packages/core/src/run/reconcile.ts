import { gapName, type Flow } from '../compile';
import { fitScalar, type Id } from '../model';
import {
  allUp,
  areasOf,
  DONE,
  fork,
  type Instance,
  LIMIT,
  fitBars,
  fitLists,
  syncFocusAnimations,
  type RunState,
  type Scalars,
  screenOf,
  STAY,
  TALK,
  chosenValues,
  valuesFrom,
} from './state';
import { bringUp, syncHuds } from './links';
import { withRows } from './rows';
import { arrivalFocus, noteResting, settleFocus, syncFaces } from './focus';
import { bindingsNow, HURRY, takerNow } from './search';

/**
 * Fits a run state to a changed project. What is up stays up by id; a base that is gone gives way to the trail, else to
 * the start; timers keep what they have run. The result is always valid, and doing it twice changes nothing.
 */
export function reconcile(whole: Flow, before: RunState): RunState {
  const bare = whole.bare ?? whole;
  const state = fork(before);
  const stays = (id: Id, layer: Instance['layer']): boolean => bare.screens.get(id)?.layer === layer;
  state.trail = state.trail
    .filter((entry) => stays(entry.screen, 'base'))
    .map((entry) => ({
      ...entry,
      overlays: entry.overlays.filter((overlay) => stays(overlay.screen, 'overlay')),
    }));
  state.leaving = state.leaving.filter((picture) => bare.screens.has(picture.screen));
  state.overlays = state.overlays.filter(
    (overlay) => stays(overlay.screen, 'overlay') || becomes(bare, overlay),
  );
  state.notices = state.notices.filter((notice) => stays(notice.screen, 'notice'));
  state.huds = state.huds.filter((hud) => stays(hud.screen, 'hud'));
  if (!stays(state.base.screen, 'base') && !becomes(bare, state.base)) replaceBase(bare, state);
  dropRepeats(state);
  state.ahead = Object.fromEntries(
    Object.entries(state.ahead).filter(([id]) =>
      bare.loadsByEvents.some((loadsByEvent) => loadsByEvent.id === id),
    ),
  );
  state.said = Object.fromEntries(
    Object.entries(state.said).filter(([key]) => {
      const [conversation, ...steps] = key.split(' ');
      return bare.talks.get(conversation!)?.at.has(steps.join(' '));
    }),
  );
  state.chosen = state.chosen.filter((id) => bare.values.has(id));
  state.values = valuesFrom(bare, chosenValues(state));
  state.lists = fitLists(bare, state.lists);
  state.trail = state.trail.map((entry) => ({
    ...entry,
    args: fitArgs(bare, entry),
    overlays: entry.overlays.map((overlay) => ({ ...overlay, args: fitArgs(bare, overlay) })),
  }));
  fitNotices(bare, state);
  syncHuds({ flow: bare, state, say: () => undefined, removedBy: new Map(), turns: [] });
  fitLinks(bare, state);
  state.remembered = Object.fromEntries(
    Object.entries(state.remembered).filter(([screen, element]) => hasFocus(bare, screen, element)),
  );
  const flow = withRows(bare, state);
  for (const instance of allUp(state)) fitInstance(flow, instance);
  settleFocus(flow, state);
  if (state.hover && !spotStands(flow, state, state.hover)) state.hover = null;
  if (state.over && !spotStands(flow, state, state.over)) state.over = null;
  if (state.pressed && !spotStands(flow, state, state.pressed)) state.pressed = null;
  state.touches = state.touches.filter(({ spot }) => spotStands(flow, state, spot));
  if (state.pending && 'spot' in state.pending && !spotStands(flow, state, state.pending.spot))
    state.pending = null;
  // An animation that an edit gave to the focused element begins now.
  syncFocusAnimations(flow, state);
  fitBars(flow, state);
  syncFaces(flow, state, true);
  noteResting(flow, state);
  takerNow(flow, state);
  state.holding = state.holding.filter(({ code, action, hold }) =>
    hold === HURRY
      ? true
      : Boolean(
          bindingsNow(flow, state).get(code)?.includes(action) && flow.holds.get(action)?.includes(hold),
        ),
  );
  return state;
}

/** A stand-in whose screen has been made meanwhile becomes that screen. */
function becomes(flow: Flow, instance: Instance): boolean {
  const name = gapName(instance.screen)?.toLowerCase();
  if (name === undefined || flow.screens.has(instance.screen)) return false;
  const made = flow.project.screens.find(
    (screen) => screen.name.toLowerCase() === name && screen.layer === instance.layer,
  );
  if (!made) return false;
  instance.screen = made.id;
  instance.focus = arrivalFocus(flow.screens.get(made.id)!, null);
  return true;
}

/** Parameters the screen still takes, with what still fits them. */
function fitArgs(flow: Flow, { screen, args }: { screen: Id; args: Scalars }): Scalars {
  const takes = flow.screens.get(screen)?.parameters ?? [];
  return Object.fromEntries(
    takes.map(({ id, type, fallback }) => [id, fitScalar(type, args[id]) ?? fallback]),
  );
}

/** Notices whose screen or area is gone go, and so do those that waited for a notice of another sort now. */
function fitNotices(flow: Flow, state: RunState): void {
  const areas = areasOf(flow, state);
  const goesOn = ({ owner }: { owner: Instance['owner'] }): boolean =>
    owner === null || (typeof owner === 'number' ? owner === state.base.serial : areas.includes(owner));
  state.notices = state.notices.filter(goesOn);
  state.noticeQueue = state.noticeQueue
    .filter((notice) => goesOn(notice) && flow.screens.get(notice.screen)?.notice?.again === 'line')
    .map((notice) => ({ ...notice, args: fitArgs(flow, notice) }));
}

/** What a run remembers of links that are gone is dropped. */
function fitLinks(flow: Flow, state: RunState): void {
  const serials = new Set(allUp(state).map((instance) => instance.serial));
  state.once = state.once.filter((id) => flow.links.get(id)?.link.once);
  state.scheduledEffects = state.scheduledEffects.filter(
    ({ link, effect, owner }) =>
      (flow.links.get(link)?.effects.length ?? 0) > effect && (owner === null || owner === state.base.serial),
  );
  state.heldConditions = state.heldConditions.filter((key) => {
    const [, serial, link] = /^(?:(\d+):)?(.*)$/s.exec(key)!;
    return flow.links.get(link!)?.awaits && (serial === undefined || serials.has(Number(serial)));
  });
}

function replaceBase(flow: Flow, state: RunState): void {
  const gone = state.base;
  state.overlays = [];
  const entry = state.trail.at(-1);
  state.trail = state.trail.slice(0, -1);
  const target = entry?.screen ?? flow.start;
  const trail = flow.screens.get(target)!.trail === 'afresh' ? [] : state.trail;
  // The stand-in for a screen that is gone has no picture to leave with.
  state.base = { ...gone, screen: target, shown: Infinity, settled: Infinity };
  bringUp(flow, state, target, entry?.args, () => undefined);
  state.trail = trail.filter((trailEntry) => trailEntry.screen !== state.base.screen);
  if (entry) state.base.focus = entry.focus;
}

/** No screen is up twice, even when a stand-in has become the screen. */
function dropRepeats(state: RunState): void {
  const seen = new Set<Id>([state.base.screen]);
  state.overlays = state.overlays.filter(({ screen }) => !seen.has(screen) && seen.add(screen));
  state.trail = state.trail.filter(({ screen }) => screen !== state.base.screen);
}

function fitInstance(flow: Flow, instance: Instance): void {
  const screen = screenOf(flow, instance);
  const { order } = screen.focus;
  instance.args = fitArgs(flow, instance);
  if (instance.layer === 'notice' || instance.layer === 'hud') instance.focus = null;
  else if (instance.focus === null || !order.includes(instance.focus))
    instance.focus = arrivalFocus(screen, null);
  const own = new Set(screen.links.timed.map((link) => link.id));
  instance.timers = Object.fromEntries(
    Object.entries(instance.timers).filter(
      ([name]) => own.has(name) || name === STAY || name === DONE || name === LIMIT || name === TALK,
    ),
  );
  instance.talk = fitTalk(flow, instance.talk);
  const moving = new Set(screen.animations.map((animation) => animation.key));
  if (Object.keys(instance.animationStarts).some((key) => !moving.has(key)))
    instance.animationStarts = Object.fromEntries(
      Object.entries(instance.animationStarts).filter(([key]) => moving.has(key)),
    );
  instance.deferredLinks = instance.deferredLinks.filter((id) => flow.links.has(id));
  if (instance.by !== null && !flow.links.has(instance.by)) instance.by = null;
}

/** A conversation goes on at its step; when that is gone, at what stands in its place now. */
function fitTalk(flow: Flow, talk: Instance['talk']): Instance['talk'] {
  const compiled = talk && flow.talks.get(talk.conversation);
  if (!talk || !compiled) return null;
  if (talk.key === null || compiled.ops[talk.at]?.key === talk.key) return talk;
  const known = compiled.at.get(talk.key);
  if (known !== undefined) return { ...talk, at: known };
  return { ...talk, at: Math.min(talk.at, compiled.ops.length) - 1, key: null };
}

const hasFocus = (flow: Flow, id: Id, element: Id): boolean => {
  const screen = flow.screens.get(id);
  if (!screen) return false;
  const inList = screen.lists.some(({ element: list }) => element.startsWith(`${list.id}/`));
  return inList || screen.focus.order.includes(element);
};

function spotStands(flow: Flow, state: RunState, spot: { serial: number; element: Id | null }): boolean {
  const instance = allUp(state).find((other) => other.serial === spot.serial);
  return Boolean(instance && spot.element && flow.screens.get(instance.screen)?.layout.has(spot.element));
}
