import type { History } from '@tavu/core/edit';
import type { Id, Project } from '@tavu/core/model';

/** The assets whose bytes something may still ask for: the project, or a step that can be taken back or done again. */
export function neededAssets(project: Project, { past, future }: History<unknown>): ReadonlySet<Id> {
  const needed = new Set(project.assets.map((asset) => asset.id));
  const gather = (value: unknown): void => {
    if (typeof value !== 'object' || value === null) return;
    if ('id' in value && 'media' in value) needed.add(String(value.id));
    for (const item of Object.values(value)) gather(item);
  };
  for (const { edits } of [...past, ...future])
    for (const { patches, inverse } of edits)
      for (const { path, value } of [...patches, ...inverse]) if (path[0] === 'assets') gather(value);
  return needed;
}
