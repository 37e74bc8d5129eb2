'use client';

import type { FieldType } from '@tavu/core/model';
import { Field } from '../../ui';
import { readNumber, readOptions, readWord } from '../../fields';

const TYPE_NAMES: [FieldType['type'], string][] = [
  ['on/off', 'On/off'],
  ['number', 'Number'],
  ['choice', 'Choice'],
  ['text', 'Text'],
  ['picture', 'Picture'],
];

export function TypeSelect<T extends string = FieldType['type']>({
  label,
  type,
  also = [],
  onChange,
}: {
  label: string;
  type: T;
  /** What it can be besides. */
  also?: readonly (readonly [T, string])[];
  onChange: (type: T) => void;
}) {
  return (
    <select
      aria-label={label}
      className="h-7 rounded border border-line bg-sheet px-1"
      value={type}
      onChange={(event) => onChange(event.target.value as T)}
    >
      {[...TYPE_NAMES, ...also].map(([key, words]) => (
        <option key={key} value={key}>
          {words}
        </option>
      ))}
    </select>
  );
}

/** What else a type says: words for on and off, a range, options. */
export function TypeRest({
  type,
  onChange,
}: {
  type: FieldType;
  onChange: (change: Partial<FieldType>) => void;
}) {
  switch (type.type) {
    case 'on/off':
      return (
        <div className="grid grid-cols-2 gap-2">
          <Field
            label="Word for on"
            value={type.on ?? 'On'}
            read={readWord}
            onChange={(on) => onChange({ on })}
          />
          <Field
            label="Word for off"
            value={type.off ?? 'Off'}
            read={readWord}
            onChange={(off) => onChange({ off })}
          />
        </div>
      );
    case 'number':
      return (
        <div className="grid grid-cols-4 gap-2">
          <Bound label="Min" value={type.min} onChange={(min) => onChange({ min })} />
          <Bound label="Max" value={type.max} onChange={(max) => onChange({ max })} />
          <Bound label="Step" value={type.step} onChange={(step) => onChange({ step })} />
          <Field
            label="Unit"
            value={type.unit ?? ''}
            read={(text) => (text.trim() === '' ? { ok: undefined } : readWord(text))}
            onChange={(unit) => onChange({ unit })}
          />
        </div>
      );
    case 'choice':
      return (
        <Field
          label="Options, with commas between"
          value={type.options.map((option) => option.label).join(', ')}
          read={(text) => readOptions(text, type.options)}
          onChange={(options) => onChange({ options })}
        />
      );
    default:
      return null;
  }
}

function Bound({
  label,
  value,
  onChange,
}: {
  label: string;
  value: number | undefined;
  onChange: (value: number | undefined) => void;
}) {
  return (
    <Field
      label={label}
      value={value === undefined ? '' : String(value)}
      read={(text) => (text.trim() === '' ? { ok: undefined } : readNumber(text))}
      onChange={onChange}
    />
  );
}
