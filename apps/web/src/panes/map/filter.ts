import { findingsOf } from '@tavu/core/check';
import { areasAround, type Id, type Layer, type Project } from '@tavu/core/model';

/** Which cards of the map are looked at; the others are faint. */
export interface Filter {
  layer: Layer | 'any';
  area: Id | 'any';
  only: 'any' | 'up' | 'trouble';
}

export const NO_FILTER: Filter = { layer: 'any', area: 'any', only: 'any' };

/** The cards that a filter is about, or null when it is about all. */
export function filtered(project: Project, filter: Filter, up: readonly Id[]): ReadonlySet<Id> | null {
  const { layer, area, only } = filter;
  if (layer === 'any' && area === 'any' && only === 'any') return null;
  const troubled = only === 'trouble' ? new Set(findingsOf(project).map(({ where }) => where.source)) : null;
  return new Set(
    project.screens
      .filter(
        (screen) =>
          (layer === 'any' || screen.layer === layer) &&
          (area === 'any' || areasAround(project, screen.area).includes(area)) &&
          (only !== 'up' || up.includes(screen.id)) &&
          (!troubled || troubled.has(screen.id)),
      )
      .map((screen) => screen.id),
  );
}
