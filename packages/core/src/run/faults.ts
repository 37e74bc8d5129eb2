import type { Flow } from '../compile';
import { allUp, screenOf, standing } from './derived';
import type { RunState } from './state';

/** What is wrong with a run state, in words; empty for a valid one. Tests and replays ask this after every step. */
export function faults(flow: Flow, state: RunState): string[] {
  const found: string[] = [];
  const up = allUp(state);
  const missing = up.filter((each) => !flow.screens.has(each.screen));
  if (missing.length > 0) return missing.map((each) => `${each.screen} is up and does not exist`);
  if (screenOf(flow, state.base).layer !== 'base') found.push('the base is not a base screen');
  if (state.overlays.some((each) => screenOf(flow, each).layer !== 'overlay'))
    found.push('an overlay is not one');
  if (state.notices.some((each) => screenOf(flow, each).layer !== 'notice'))
    found.push('a notice is not one');
  if (new Set(up.map((each) => each.screen)).size < up.length) found.push('a screen is up twice');
  if (new Set(up.map((each) => each.serial)).size < up.length) found.push('a serial number is used twice');
  const trail = state.trail.map((entry) => entry.screen);
  if (new Set([...trail, state.base.screen]).size <= trail.length)
    found.push('a screen is in the trail twice');
  for (const instance of standing(state)) {
    const { order } = screenOf(flow, instance).focus;
    if (instance.focus === null ? order.length > 0 : !order.includes(instance.focus))
      found.push(`${instance.screen} has its focus on nothing`);
  }
  for (const instance of up)
    if (!(instance.taken <= instance.shown && instance.shown <= instance.settled))
      found.push(`${instance.screen} is settled before it is shown`);
  if (state.leaving.some((picture) => picture.until < state.now))
    found.push('a picture has stayed after leaving');
  if (!Number.isInteger(state.now) || !Number.isInteger(state.game)) found.push('a clock is not whole');
  return found;
}
