'use client';

import { readNumber, stepLength } from './numbers';
import { Field } from './Field';

/** A number within a range; takes sums, and arrow keys by one or ten. */
export function NumberField({
  label,
  value,
  min = -100_000,
  max = 100_000,
  onChange,
  className,
}: {
  label: string;
  value: number;
  min?: number;
  max?: number;
  onChange: (value: number) => void;
  className?: string;
}) {
  return (
    <Field
      label={label}
      value={String(Math.round(value * 100) / 100)}
      read={(text) => readNumber(text.replace(/\s*[%°]$/, ''), min, max)}
      step={stepLength}
      onChange={onChange}
      className={className ?? 'min-w-0 flex-1'}
    />
  );
}
