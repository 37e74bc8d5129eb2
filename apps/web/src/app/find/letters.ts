/** Keys typed between those that open Find and its field's being there: letters, and Enter as a line end, are meant for it. */

let caught = '';
let catching: AbortController | null = null;

/** So long is waited for the field at most, in milliseconds. */
const LONGEST = 3000;

/** Catches letters until they are asked for, before anything else in the window gets them. */
export function catchLetters(): void {
  catching?.abort();
  caught = '';
  catching = new AbortController();
  const { signal } = catching;
  addEventListener(
    'keydown',
    (event) => {
      const isLetter = event.key.length === 1 && !event.ctrlKey && !event.metaKey && !event.altKey;
      if (!isLetter && event.key !== 'Enter') return;
      caught += isLetter ? event.key : '\n';
      event.preventDefault();
      event.stopImmediatePropagation();
    },
    { capture: true, signal },
  );
  setTimeout(() => signal.aborted || catching?.abort(), LONGEST);
}

/** What has been caught; letters go where the keyboard is from then on. */
export function caughtLetters(): string {
  catching?.abort();
  catching = null;
  const letters = caught;
  caught = '';
  return letters;
}
