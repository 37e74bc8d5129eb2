'use client';

import { ConditionField } from '../fields';
import { check, conditionWords, type Scope } from '@tavu/core/expression';
import type { FieldType } from '@tavu/core/model';
import { useState } from 'react';
import { Sheet, Row } from '../ui';

const CONDITION: FieldType = { type: 'on/off' };

/** A condition as a setting: always, or only while an expression holds. */
export function ConditionRow({
  label,
  value,
  scope,
  onChange,
}: {
  label: string;
  value: string | undefined;
  scope: Scope;
  onChange: (value: string | undefined) => void;
}) {
  const [open, setOpen] = useState(false);
  const wrong = value !== undefined && check(value, scope, CONDITION).complaints.length > 0;
  return (
    <Row label={label}>
      <Sheet
        label={label}
        width="w-96"
        open={open}
        onOpen={setOpen}
        trigger={
          <button
            type="button"
            className={`blank min-w-0 truncate ${wrong ? 'border-dashed border-warn text-warn' : ''}`}
          >
            {value === undefined ? 'always' : wrong ? value : conditionWords(value, scope)}
          </button>
        }
      >
        {open && (
          <ConditionField
            label="Only while"
            value={value ?? ''}
            scope={scope}
            none="Always"
            onChange={onChange}
            close={() => setOpen(false)}
          />
        )}
      </Sheet>
    </Row>
  );
}
