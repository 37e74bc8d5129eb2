'use client';

import { ChevronDown, ChevronRight } from 'lucide-react';
import { useState, type ReactNode } from 'react';

const folded = new Set<string>();

/** A group of settings that folds, and stays folded wherever it is met again. */
export function Group({ title, extra, children }: { title: string; extra?: ReactNode; children: ReactNode }) {
  const [open, setOpen] = useState(!folded.has(title));
  return (
    <section aria-label={title} className="space-y-2">
      <div className="flex items-center justify-between">
        <h3 className="font-bold">
          <button
            type="button"
            aria-expanded={open}
            className="flex items-center gap-1"
            onClick={() => {
              if (open) folded.add(title);
              else folded.delete(title);
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
