'use client';

import type { ReactNode } from 'react';
import { RotateCcw } from 'lucide-react';
import { IconButton, type OneOf, Select, Check } from '../ui';

/** A group of settings, and which of them override a shared style. */
export interface LookProps<Look> {
  look: Look;
  /** Names of what this place says otherwise than its style; null for a style itself. */
  exceptions: ReadonlySet<string> | null;
  onChange: (change: Partial<Look>, key?: string) => void;
  onReset: (name: string) => void;
}

/** A setting that may be an exception: marked by a bar and a word for screen readers, with a way back to the style. */
export function Setting<Look>({
  name,
  of: { exceptions, onReset },
  children,
}: {
  name: string;
  of: LookProps<Look>;
  children: ReactNode;
}) {
  const own = exceptions?.has(name) ?? false;
  return (
    <div className={`flex items-end gap-0.5 ${own ? 'border-l-3 border-live pl-1' : ''}`}>
      {children}
      {own && (
        <IconButton name="Otherwise than its style; back to that" small onClick={() => onReset(name)}>
          <RotateCcw size={12} />
        </IconButton>
      )}
    </div>
  );
}

export function Switched({
  label,
  on,
  onChange,
}: {
  label: string;
  on: boolean;
  onChange: (on: boolean) => void;
}) {
  return (
    <Check on={on} onChange={(on) => onChange(on)}>
      {label}
    </Check>
  );
}

/** A labelled choice above the line of its fields. */
export function Pick<T extends string>(props: OneOf<T, readonly [T, string]>) {
  return (
    <label className="block">
      <span className="mb-0.5 block text-sm text-soft">{props.label}</span>
      <Select {...props} className="max-w-32 border border-line bg-sheet" />
    </label>
  );
}
