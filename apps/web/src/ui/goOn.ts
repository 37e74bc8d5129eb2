/** Where the keyboard goes on once what is open has closed. */
let next: (() => HTMLElement | null | undefined) | null = null;

/** Gives the focus to something that may only be there in a moment, in place of what opened a dialog or sheet. */
export function goOnAt(find: () => HTMLElement | null | undefined): void {
  next = find;
  // Twice: what a command changes is drawn in the first, and what that brings in the second.
  requestAnimationFrame(() => requestAnimationFrame(settle));
}

function settle(): void {
  const found = next?.();
  next = null;
  found?.focus({ preventScroll: true });
}

/**
 * When a dialog or sheet closes the focus goes back to what had opened it, unless something has asked for it, or has it
 * already.
 */
export function keepFocus(event: Event): void {
  const { activeElement } = document;
  const closing = event.currentTarget as HTMLElement | null;
  const taken = activeElement && activeElement !== document.body && !closing?.contains(activeElement);
  if (next !== null || taken) event.preventDefault();
}
