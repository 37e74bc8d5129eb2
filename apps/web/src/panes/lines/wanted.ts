import type { Id } from '@tavu/core/model';
import { useEffect, type RefObject } from 'react';
import { setLines, useLines } from './chosen';

/** Takes the keyboard when its row is asked for, with the caret where that was wanted. */
export function useWanted(
  id: Id,
  field: RefObject<HTMLTextAreaElement | HTMLInputElement | HTMLButtonElement | null>,
): void {
  const wanted = useLines((lines) => (lines.wanted?.id === id ? lines.wanted : null));
  useEffect(() => {
    const now = field.current;
    if (!wanted || !now) return;
    now.focus();
    if ('setSelectionRange' in now) {
      const at = wanted.at === 'start' ? 0 : now.value.length;
      now.setSelectionRange(at, at);
    }
    setLines({ wanted: null });
  }, [wanted, field]);
}
