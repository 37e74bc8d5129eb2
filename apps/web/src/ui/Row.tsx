'use client';

import type { Id } from '@tavu/core/model';
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
  className = 'max-w-44 min-w-0 bg-sheet text-right font-semibold hover:bg-chosen-wash',
}: OneOf<T, readonly [T, string]> & { className?: string }) {
  return (
    <select
      aria-label={label}
      value={value}
      className={`cursor-pointer rounded ${className.includes('h-6') ? '' : 'h-7'} ${className}`}
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

/** A setting that is one of several. */
export function SelectRow<T extends string>(props: OneOf<T, readonly [T, string]>) {
  return (
    <Row label={props.label}>
      <Select {...props} />
    </Row>
  );
}

/** A setting that is one of several things of the project, or none. */
export function ThingRow({
  label,
  value,
  none,
  things,
  onChange,
}: {
  label: string;
  value: Id | null | undefined;
  none: string;
  things: readonly { id: Id; name: string }[];
  onChange: (id: Id | undefined) => void;
}) {
  return (
    <SelectRow
      label={label}
      value={value ?? ''}
      options={[['', none], ...things.map(({ id, name }): [string, string] => [id, name])]}
      onChange={(id: string) => onChange(id === '' ? undefined : id)}
    />
  );
}
