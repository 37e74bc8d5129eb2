import { useEffect } from 'react';
import { endStep } from './store';

/** Fields in which one letter follows the other. */
const isWritten = (target: EventTarget | null): boolean =>
  target instanceof HTMLTextAreaElement ||
  (target instanceof HTMLElement && target.isContentEditable) ||
  (target instanceof HTMLInputElement && !/^(button|checkbox|color|radio|range|submit)$/.test(target.type));

/** The field that something has been typed into since it has the keyboard. */
let written: EventTarget | null = null;

/** Whether a field is being typed in, so that undo is of its letters; one that is only focused leaves undo to the project. */
export const isWriting = (target: EventTarget | null): boolean =>
  isWritten(target) && (target === written || (target as Element).closest('[role="dialog"]') !== null);

/**
 * One step to take back is one edit: all of one drag, or of one spell of typing in one field. Whatever is pressed anew, and
 * wherever the keyboard goes, is another, also where edits of the same thing could be told as one.
 */
export function useSteps(): void {
  useEffect(() => {
    const stop = new AbortController();
    const options = { capture: true, signal: stop.signal };
    addEventListener('pointerdown', endStep, options);
    const turn = (): void => {
      written = null;
      endStep();
    };
    addEventListener('focusin', turn, options);
    addEventListener('focusout', turn, options);
    addEventListener('input', ({ target }) => (written = target), options);
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
