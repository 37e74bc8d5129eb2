'use client';

import { X } from 'lucide-react';
import type { ReactNode } from 'react';
import { create } from 'zustand';

/** Where it is kept whether the notes of the first time are shown or have been put away for good. */
const KEY = 'tavu first notes';
type Kept = 'shown' | 'gone';

const kept = (): Kept | null => {
  try {
    return localStorage.getItem(KEY) as Kept | null;
  } catch {
    // A browser that keeps nothing would show them every time.
    return 'gone';
  }
};

function keep(now: Kept): void {
  try {
    localStorage.setItem(KEY, now);
  } catch {
    // They are put away for this window at least.
  }
}

const useFirstNotes = create<{ shown: boolean }>(() => ({ shown: false }));

/** Shows the notes if this is the first time, or if they have not been put away since. */
export function offerFirstNotes(isFirst: boolean): void {
  const known = kept();
  if (known === null && isFirst) keep('shown');
  useFirstNotes.setState({ shown: known === 'shown' || (known === null && isFirst) });
}

function putAway(): void {
  keep('gone');
  useFirstNotes.setState({ shown: false });
}

/** One of the short notes that stand where things are done, the first time Tavu is open. */
export function FirstNote({
  n,
  className = '',
  children,
}: {
  /** Its place among them, from 1. */
  n: number;
  className?: string;
  children: ReactNode;
}) {
  const shown = useFirstNotes((notes) => notes.shown);
  if (!shown) return null;
  return (
    <div
      role="note"
      className={`flex items-start gap-2 rounded-md border border-chosen bg-chosen-wash px-2 py-1 text-sm text-ink shadow-sm ${className}`}
    >
      <span
        aria-hidden="true"
        className="flex size-4.5 shrink-0 items-center justify-center rounded-full bg-chosen text-xs font-bold text-on-chosen"
      >
        {n}
      </span>
      <span className="min-w-0 flex-1 whitespace-normal">{children}</span>
      <button
        type="button"
        aria-label="Put these notes away"
        title="Put these notes away"
        className="pointer-events-auto -mr-1 flex size-6 shrink-0 items-center justify-center rounded hover:bg-sheet"
        onClick={putAway}
      >
        <X size={13} />
      </button>
    </div>
  );
}
