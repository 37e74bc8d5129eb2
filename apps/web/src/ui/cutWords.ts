/** Marks a tooltip that was put there because the words were cut. */
const MARK = 'data-cut';

/** Gives text that is cut off a tooltip with all of it, when the pointer comes over it. */
export function showCutWords({ target }: Event): void {
  if (!(target instanceof HTMLElement)) return;
  const marked = target.hasAttribute(MARK);
  const cut =
    getComputedStyle(target).textOverflow === 'ellipsis' && target.scrollWidth > target.clientWidth + 1;
  if (cut && (marked || !target.closest('[title]'))) {
    target.title = target.textContent ?? '';
    target.setAttribute(MARK, '');
  } else if (marked) {
    // There is room for all of it again.
    target.removeAttribute('title');
    target.removeAttribute(MARK);
  }
}
