'use client';

import { ConditionField, makeValue } from '../../fields';
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
  const [open, setOpen] = useState(false);
  const scope = scopeOfScreen(project, 'screen' in owner ? screenById(project, owner.screen) : undefined);
  return (
    <Sheet
      label="Only if"
      width="w-96"
      open={open}
      onOpen={setOpen}
      trigger={
        <button type="button" className="blank max-w-40 truncate">
          {when === undefined ? 'if …' : `if ${conditionWords(when, scope)}`}
        </button>
      }
    >
      {open && (
        <ConditionField
          label="Only if"
          value={when ?? ''}
          scope={scope}
          none="Take the condition out"
          onChange={onChange}
          close={() => setOpen(false)}
        />
      )}
    </Sheet>
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
