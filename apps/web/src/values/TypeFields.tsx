'use client';

import { identifierOf, LONGEST_NAME, type FieldType, type Option } from '@tavu/core/model';
import { Field } from '../ui/Field';
import { readNumber } from './ScalarInput';

const TYPE_NAMES: [FieldType['type'], string][] = [
  ['on/off', 'On/off'],
  ['number', 'Number'],
  ['choice', 'Choice'],
  ['text', 'Text'],
  ['picture', 'Picture'],
];

/** A type as it is first made. */
export function newType(type: FieldType['type']): FieldType {
  if (type !== 'choice') return { type } as FieldType;
  return {
    type,
    options: [
      { id: 'one', label: 'One' },
      { id: 'two', label: 'Two' },
    ],
  };
}

export function TypeSelect({
  label,
  type,
  pictures = false,
  onChange,
}: {
  label: string;
  type: FieldType['type'];
  /** Whether a picture is one of the types. */
  pictures?: boolean;
  onChange: (type: FieldType['type']) => void;
}) {
  return (
    <select
      aria-label={label}
      className="h-7 rounded border border-line bg-sheet px-1"
      value={type}
      onChange={(event) => onChange(event.target.value as FieldType['type'])}
    >
      {TYPE_NAMES.filter(([key]) => pictures || key !== 'picture').map(([key, words]) => (
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
          <Bound label="Least" value={type.least} onChange={(least) => onChange({ least })} />
          <Bound label="Most" value={type.most} onChange={(most) => onChange({ most })} />
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

const readWord = (text: string): { ok: string } | { error: string } =>
  text.trim() === ''
    ? { error: 'Write a word.' }
    : text.trim().length > LONGEST_NAME
      ? { error: `A word can have ${LONGEST_NAME} characters.` }
      : { ok: text.trim() };

/** Options keep what expressions call them, as long as their label or their place stays. */
export function readOptions(text: string, before: readonly Option[]): { ok: Option[] } | { error: string } {
  const labels = text.split(',').map((label) => label.trim());
  if (labels.some((label) => label === '')) return { error: 'Between two commas stands a word.' };
  if (labels.length < 2) return { error: 'A choice has at least two options.' };
  if (labels.length > 100) return { error: 'A choice can have 100 options.' };
  if (labels.some((label) => label.length > LONGEST_NAME))
    return { error: `An option can have ${LONGEST_NAME} characters.` };
  const seen = new Set<string>();
  const options: Option[] = [];
  for (const [i, label] of labels.entries()) {
    const known = before.find((option) => option.label === label);
    const same =
      labels.length === before.length && !labels.includes(before[i]!.label) ? before[i] : undefined;
    const id = (known ?? same)?.id ?? identifierOf(label).toLowerCase();
    if (seen.has(id)) return { error: `“${label}” is there twice.` };
    seen.add(id);
    options.push({ id, label });
  }
  return { ok: options };
}
