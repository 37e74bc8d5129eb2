'use client';

import { bare, readNumber, stepLength, withUnit, type NumberUnit } from './numbers';
import { Field } from './Field';

/** A number within a range; takes sums, and arrow keys by one or ten. */
export function NumberField({
  label,
  value,
  min = -100_000,
  max = 100_000,
  unit,
  onChange,
  className,
}: {
  label: string;
  value: number;
  min?: number;
  max?: number;
  /** Stands after the number; it may be typed or left out. */
  unit?: NumberUnit;
  onChange: (value: number) => void;
  className?: string;
}) {
  return (
    <Field
      label={label}
      value={withUnit(Math.round(value * 100) / 100, unit)}
      read={(text) => readNumber(bare(text), min, max)}
      step={stepLength}
      onChange={onChange}
      className={className ?? 'min-w-0 flex-1'}
    />
  );
}
