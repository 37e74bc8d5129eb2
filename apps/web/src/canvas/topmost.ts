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
