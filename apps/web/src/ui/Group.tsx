'use client';

import { ChevronDown, ChevronRight } from 'lucide-react';
import { useState, type ReactNode } from 'react';

/** What has been folded or unfolded by hand, by title. */
const byHand = new Map<string, boolean>();

/** A group of settings that folds, and stays folded wherever it is met again. */
export function Group({
  title,
  extra,
  unfolded = true,
  children,
}: {
  title: string;
  extra?: ReactNode;
  /** How it is first met. */
  unfolded?: boolean;
  children: ReactNode;
}) {
  const [open, setOpen] = useState(byHand.get(title) ?? unfolded);
  return (
    <section aria-label={title} className="space-y-2">
      <div className="flex items-center justify-between">
        <h3 className="font-bold">
          <button
            type="button"
            aria-expanded={open}
            className="flex items-center gap-1"
            onClick={() => {
              byHand.set(title, !open);
              setOpen(!open);
            }}
          >
            {open ? (
              <ChevronDown size={13} aria-hidden="true" />
            ) : (
              <ChevronRight size={13} aria-hidden="true" />
            )}
            {title}
          </button>
        </h3>
        {extra}
      </div>
      {open && children}
    </section>
  );
}
