'use client';

import type { ReactNode } from 'react';

/** What can be done with a chart, in a line; cut where there is no room, and whole under the pointer. */
export function Hint({ children }: { children: ReactNode }) {
  return (
    <span
      className="min-w-0 truncate text-soft"
      onPointerEnter={({ currentTarget }) => (currentTarget.title = currentTarget.textContent ?? '')}
    >
      {children}
    </span>
  );
}
