import { padCode } from '../keys';
import { type Id, type Project, withId } from '../model';
import type { RenderState } from './render-state';

/** What an action is pressed with on the device in hand; nothing where that is a finger. */
export function codeOn(
  project: Project,
  action: Id,
  { device, codes }: Pick<RenderState, 'device' | 'codes'>,
): string | undefined {
  const own = withId(project.actions, action);
  if (device === 'touch' || !own) return undefined;
  const [key = own.keys[0]] = codes[action]?.keys ?? [];
  const [pad = own.pad[0]] = codes[action]?.pad ?? [];
  return device === 'pad' && pad !== undefined ? padCode(pad) : key;
}
