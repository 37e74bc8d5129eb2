'use client';

import { type FieldType, type Scalar, isPicture } from '@tavu/core/model';
import { useStudio } from '../store';
import { Field } from '../ui';
import { readNumber, readText } from './scalars';

/** What a value, parameter or field holds, in the form that fits its type. */
export function ScalarInput({
  label,
  type,
  value,
  onChange,
}: {
  label: string;
  type: FieldType;
  value: Scalar | undefined;
  onChange: (value: Scalar) => void;
}) {
  const pictures = useStudio((studio) => studio.project.assets).filter(isPicture);
  const oneOf = (options: readonly (readonly [string, string])[]) => (
    <select
      aria-label={label}
      className="h-7 w-full rounded border border-line bg-sheet px-1"
      value={String(value ?? '')}
      onChange={(event) => onChange(event.target.value)}
    >
      {options.map(([id, words]) => (
        <option key={id} value={id}>
          {words}
        </option>
      ))}
    </select>
  );
  switch (type.type) {
    case 'on/off':
      return (
        <label className="inline-flex h-7 cursor-pointer items-center gap-1.5">
          <input
            type="checkbox"
            role="switch"
            aria-label={label}
            className="accent-chosen"
            checked={value === true}
            onChange={(event) => onChange(event.target.checked)}
          />
          {value === true ? (type.on ?? 'On') : (type.off ?? 'Off')}
        </label>
      );
    case 'choice':
      return oneOf(type.options.map(({ id, label }) => [id, label] as const));
    case 'picture':
      return oneOf([['', 'none'], ...pictures.map((asset): [string, string] => [asset.id, asset.name])]);
    case 'number':
      return (
        <Field
          hidden
          label={label}
          value={String(value ?? '')}
          read={(text) => readNumber(text, type)}
          onChange={onChange}
          step={(text, by) => String(Number(text || 0) + by * (type.step ?? 1))}
        />
      );
    case 'text':
      return (
        <Field
          hidden
          label={label}
          value={String(value ?? '')}
          read={(text) => readText(text)}
          onChange={onChange}
        />
      );
  }
}
