import { playOf } from '../../elements';
import type { Id } from '../../model';
import { beginPressed, isBlocked, type Instance, screenOf } from '../state';
import { canUse, settleFocus } from '../focus';
import { pressChoice } from '../dialogue';
import { hasOwnUse, useAlong, useControl } from './control';
import { take } from './capture';
import { fits, type Search, tryLink } from '../links';
import { touchCode } from '../../keys';
import { firstFor, leadsNowhere, levels } from './levels';

/**
 * Activates an element: its own use, else its first press link that fits.
 * @param share where along a control it was pressed, 0 to 1
 */
export function activate(search: Search, source: Instance, element: Id, share?: number): void {
  const { flow, state, say } = search;
  if (!canUse(flow, state, source, element)) return;
  beginPressed(flow, state, source, element);
  if (pressChoice(flow, state, source, element, say)) return;
  const spot = { serial: source.serial, element, ...(share === undefined ? {} : { share }) };
  if (take(flow, state, spot)) return;
  if (useAlong(flow, state, spot, 'press', say) || useControl(flow, state, source, element, 'confirm', say))
    return settleFocus(flow, state);
  const links = screenOf(search.flow, source).links.searched.press.get(element) ?? [];
  const link = links.find((compiledLink) => fits(search, compiledLink, source));
  const pressed = screenOf(flow, source).byId.get(element);
  const url = pressed && playOf(pressed).opens?.(pressed);
  if (link) tryLink(search, link, source);
  else if (pressed && hasOwnUse(pressed)) return;
  else if (pressed && 'acts' in pressed && pressed.acts !== undefined) act(search, pressed.acts);
  else if (url !== undefined) say({ at: state.now, did: 'address', url });
  else leadsNowhere(search, { kind: 'press', spot: { serial: source.serial, element } });
}

/** What stands for an action is pressed without a finger on it: that goes down and comes up. */
function act(search: Search, action: Id): void {
  const { flow, state, say } = search;
  for (const level of levels(flow, state)) {
    const link = firstFor(search, level, [action], 'down');
    if (link) {
      tryLink(search, link, level.source);
      return;
    }
  }
  if (isBlocked(flow, state)) return;
  for (const phase of ['down', 'up'] as const)
    say({ at: state.now, did: 'to game', code: touchCode(action), phase });
}
