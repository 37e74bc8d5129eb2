'use client';

import { ConditionBlank } from '../fields';
import { check, conditionWords, type Scope } from '@tavu/core/expression';
import { CONDITION } from '@tavu/core/phrasing';
import { Row } from '../ui';

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
  const wrong = value !== undefined && check(value, scope, CONDITION).complaints.length > 0;
  return (
    <Row label={label}>
      <ConditionBlank
        label={label}
        field="Only while"
        none="Always"
        value={value}
        scope={scope}
        onChange={onChange}
        trigger={
          <button
            type="button"
            className={`blank min-w-0 truncate ${wrong ? 'border-dashed border-warn text-warn' : ''}`}
          >
            {value === undefined ? 'always' : wrong ? value : conditionWords(value, scope)}
          </button>
        }
      />
    </Row>
  );
}
