'use client';

import { makeValue } from '../fields';
import { check, type Scope } from '@tavu/core/expression';
import type { FieldType } from '@tavu/core/model';
import { useState } from 'react';
import { ExpressionField, Button, Sheet, Row } from '../ui';

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
  const put = (to: string | undefined): void => {
    onChange(to);
    setOpen(false);
  };
  return (
    <Row label={label}>
      <Sheet
        label={label}
        open={open}
        onOpen={setOpen}
        trigger={
          <button
            type="button"
            className={`blank min-w-0 truncate ${wrong ? 'border-dashed border-warn text-warn' : ''}`}
          >
            {value ?? 'always'}
          </button>
        }
      >
        {open && (
          <div className="space-y-2 p-3">
            <ExpressionField
              label="Only while"
              value={value ?? ''}
              scope={scope}
              wanted={CONDITION}
              onMake={makeValue}
              onChange={put}
            />
            {value !== undefined && <Button onClick={() => put(undefined)}>Always</Button>}
          </div>
        )}
      </Sheet>
    </Row>
  );
}
