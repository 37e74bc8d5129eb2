/** Marks a tooltip that was put there because the words were cut. */
const MARK = 'data-cut';

/** The words under the pointer, if they are cut: all of them are then in a tooltip, wherever in the window they stand. */
export function showCutWords({ target }: Event): void {
  if (!(target instanceof HTMLElement)) return;
  const marked = target.hasAttribute(MARK);
  const cut =
    getComputedStyle(target).textOverflow === 'ellipsis' && target.scrollWidth > target.clientWidth + 1;
  if (cut && (marked || !target.closest('[title]'))) {
    target.title = target.textContent ?? '';
    target.setAttribute(MARK, '');
  } else if (marked) {
    // There is room for them again.
    target.removeAttribute('title');
    target.removeAttribute(MARK);
  }
}
