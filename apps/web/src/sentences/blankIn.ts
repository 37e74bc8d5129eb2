import type { Slot } from '@tavu/core/phrasing';
import type { Id } from '@tavu/core/model';

/**
 * A word of a sentence that can be filled otherwise, else its first one: what is filled may change what else there is.
 * @param effect which of the link's effects the word is of, from 0; absent: the first such word there is
 */
export function blankIn(link: Id, blank: Slot, effect?: number): HTMLElement | null {
  const sentence = document.querySelector<HTMLElement>(`[data-link="${CSS.escape(link)}"]`);
  const such = `[data-blank="${blank}"]`;
  return (
    sentence?.querySelector<HTMLElement>(effect === undefined ? such : `${such}[data-effect="${effect}"]`) ??
    sentence?.querySelector<HTMLElement>('[data-blank]') ??
    null
  );
}
