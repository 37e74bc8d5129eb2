import type { CompiledLink, Flow } from '../../compile';
import type { Id } from '../../model';
import { triggerOf } from '../../triggers';
import { enterInstance, fallbacks, exitInstance, topmost, type Coming, type Step } from './chain';
import {
  allUp,
  type Instance,
  type Left,
  type RunState,
  type Scalars,
  screenOf,
  type TrailEntry,
} from '../state';
import { showNotice } from './notices';

/** What a link does to what is up. */

export function changeTo(
  step: Step,
  target: Id,
  kind: 'go' | 'open' | 'swap',
  link: CompiledLink | null,
  source: Instance | null = null,
  args: Scalars = fallbacks(step.flow, target),
  row: Scalars | null = null,
): void {
  const { flow, state } = step;
  const { layer } = flow.screens.get(target)!;
  const led = source ?? topmost(state);
  const cameFrom = link === null ? null : led.screen;
  const by = link?.id ?? null;
  if (layer === 'notice') return showNotice(step, target, args, by, cameFrom);
  // A HUD piece is up by rule alone.
  if (layer === 'hud') return;
  const opener = link === null ? null : { serial: source?.serial ?? null, from: link.from, row };
  const coming: Coming = { screen: target, layer, by, args, opener, cameFrom };
  if (layer === 'base') {
    const entry = leaveBase(step, link);
    cutTrail(flow, state, target, entry);
    state.base = enterInstance(step, coming);
    return;
  }
  if (kind === 'go') closeFrom(step, 0, link);
  if (kind === 'swap' && source) {
    // An overlay that replaces another inherits its opener, so that the answer still arrives.
    coming.opener = source.opener;
    closeFrom(step, state.overlays.indexOf(source), link);
  }
  const up = state.overlays.findIndex((overlay) => overlay.screen === target);
  if (up >= 0) closeFrom(step, up, link);
  state.overlays.push(enterInstance(step, coming));
}

const leftOf = ({ serial, screen, focus, args, opener, cameFrom }: Instance): Left => ({
  serial,
  screen,
  focus,
  args,
  opener,
  cameFrom,
});

/** Takes base and overlays down and gives the trail entry that would bring them back. */
function leaveBase(step: Step, link: CompiledLink | null): TrailEntry {
  const { state } = step;
  const entry: TrailEntry = { ...leftOf(state.base), overlays: state.overlays.map(leftOf) };
  closeFrom(step, 0, link);
  exitInstance(step, state.base, link);
  return entry;
}

/** What arriving at a base screen makes of the trail: no screen is in it twice. */
function cutTrail(flow: Flow, state: RunState, target: Id, left: TrailEntry): void {
  if (flow.screens.get(target)!.trail === 'afresh') {
    state.trail = [];
    return;
  }
  const skipped = (flow.screens.get(left.screen)?.trail ?? 'skipped') === 'skipped';
  if (!skipped && !state.trail.some((entry) => entry.screen === left.screen))
    state.trail = [...state.trail, left];
  const at = state.trail.findIndex((entry) => entry.screen === target);
  if (at >= 0) state.trail = state.trail.slice(0, at);
}

/** Goes back, and hands the outcome of what closes to who opened it. */
export function goBack(
  step: Step,
  link: CompiledLink | null,
  source: Instance | null,
  outcome: Id | undefined = link?.link.outcome,
): void {
  const { state } = step;
  const overlay =
    source?.layer === 'overlay' ? source : source?.layer === 'base' ? undefined : state.overlays.at(-1);
  if (overlay) {
    closeFrom(step, state.overlays.indexOf(overlay), link);
    return handBack(step, outcome, overlay, overlay.opener?.serial ?? null);
  }
  const entry = state.trail.at(-1);
  if (!entry) return;
  state.trail = state.trail.slice(0, -1);
  const closed = state.base;
  leaveBase(step, link);
  const serials = new Map<number, number>();
  const bringBack = (left: Left, layer: 'base' | 'overlay'): Instance => {
    const { screen, args, opener, cameFrom, focus } = left;
    const asked =
      opener && opener.serial !== null
        ? { ...opener, serial: serials.get(opener.serial) ?? opener.serial }
        : opener;
    const now = enterInstance(step, {
      screen,
      layer,
      by: link?.id ?? null,
      args,
      opener: asked,
      cameFrom,
      focus,
    });
    serials.set(left.serial, now.serial);
    return now;
  };
  state.base = bringBack(entry, 'base');
  for (const left of entry.overlays) state.overlays.push(bringBack(left, 'overlay'));
  const opener = closed.opener?.serial ?? null;
  handBack(step, outcome, closed, opener === null ? null : (serials.get(opener) ?? opener));
}

/** Follows the opener's link for this answer; an area's or the project's when one of those opened it. */
function handBack(step: Step, outcome: Id | undefined, closed: Instance, serial: number | null): void {
  const { flow, state, say } = step;
  if (!closed.opener) return;
  const opener = serial === null ? null : allUp(state).find((instance) => instance.serial === serial);
  if (opener === undefined) return;
  const table = opener
    ? screenOf(flow, opener).links
    : (flow.areas.get(closed.opener.from)?.links ?? flow.shared);
  const waiting = table.followed.answer.filter(({ key }) => key === '' || key === closed.screen);
  const links = waiting.filter(({ trigger }) => {
    const type = triggerOf(trigger);
    return type.life === 'followed' && (type.answered?.(trigger, outcome) ?? true);
  });
  if (links.length > 0) step.turns.push({ source: opener, links, row: closed.opener.row });
  // An answer that no link waits for.
  else if (outcome !== undefined && waiting.length === 0)
    say({
      at: state.now,
      did: 'nowhere',
      what: { kind: 'returned', screen: closed.screen, outcome, to: opener?.screen ?? closed.opener.from },
    });
}

/** Takes down the overlays from `index` (0 is the lowest) up. */
export function closeFrom(step: Step, index: number, link: CompiledLink | null): void {
  for (const overlay of step.state.overlays.splice(index)) exitInstance(step, overlay, link);
}
