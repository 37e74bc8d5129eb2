import type { ReactNode } from 'react';

/** What can be done with a chart, in a line, cut where there is no room. */
export const Hint = ({ children }: { children: ReactNode }) => (
  <span className="min-w-0 truncate text-soft">{children}</span>
);
