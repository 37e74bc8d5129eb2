import { useEffect } from 'react';
import { endStep } from './store';

/** Fields in which one letter follows the other. */
const isWritten = (target: EventTarget | null): boolean =>
  target instanceof HTMLTextAreaElement ||
  (target instanceof HTMLElement && target.isContentEditable) ||
  (target instanceof HTMLInputElement && !/^(button|checkbox|color|radio|range|submit)$/.test(target.type));

/**
 * One step to take back is one edit: all of one drag, or of one spell of typing in one field. Whatever is pressed anew, and
 * wherever the keyboard goes, is another, also where edits of the same thing could be told as one.
 */
export function useSteps(): void {
  useEffect(() => {
    const stop = new AbortController();
    const options = { capture: true, signal: stop.signal };
    addEventListener('pointerdown', endStep, options);
    addEventListener('focusin', endStep, options);
    addEventListener('focusout', endStep, options);
    addEventListener(
      'keydown',
      (event) => {
        if (!event.repeat && !isWritten(event.target)) endStep();
      },
      options,
    );
    return () => stop.abort();
  }, []);
}
