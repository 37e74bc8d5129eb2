/** What has the keyboard while a screen is edited in Live; null where nothing is held. */
export const editingLayer = (): HTMLElement | null =>
  document.querySelector<HTMLElement>('[role="application"][aria-label^="Editing"]');
