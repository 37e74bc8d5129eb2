import { useEffect } from 'react';
import { keepOpen } from './keeper';
import { useStudio } from './store';

/** Keeps whatever project is open. */
export function useKeeping(): void {
  const opened = useStudio((studio) => studio.opened);
  useEffect(() => (opened === 0 ? undefined : keepOpen(useStudio.getState().project.id)), [opened]);
}
