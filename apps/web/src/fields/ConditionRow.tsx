'use client';

import { ConditionBlank } from './ConditionBlank';
import { check, conditionWords, type Scope } from '@tavu/core/expression';
import { titleCase } from '@tavu/core/model';
import { CONDITION } from '@tavu/core/phrasing';
import { Row } from '../ui';

/** A condition as a setting: always, or only while an expression holds. */
export function ConditionRow({
  label,
  value,
  none = 'always',
  scope,
  onChange,
}: {
  label: string;
  value: string | undefined;
  /** What it is without one. Absent: always. */
  none?: string;
  scope: Scope;
  onChange: (value: string | undefined) => void;
}) {
  const wrong = value !== undefined && check(value, scope, CONDITION).complaints.length > 0;
  return (
    <Row label={label}>
      <ConditionBlank
        label={label}
        field="Only while"
        none={titleCase(none)}
        value={value}
        scope={scope}
        onChange={onChange}
        trigger={
          <button
            type="button"
            className={`blank min-w-0 truncate ${wrong ? 'border-dashed border-warn text-warn' : ''}`}
          >
            {value === undefined ? none : wrong ? value : conditionWords(value, scope)}
          </button>
        }
      />
    </Row>
  );
}
