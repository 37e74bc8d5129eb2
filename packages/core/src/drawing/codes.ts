import { padCode } from '../keys';
import { type Id, type Project, withId } from '../model';
import type { RenderState } from './render-state';

/** The code that presses an action on the device in use; none on a touch screen. */
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
