'use client';

import { ConditionBlank, makeValue } from '../../fields';
import { conditionWords, scopeOfScreen } from '@tavu/core/expression';
import { screenById } from '@tavu/core/model';
import { useState } from 'react';
import { useStudio } from '../../store';
import { ExpressionField, Sheet } from '../../ui';
import type { Owner } from './chosen';

/** A condition that can be put in and taken out. */
export function If({
  owner,
  when,
  onChange,
}: {
  owner: Owner;
  when: string | undefined;
  onChange: (when: string | undefined) => void;
}) {
  const project = useStudio((studio) => studio.project);
  const scope = scopeOfScreen(project, 'screen' in owner ? screenById(project, owner.screen) : undefined);
  return (
    <ConditionBlank
      label="Only if"
      field="Only if"
      none="Take the condition out"
      value={when}
      scope={scope}
      onChange={onChange}
      trigger={
        <button type="button" className="blank max-w-40 truncate">
          {when === undefined ? 'if …' : `if ${conditionWords(when, scope)}`}
        </button>
      }
    />
  );
}

/** One expression beside its name; it opens when it is pressed. */
export function Expression({
  owner,
  label,
  value,
  onChange,
}: {
  owner: Owner;
  label: string;
  value: string;
  onChange: (text: string) => void;
}) {
  const project = useStudio((studio) => studio.project);
  const [open, setOpen] = useState(false);
  const screen = 'screen' in owner ? screenById(project, owner.screen) : undefined;
  return (
    <span className="flex items-center gap-1 text-soft">
      {label}
      <Sheet
        label={label}
        open={open}
        onOpen={setOpen}
        trigger={
          <button type="button" className="blank max-w-32 truncate">
            {value === '' ? '…' : value}
          </button>
        }
      >
        <div className="p-3">
          <ExpressionField
            label={label}
            value={value}
            scope={scopeOfScreen(project, screen)}
            onMake={makeValue}
            onChange={(text) => {
              onChange(text);
              setOpen(false);
            }}
          />
        </div>
      </Sheet>
    </span>
  );
}
