import { findingsOf } from '@tavu/core/check';
import { areasAround, notesOf, type Id, type Layer, type Project, type Status } from '@tavu/core/model';

/** Which cards of the map are looked at; the others are faint. */
export interface Filter {
  layer: Layer | 'any';
  area: Id | 'any';
  only: 'any' | 'up' | 'trouble' | 'notes';
  status: Status | 'any';
}

export const NO_FILTER: Filter = { layer: 'any', area: 'any', only: 'any', status: 'any' };

/** The cards that a filter is about, or null when it is about all. */
export function filtered(project: Project, filter: Filter, up: readonly Id[]): ReadonlySet<Id> | null {
  const { layer, area, only, status } = filter;
  if (layer === 'any' && area === 'any' && only === 'any' && status === 'any') return null;
  const troubled = only === 'trouble' ? new Set(findingsOf(project).map(({ where }) => where.source)) : null;
  const noted =
    only === 'notes'
      ? new Set(notesOf(project).flatMap(({ note, owner }) => (note.done ? [] : [owner])))
      : null;
  return new Set(
    project.screens
      .filter(
        (screen) =>
          (layer === 'any' || screen.layer === layer) &&
          (area === 'any' || areasAround(project, screen.area).includes(area)) &&
          (only !== 'up' || up.includes(screen.id)) &&
          (status === 'any' || (screen.status ?? 'draft') === status) &&
          (!troubled || troubled.has(screen.id)) &&
          (!noted || noted.has(screen.id)),
      )
      .map((screen) => screen.id),
  );
}
