import { codeFor } from '../keys';
import { type Id, type Project, withId } from '../model';
import type { RenderState } from './render-state';

/** The code that presses an action on the device in use; none on a touch screen. */
export function codeOn(
  project: Project,
  action: Id,
  { device, codes }: Pick<RenderState, 'device' | 'codes'>,
): string | undefined {
  const own = withId(project.actions, action);
  return own && codeFor(own, { device, codes });
}
