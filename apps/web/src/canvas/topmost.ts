import { screenById, type Id } from '@tavu/core/model';
import { useStudio } from '../store';

/**
 * The screen that is edited when none is chosen: the top of what stands, for notices and HUD pieces go by themselves.
 */
export function topmost(up: readonly Id[]): Id | undefined {
  const { project } = useStudio.getState();
  const stands = (id: Id): boolean => {
    const layer = screenById(project, id)?.layer;
    return layer === 'base' || layer === 'overlay';
  };
  return [...up].reverse().find(stands) ?? up.at(-1);
}

/** The screen that is edited of those that are up: the chosen one, unless an overlay has come over it since. */
export function editedOf(up: readonly Id[]): Id | undefined {
  const { project, chosen } = useStudio.getState();
  const layer = (id: Id) => screenById(project, id)?.layer;
  const overlay = [...up].reverse().find((id) => layer(id) === 'overlay');
  const own = chosen.screen;
  if (own === null || !up.includes(own)) return topmost(up);
  return overlay === undefined || overlay === own || layer(own) === 'notice' ? own : topmost(up);
}
