'use client';

import { readDuration, type Id, isPicture } from '@tavu/core/model';
import { useStudio } from '../../store';
import { Field, Select } from '../../ui';
import type { Owner } from './chosen';

/** What the rows of steps are filled in with. */

export const SELECT = 'h-7 max-w-40 min-w-0 border border-line bg-sheet font-semibold hover:bg-chosen-wash';

/** A time that a step takes; it takes the keyboard when the step is new. */
export function Time<T extends string | undefined>({
  label,
  value,
  onChange,
}: {
  label: string;
  value: T;
  onChange: (time: T) => void;
}) {
  const rates = useStudio((studio) => studio.project.rates);
  return (
    <span className="w-20">
      <Field<T>
        hidden
        label={label}
        value={value ?? ''}
        read={(text) => {
          if (text.trim() === '' && value !== undefined && label === 'Timeout') return { ok: undefined as T };
          return readDuration(text, rates, 's') as { ok: T } | { error: string };
        }}
        onChange={onChange}
      />
    </span>
  );
}

export function ShowPicture({
  owner,
  picture,
  onChange,
}: {
  owner: Owner;
  picture: Id | undefined;
  onChange: (picture: Id | undefined) => void;
}) {
  const assets = useStudio((studio) => studio.project.assets).filter(isPicture);
  const given = 'parameters' in owner ? owner.parameters.filter(({ type }) => type === 'picture') : [];
  return (
    <Select
      label="With which picture"
      value={picture ?? ''}
      options={[
        ['', 'with its own picture'],
        ...given.map(({ id, name }): [Id, string] => [id, `{${name}}`]),
        ...assets.map(({ id, name }): [Id, string] => [id, name]),
      ]}
      className={SELECT}
      onChange={(id: Id) => onChange(id === '' ? undefined : id)}
    />
  );
}
