'use client';

import { readDuration, timeIn, toMicros, type Duration, type Rates, type Unit } from '@tavu/core/model';
import { useStudio } from '../store';
import { Field } from '../ui';

/** Frames and ticks converted to seconds. */
function inSeconds(value: Duration | undefined, rates: Rates): string | undefined {
  return value !== undefined && /(frames|ticks)$/.test(value)
    ? `= ${timeIn(toMicros(value, rates), 's', rates)}`
    : undefined;
}

/** A time with its unit: seconds, milliseconds, frames or ticks. Empty is none, where there may be none. */
export function DurationField({
  label,
  value,
  onChange,
  unit = 'ms',
  optional = false,
  max,
  hidden = false,
  placeholder,
  className,
}: {
  label: string;
  value: Duration | undefined;
  onChange: (duration: Duration | undefined) => void;
  /** What a bare number is in. */
  unit?: Unit;
  optional?: boolean;
  /** The longest that makes sense, in microseconds, and the words for a longer one. */
  max?: { micros: number; words: string };
  /** The label is only spoken. */
  hidden?: boolean;
  placeholder?: string;
  className?: string;
}) {
  const rates = useStudio((studio) => studio.project.rates);
  return (
    <Field<Duration | undefined>
      label={label}
      hidden={hidden}
      placeholder={placeholder}
      value={value ?? ''}
      read={(text) => {
        if (optional && text.trim() === '') return { ok: undefined };
        const got = readDuration(text, rates, unit);
        const long = max && 'ok' in got && toMicros(got.ok, rates) > max.micros;
        return long ? { error: max.words } : got;
      }}
      onChange={onChange}
      note={inSeconds(value, rates)}
      className={className ?? 'min-w-0 flex-1'}
    />
  );
}
