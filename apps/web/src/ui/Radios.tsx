'use client';

import { RadioGroup } from 'radix-ui';
import { useId } from 'react';
import type { OneOf } from './parts';

/** One of a few, each on a line of its own. */
export function Radios<T extends string>({
  label,
  value,
  options,
  onChange,
}: OneOf<T, readonly [T, string]>) {
  const id = useId();
  return (
    <div>
      <p id={id} className="text-sm text-soft">
        {label}
      </p>
      <RadioGroup.Root aria-labelledby={id} value={value} onValueChange={(next) => onChange(next as T)}>
        {options.map(([key, words]) => (
          <label key={key} className="flex cursor-pointer items-center gap-2 py-1">
            <RadioGroup.Item
              value={key}
              className="flex size-3.5 shrink-0 items-center justify-center rounded-full border border-strong bg-sheet data-[state=checked]:border-chosen"
            >
              <RadioGroup.Indicator className="size-2 rounded-full bg-chosen" />
            </RadioGroup.Item>
            {words}
          </label>
        ))}
      </RadioGroup.Root>
    </div>
  );
}
