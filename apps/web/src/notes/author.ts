import { create } from 'zustand';

/** The name of whoever writes notes in this browser, remembered; empty until it is given. */
const KEY = 'tavu author';

export const useAuthor = create<{ author: string }>(() => ({ author: '' }));

/** Read when it is first asked for: there is no storage where the page is made. */
export function loadAuthor(): void {
  try {
    useAuthor.setState({ author: localStorage.getItem(KEY) ?? '' });
  } catch {
    // A browser that keeps nothing asks again.
  }
}

export function setAuthor(author: string): void {
  useAuthor.setState({ author });
  try {
    localStorage.setItem(KEY, author);
  } catch {
    // It is known until the window closes.
  }
}
