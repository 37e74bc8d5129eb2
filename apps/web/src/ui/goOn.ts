/** Where the keyboard goes on once what is open has closed. */
let next: (() => HTMLElement | null | undefined) | null = null;

const forget = (): void => {
  next = null;
};

/**
 * Gives the focus to something that may only be there in a moment, in place of what opened a dialog or sheet; not once
 * something else has been pressed, or opened.
 */
export function goOnAt(find: () => HTMLElement | null | undefined): void {
  next = find;
  addEventListener('pointerdown', forget, { capture: true, once: true });
  // What a command changes is drawn in the first frame, and what that brings in the second.
  requestAnimationFrame(() => requestAnimationFrame(() => settle(MAX_FRAMES)));
}

/** So long is waited for an open dialog to be gone, in frames; it lets no focus out. */
const MAX_FRAMES = 60;

function settle(frames: number): void {
  if (next !== null && document.querySelector('[role="dialog"]')) {
    if (frames > 0) requestAnimationFrame(() => settle(frames - 1));
    else forget();
    return;
  }
  const found = next?.();
  forget();
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
