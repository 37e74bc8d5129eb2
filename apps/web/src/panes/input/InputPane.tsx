'use client';

import { Actions } from '../../input';

/** What players can do and by which keys, buttons and gestures, and how directions move the focus. */
export function InputPane() {
  return (
    <section aria-label="Input" data-pane tabIndex={-1} className="min-h-0 flex-1 overflow-auto bg-mist p-3">
      <Actions />
    </section>
  );
}
