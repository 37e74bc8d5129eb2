'use client';

import type { OneOf } from './parts';

/** One of a few, each on a line of its own. */
export function Radios<T extends string>({
  label,
  value,
  options,
  onChange,
}: OneOf<T, readonly [T, string]>) {
  return (
    <fieldset>
      <legend className="text-sm text-soft">{label}</legend>
      {options.map(([key, words]) => (
        <label key={key} className="flex cursor-pointer items-center gap-2 py-1">
          <input
            type="radio"
            name={label}
            checked={key === value}
            onChange={() => onChange(key)}
            className="accent-chosen"
          />
          {words}
        </label>
      ))}
    </fieldset>
  );
}
