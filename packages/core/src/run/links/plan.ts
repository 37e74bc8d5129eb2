import type { CompiledLink, Flow } from '../../compile';
import {
  AT_REST,
  enteringHalf,
  leavingHalf,
  sampleEntering,
  sampleLeaving,
  STILL,
  stretchHalf,
  type Half,
  type InOut,
  type Sample,
} from '../../motion';
import { elementOf } from '../../triggers';
import { type Instance, type Leaving, type RunState, screenOf } from '../state';
import { ALL_VISIBLE, conditionalVisibility } from '../focus';

/**
 * Plans how the picture changes from what was up before a step to what is up after it, starting from the picture as
 * it is
 * now: screens that went become leaving pictures, screens that came get their times, all in microseconds on the
 * run’s clock.
 */
export function planTransition(
  flow: Flow,
  state: RunState,
  before: readonly Instance[],
  after: readonly Instance[],
  removedBy: ReadonlyMap<number, CompiledLink | null>,
): void {
  const gone = before.filter((old) => !has(after, old.serial));
  const come = after.filter((now) => !has(before, now.serial));
  const leaving = state.leaving.slice();
  for (const old of gone) {
    const picture = leave(flow, state, old, removedBy.get(old.serial) ?? null);
    if (picture) leaving.push(picture);
  }
  // A screen that comes back while its picture is still going turns round from where it is.
  for (const now of come) {
    const at = turnsRound(flow, now) ? leaving.findIndex((picture) => picture.screen === now.screen) : -1;
    if (at < 0) continue;
    const [picture] = leaving.splice(at, 1);
    now.start = samplePicture(picture!, state.now);
  }
  let gap = state.now;
  state.leaving = leaving;
  for (const { layer, until } of leaving)
    if (layer === 'base' || layer === 'overlay') gap = Math.max(gap, until);
  for (const now of come) enter(flow, state, now, gap);
}

/** Queued and stacked notices have texts of their own, so that none continues another's picture. */
function turnsRound(flow: Flow, now: Instance): boolean {
  const again = screenOf(flow, now).notice?.again ?? 'over';
  return again === 'over' || again === 'ignore';
}

function has(instances: readonly Instance[], serial: number): boolean {
  for (const instance of instances) if (instance.serial === serial) return true;
  return false;
}

function leave(flow: Flow, state: RunState, old: Instance, by: CompiledLink | null): Leaving | null {
  if (state.now < old.shown) return null;
  const away = flow.screens.has(old.screen) ? conditionalVisibility(flow, state, old) : ALL_VISIBLE;
  const half = howItGoes(flow, old, by);
  const { serial, screen, layer, focus, args, told, slot, shown, timers } = old;
  const { animationStarts, faces, bars, progress, talk } = old;
  const from = state.now;
  const masked = by?.masked ?? flow.project.defaults.masked;
  const picture = {
    serial,
    screen,
    layer,
    focus,
    args,
    told,
    slot,
    shown,
    timers,
    animationStarts,
    faces,
    bars,
    progress,
    talk,
    away,
    masked,
    from,
  };
  if (state.now >= old.settled)
    return half.duration === 0 ? null : { ...picture, until: state.now + half.duration, half, start: null };
  // Cut short: it goes on from the picture as it is, and a motion turned round takes as long as it had run.
  const run = (state.now - old.shown) / (old.settled - old.shown);
  const turned = stretchHalf(half, Math.round(half.duration * run));
  if (turned.duration === 0) return null;
  const start = sampleInstance(old, state.now);
  return { ...picture, until: state.now + turned.duration, half: turned, start };
}

/** The leaving link's own motion, else that of the link which brought it, else the screen's, else the default. */
function howItGoes(flow: Flow, old: Instance, by: CompiledLink | null): Half {
  const screen = flow.screens.get(old.screen);
  const halves =
    by?.motion?.[old.layer] ?? broughtWith(flow, old) ?? screen?.motion ?? flow.defaults[old.layer] ?? STILL;
  return leavingHalf(halves, screen?.placed ?? [], by ? pressedAt(flow, by) : null);
}

/** Where one base gives way to another, a leaving half of the link's own is that of the base that goes. */
function broughtWith(flow: Flow, { by, layer }: Instance): InOut | undefined {
  const halves = by === null ? undefined : flow.links.get(by)?.motion?.[layer];
  return layer === 'base' && halves?.leaving ? undefined : halves;
}

/** The middle of the control that sets a link off. */
function pressedAt(flow: Flow, { trigger, from }: CompiledLink): { x: number; y: number } | null {
  const element = elementOf(trigger);
  const rect = element === null ? undefined : flow.screens.get(from)?.layout.get(element);
  return rect ? { x: rect.x + rect.width / 2, y: rect.y + rect.height / 2 } : null;
}

function enter(flow: Flow, state: RunState, now: Instance, gap: number): void {
  const link = now.by === null ? undefined : flow.links.get(now.by);
  const screen = screenOf(flow, now);
  const halves = link?.motion?.[now.layer] ?? screen.motion ?? flow.defaults[now.layer];
  const half = enteringHalf(halves, screen.placed, link ? pressedAt(flow, link) : null);
  const overlap = link?.overlap ?? 0;
  now.half = half;
  now.shown = now.start ? state.now : shownAt(flow, state, now, gap - overlap);
  now.settled = now.shown + half.duration;
}

/** Notices come at once, the next in line after the last; HUD pieces come with their base. */
function shownAt(flow: Flow, state: RunState, now: Instance, free: number): number {
  if (now.layer === 'hud') return state.base.taken === state.now ? state.base.shown : state.now;
  if (now.layer !== 'notice') return Math.max(state.now, free);
  if (screenOf(flow, now).notice?.again !== 'line') return state.now;
  const like = state.leaving.filter((picture) => picture.screen === now.screen);
  return Math.max(state.now, ...like.map((picture) => picture.until));
}

/**
 * How an instance is drawn at `at` microseconds on the run’s clock, relative to itself at rest; null before it is
 * shown.
 */
export function sampleInstance(instance: Instance, at: number): Sample | null {
  if (at < instance.shown) return null;
  if (instance.half.tracks.length === 0) return AT_REST;
  return sampleEntering(instance.half, at - instance.shown, instance.start);
}

/** How a leaving picture is drawn at `at` microseconds on the run’s clock. */
export const samplePicture = (picture: Leaving, at: number): Sample =>
  sampleLeaving(picture.half, at - picture.from, picture.start);
