'use client';

import type { Scope } from '@tavu/core/expression';
import { useState, type ReactNode } from 'react';
import { Sheet } from '../ui';
import { ConditionField } from './ConditionField';

/** A condition that reads as a word, and is put together in a sheet beside it. */
export function ConditionBlank({
  label,
  field,
  none,
  value,
  scope,
  trigger,
  onChange,
}: {
  /** What the sheet is called, and its formula. */
  label: string;
  field: string;
  /** What takes the condition out. */
  none: string;
  value: string | undefined;
  scope: Scope;
  trigger: ReactNode;
  onChange: (value: string | undefined) => void;
}) {
  const [open, setOpen] = useState(false);
  return (
    <Sheet label={label} width="w-96" open={open} onOpen={setOpen} trigger={trigger}>
      {open && (
        <ConditionField
          label={field}
          value={value ?? ''}
          scope={scope}
          none={none}
          onChange={onChange}
          close={() => setOpen(false)}
        />
      )}
    </Sheet>
  );
}
