import type { Id } from '@tavu/core/model';
import { useMemo } from 'react';
import { create } from 'zustand';
import { useRun } from '../../run';
import { useStudio } from '../../store';
import { filtered, NO_FILTER, type Filter } from './filter';

/** One filter for the map, the grid and the list of screens, for the project that is open. */
const useFilter = create<{ opened: number; filter: Filter }>(() => ({ opened: 0, filter: NO_FILTER }));

export const lookAt = (filter: Filter): void =>
  useFilter.setState({ opened: useStudio.getState().opened, filter });

/** The filter, and the screens it is about; null when it is about all. */
export function useLooked(): { filter: Filter; looked: ReadonlySet<Id> | null } {
  const opened = useStudio((studio) => studio.opened);
  const project = useStudio((studio) => studio.project);
  const filter = useFilter((kept) => (kept.opened === opened ? kept.filter : NO_FILTER));
  const up = useRun((run) => (filter.only === 'up' ? run.up : NOTHING_UP));
  const looked = useMemo(() => filtered(project, filter, up), [project, filter, up]);
  return { filter, looked };
}

const NOTHING_UP: readonly Id[] = [];
