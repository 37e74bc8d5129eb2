import type { Flow } from '../../compile';
import type { Id } from '../../model';
import { type Holding, maskOf, reachable, type RunState, type Say } from '../state';
import { actionsOf } from './bindings';
import { hurryTalk } from '../dialogue';
import { calm, dropHolding, HURRY, useUp } from './down';
import { type Search, tryLink } from '../links';
import { firstFor, levels, searchOf } from './levels';
import { maskOfClosing, type Taken } from './mask';

/** A key or button came up: links for that, where nothing has used the press. */
export function releaseCode(flow: Flow, state: RunState, code: string, say: Say): void {
  const down = state.down.find((pressed) => pressed.code === code);
  state.down = state.down.filter((pressed) => pressed.code !== code);
  dropHolding(state, code);
  calm(flow, state, code);
  if (down?.game) say({ at: state.now, did: 'to game', code, phase: 'up' });
  if (!down || down.used || maskOf(state) !== null) return;
  const actions = actionsOf(flow, state, code);
  if (maskOfClosing(flow, state, (search) => resolveAction(search, actions, 'up', down.before)) !== null)
    return;
  resolveAction(searchOf(flow, state, say), actions, 'up', down.before);
}

/** A key has been down for as long as something waits for. */
export function resolveHold(flow: Flow, state: RunState, held: Holding, say: Say): void {
  if (maskOf(state) !== null) return;
  if (held.hold === HURRY && held.action === 'confirm') {
    const talker = reachable(flow, state).find((instance) => instance.talk);
    if (talker) hurryTalk(flow, talker, held.code);
    return;
  }
  const before = state.down.find((pressed) => pressed.code === held.code)?.before ?? Infinity;
  const press = (search: Search): Taken | null =>
    resolveAction(search, [held.action], 'held', before, held.hold);
  if (maskOfClosing(flow, state, press) !== null || !press(searchOf(flow, state, say))) return;
  useUp(state, held.code);
  dropHolding(state, held.code);
}

/** Gives a release or a long press only to what was up before the key went down. */
function resolveAction(
  search: Search,
  actions: readonly Id[],
  when: 'up' | 'held',
  before: number,
  hold?: number,
): Taken | null {
  for (const level of levels(search.flow, search.state)) {
    if (level.source !== null && level.source.serial >= before) continue;
    const link = firstFor(search, level, actions, when, hold);
    if (!link) continue;
    tryLink(search, link, level.source);
    return { by: level.source };
  }
  return null;
}
