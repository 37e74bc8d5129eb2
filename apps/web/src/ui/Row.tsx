'use client';

import type { ReactNode } from 'react';
import type { OneOf } from './parts';

/** A setting: what it is, and what it is set to. */
export function Row({ label, children }: { label: string; children: ReactNode }) {
  return (
    <div className="flex min-h-8 items-center justify-between gap-2">
      <span className="shrink-0 text-soft">{label}</span>
      {children}
    </div>
  );
}

export function Select<T extends string>({
  label,
  value,
  options,
  onChange,
}: OneOf<T, readonly [T, string]>) {
  return (
    <select
      aria-label={label}
      value={value}
      className="h-7 max-w-44 min-w-0 cursor-pointer rounded bg-sheet text-right font-semibold hover:bg-chosen-wash"
      onChange={(event) => onChange(event.target.value as T)}
    >
      {options.map(([key, words]) => (
        <option key={key} value={key}>
          {words}
        </option>
      ))}
    </select>
  );
}
