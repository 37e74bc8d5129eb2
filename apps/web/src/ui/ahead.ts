import { useEffect } from 'react';

/**
 * Loads what is not shown at first a moment after the window stands, before it is asked for, so that nobody waits for it and
 * nothing typed at once is lost. `loads` must be the same object at every call.
 */
export function useAhead(loads: Record<string, () => Promise<unknown>>): void {
  useEffect(() => {
    const timer = setTimeout(() => Object.values(loads).forEach((load) => void load()), 800);
    return () => clearTimeout(timer);
  }, [loads]);
}

/** What stands in for a part that is not loaded yet, so that everything around it shows at once. */
export const Nothing = (): null => null;
