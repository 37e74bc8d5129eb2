'use client';

import { identifierOf, zeroOf, type FieldType, type Id, type Parameter, type Scalar } from '@tavu/core/model';
import { Trash2 } from 'lucide-react';
import { Field, IconButton, Check } from '../../ui';
import { ScalarInput, newType, readValueName } from '../../fields';
import { TypeRest, TypeSelect } from './TypeFields';

type Item = FieldType & { id: Id; name: string; default?: Scalar };

/** The named, typed things that come with an event, or that a screen is told. */
export function Fields({
  title,
  items,
  defaults = false,
  fixed,
  onAdd,
  onChange,
  onDelete,
}: {
  title: string;
  items: readonly Item[];
  /** Whether each may have something that stands in for it when it is not given. */
  defaults?: boolean;
  /** Why one cannot be called otherwise, by its name; null when it can. */
  fixed?: (name: string) => string | null;
  onAdd: (name: string, type: FieldType) => void;
  onChange: (id: Id, change: Partial<Parameter>) => void;
  onDelete: (id: Id) => void;
}) {
  return (
    <div role="group" aria-label={title}>
      <p className="mb-1 text-sm text-soft">{title}</p>
      <ul className="space-y-1.5">
        {items.map((item) => (
          <li key={item.id} className="rounded border border-line p-1.5">
            <div className="flex items-start gap-1">
              <Field
                hidden
                label={`Name of ${item.name}`}
                value={item.name}
                className="min-w-0 flex-1"
                read={(text) => {
                  const why = text.trim() === item.name ? null : fixed?.(item.name);
                  if (why) return { error: why };
                  return readValueName(
                    text,
                    items.filter((other) => other !== item),
                  );
                }}
                onChange={(name) => onChange(item.id, { name })}
              />
              <TypeSelect
                label={`Type of ${item.name}`}
                type={item.type}
                onChange={(type) => onChange(item.id, { ...CLEARED, ...newType(type) } as Partial<Parameter>)}
              />
              <IconButton name={`Take ${item.name} out`} onClick={() => onDelete(item.id)}>
                <Trash2 size={13} />
              </IconButton>
            </div>
            {(item.type === 'choice' || item.type === 'number') && (
              <div className="mt-1">
                <TypeRest
                  type={item}
                  onChange={(change) => onChange(item.id, change as Partial<Parameter>)}
                />
              </div>
            )}
            {defaults && (
              <div className="mt-1 flex items-center gap-2">
                <Check
                  on={item.default === undefined}
                  className="shrink-0 text-sm"
                  onChange={(on) => onChange(item.id, { default: on ? undefined : zeroOf(item) })}
                >
                  required
                </Check>
                {item.default !== undefined && (
                  <span className="min-w-0 flex-1">
                    <ScalarInput
                      label={`${item.name} by default`}
                      type={item}
                      value={item.default}
                      onChange={(value) => onChange(item.id, { default: value })}
                    />
                  </span>
                )}
              </div>
            )}
            <p className="mt-0.5 font-mono text-xs text-soft">{`{${identifierOf(item.name)}}`}</p>
          </li>
        ))}
      </ul>
      <Field
        clears
        label="New field"
        value=""
        className="mt-1"
        read={(text) => readValueName(text, items)}
        onChange={(name) => onAdd(name, { type: 'text' })}
      />
    </div>
  );
}

/** What another type had to say of itself. */
const CLEARED = {
  default: undefined,
  options: undefined,
  min: undefined,
  max: undefined,
  step: undefined,
  unit: undefined,
};
