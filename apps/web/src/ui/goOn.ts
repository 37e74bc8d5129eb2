/** Finds where the keyboard goes on: `null` while it is not there yet, `undefined` if it goes nowhere. */
type Spot = () => HTMLElement | null | undefined;

/** Where the keyboard goes on once what is open has closed. */
let next: Spot | null = null;

const forget = (): void => {
  next = null;
  removeEventListener('pointerdown', forget, true);
  removeEventListener('keydown', forget, true);
};

/**
 * Gives the focus to something that may only be there in a moment, in place of what opened a dialog or sheet; not once
 * something else has been pressed, or opened. What has not come after two seconds is given up for `otherwise`.
 */
export function goOnAt(find: Spot, otherwise?: Spot): void {
  forget();
  next = find;
  addEventListener('pointerdown', forget, true);
  // What a command changes is drawn in the first frame, and what that brings in the second.
  requestAnimationFrame(() => requestAnimationFrame(() => settle(find, otherwise, MAX_FRAMES, MAX_FRAMES)));
}

/** So long is waited for an open dialog to be gone, which lets no focus out, and for what is to come; in frames. */
const MAX_FRAMES = 120;

function settle(find: Spot, otherwise: Spot | undefined, dialog: number, missing: number): void {
  if (next !== find) return;
  if (document.querySelector('[role="dialog"]')) {
    if (dialog === 0) forget();
    else requestAnimationFrame(() => settle(find, otherwise, dialog - 1, missing));
    return;
  }
  const found = find();
  if (found === null && missing > 0) {
    addEventListener('keydown', forget, true);
    requestAnimationFrame(() => settle(find, otherwise, dialog, missing - 1));
    return;
  }
  forget();
  (found === null ? otherwise?.() : found)?.focus({ preventScroll: true });
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
