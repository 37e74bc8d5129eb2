'use client';

import {
  clausesOf,
  clausesText,
  FIRST_SLOT,
  type Clause,
  type Clauses,
  type Scope,
} from '@tavu/core/expression';
import { CONDITION } from '@tavu/core/phrasing';
import { Trash2 } from 'lucide-react';
import { useRef, type ReactNode } from 'react';
import { Button, ExpressionField, IconButton, Select, Small } from '../ui';
import { ClauseBlanks, freshTest } from './ClauseBlanks';
import { makeValue } from './makeValue';

/** What a part can ask, as it is offered, and what it asks at first. Null: there is nothing to ask about. */
const OFFERS: readonly (readonly [string, (scope: Scope) => Clause | null])[] = [
  ['a value is …', (scope) => freshTest(scope)],
  ['a screen is up', (scope) => ofScreen('up', scope)],
  ['it came from …', (scope) => ofScreen('from', scope)],
  ['a save exists', () => ({ asks: 'save', slot: FIRST_SLOT, not: false })],
];

function ofScreen(asks: 'up' | 'from', { screens }: Scope): Clause | null {
  const [first] = screens.values();
  return first ? { asks, screen: first.id, not: false } : null;
}

/**
 * A condition in the making: parts with blanks, joined by *and* or *or*, and the formula they come to. What is chosen
 * holds at once; Enter in the formula takes it and closes.
 */
export function ConditionField({
  label,
  value,
  scope,
  onChange,
  close,
  none,
  also,
}: {
  label: string;
  /** Empty where there is no condition yet. */
  value: string;
  scope: Scope;
  /** Undefined where the last part, or all of it, is taken out. */
  onChange: (text: string | undefined) => void;
  close: () => void;
  /** What takes it out. Absent: there has to be one. */
  none?: string;
  /** What else is offered among the parts. */
  also?: ReactNode;
}) {
  const parts = useRef<HTMLDivElement>(null);
  const clauses: Clauses | null = value === '' ? { join: 'and', parts: [] } : clausesOf(value, scope);
  const put = (change: Partial<Clauses>): void => {
    const next = { ...clauses!, ...change };
    onChange(next.parts.length === 0 ? undefined : clausesText(next, scope));
  };
  const change = (index: number, part: Clause | null): void =>
    put({ parts: clauses!.parts.flatMap((other, i) => (i === index ? (part ?? []) : other)) });
  /** A new part is filled in where it stands. */
  const add = (part: Clause): void => {
    put({ parts: [...clauses!.parts, part] });
    requestAnimationFrame(() =>
      [...(parts.current?.querySelectorAll<HTMLElement>('[data-part]') ?? [])]
        .at(-1)
        ?.querySelector<HTMLElement>('select')
        ?.focus(),
    );
  };
  return (
    <div className="space-y-2 p-3">
      {clauses && (
        <div ref={parts} className="space-y-1" role="group" aria-label="Parts of the condition">
          {clauses.parts.map((part, i) => (
            <div
              key={i}
              data-part
              role="group"
              aria-label={`Part ${i + 1}`}
              className="flex flex-wrap items-center gap-1 rounded bg-chosen-wash px-1.5 py-0.5"
            >
              {i > 0 && (
                <Select
                  label="Joined by"
                  className="bg-sheet font-semibold"
                  value={clauses.join}
                  options={[
                    ['and', 'and'],
                    ['or', 'or'],
                  ]}
                  onChange={(join) => put({ join })}
                />
              )}
              <ClauseBlanks clause={part} scope={scope} onChange={(next) => change(i, next)} />
              {(none !== undefined || clauses.parts.length > 1) && (
                <IconButton
                  name="Take this part out"
                  className="ml-auto size-6"
                  onClick={() => change(i, null)}
                >
                  <Trash2 size={13} />
                </IconButton>
              )}
            </div>
          ))}
          <div className="flex flex-wrap gap-1">
            {OFFERS.map(([words, fresh]) => {
              const part = fresh(scope);
              return (
                part && (
                  <Small key={words} onClick={() => add(part)}>
                    {clauses.parts.length === 0 ? words : `${clauses.join} ${words}`}
                  </Small>
                )
              );
            })}
            {also}
          </div>
        </div>
      )}
      <ExpressionField
        label={label}
        value={value}
        scope={scope}
        wanted={CONDITION}
        onMake={makeValue}
        onChange={(text) => {
          onChange(text);
          close();
        }}
        onLeave={onChange}
      />
      {none !== undefined && value !== '' && (
        <Button
          onClick={() => {
            onChange(undefined);
            close();
          }}
        >
          {none}
        </Button>
      )}
    </div>
  );
}
