import { useEffect, useState } from 'react';

/** How long nothing has to change, in milliseconds. */
const CALM = 300;

/** Something that changes with every letter, once the typing has paused: for what takes longer than a letter. */
export function useSettled<T>(now: T): T {
  const [settled, setSettled] = useState(now);
  useEffect(() => {
    const timer = setTimeout(() => setSettled(now), CALM);
    return () => clearTimeout(timer);
  }, [now]);
  return settled;
}
