import type { Flow } from '../compile';
import { fitScalar } from '../model';
import { hudsWanted, LONGEST_LINE } from './links';
import { allUp, areasOf, defaultOf, fitLists, fork, type RunState, screenOf, standing } from './state';
import { usableNow } from './focus';
import { withRows } from './rows';

/** What is wrong with a run state, in words; empty for a valid one. Tests and replays ask this after every step. */
export function validateState(whole: Flow, state: RunState): string[] {
  const flow = withRows(whole, state);
  const found: string[] = [];
  const up = allUp(state);
  const missing = up.filter((instance) => !flow.screens.has(instance.screen));
  if (missing.length > 0) return missing.map((instance) => `${instance.screen} is up and does not exist`);
  if (screenOf(flow, state.base).layer !== 'base') found.push('the base is not a base screen');
  if (state.overlays.some((overlay) => screenOf(flow, overlay).layer !== 'overlay'))
    found.push('an overlay is not one');
  if (state.notices.some((notice) => screenOf(flow, notice).layer !== 'notice'))
    found.push('a notice is not one');
  const single = up.filter((instance) => instance.layer !== 'notice');
  if (new Set(single.map((instance) => instance.screen)).size < single.length)
    found.push('a screen is up twice');
  if (state.huds.some((hud) => screenOf(flow, hud).layer !== 'hud')) found.push('a hud is not one');
  if (
    up.some(
      (instance) => instance.focus !== null && (instance.layer === 'notice' || instance.layer === 'hud'),
    )
  )
    found.push('a notice or hud has the focus');
  const areas = areasOf(flow, state);
  for (const { screen, owner } of [...state.notices, ...state.noticeQueue])
    if (typeof owner === 'number' ? owner !== state.base.serial : owner !== null && !areas.includes(owner))
      found.push(`${screen} has outlived what it goes with`);
  if (!state.ended) {
    const wanted = hudsWanted(flow, fork(state), () => undefined);
    if (wanted.join() !== state.huds.map((hud) => hud.screen).join())
      found.push('the huds are not those that belong here');
  }
  for (const value of flow.values.values())
    if (fitScalar(value, state.values[value.id]) !== state.values[value.id])
      found.push(`${value.name} holds what it cannot`);
  for (const value of flow.values.values())
    if (!state.chosen.includes(value.id) && state.values[value.id] !== defaultOf(value))
      found.push(`${value.name} was not set by anything and is not at its default`);
  if (fitLists(flow, state.lists) !== state.lists) found.push('a list holds what it cannot');
  if (state.chosen.some((id) => !flow.values.has(id))) found.push('a value was set that does not exist');
  if (Object.keys(state.values).length !== flow.values.size)
    found.push('a value is held that does not exist');
  for (const instance of up)
    for (const { id, type } of screenOf(flow, instance).parameters)
      if (fitScalar(type, instance.args[id]) !== instance.args[id])
        found.push(`${instance.screen} lacks what it takes`);
  for (const { screen } of state.noticeQueue)
    if (state.noticeQueue.filter((notice) => notice.screen === screen).length > LONGEST_LINE)
      found.push('a line is too long');
  if (new Set(up.map((instance) => instance.serial)).size < up.length)
    found.push('a serial number is used twice');
  const trail = state.trail.map((entry) => entry.screen);
  if (new Set([...trail, state.base.screen]).size <= trail.length)
    found.push('a screen is in the trail twice');
  for (const instance of standing(state)) {
    const usable = usableNow(flow, state, instance);
    if (instance.focus === null ? usable.length > 0 : !usable.includes(instance.focus))
      found.push(`${instance.screen} has its focus on nothing`);
  }
  for (const instance of up)
    if (!(instance.taken <= instance.shown && instance.shown <= instance.settled))
      found.push(`${instance.screen} is settled before it is shown`);
  for (const { screen, talk } of up) {
    const ops = talk && flow.talks.get(talk.conversation)?.ops;
    if (talk && !talk.over && talk.key !== null && ops?.[talk.at]?.key !== talk.key)
      found.push(`${screen} says what is not there`);
  }
  if (state.leaving.some((picture) => picture.until < state.now))
    found.push('a picture has stayed after leaving');
  if (!Number.isInteger(state.now) || !Number.isInteger(state.game)) found.push('a clock is not whole');
  return found;
}
