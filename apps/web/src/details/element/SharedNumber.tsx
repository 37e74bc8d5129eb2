'use client';

import { bare, Field, readNumber, stepLength, withUnit, type NumberUnit } from '../../ui';
import { MIXED } from '../shared';

/** A number that one or several elements have: nothing is shown where they differ, and what is typed is for all. */
export function SharedNumber({
  label,
  shown,
  value,
  min,
  max,
  unit,
  className,
  onChange,
}: {
  label: string;
  /** What is written in its place where there is little room. */
  shown?: string;
  value: number | undefined;
  min: number;
  max: number;
  unit?: NumberUnit;
  className?: string;
  onChange: (value: number) => void;
}) {
  return (
    <Field
      label={label}
      shown={shown}
      value={value === undefined ? '' : withUnit(Math.round(value * 100) / 100, unit)}
      placeholder={MIXED}
      read={(text) => readNumber(bare(text), min, max)}
      step={value === undefined ? undefined : stepLength}
      onChange={onChange}
      className={className}
    />
  );
}
