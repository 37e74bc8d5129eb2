'use client';

import {
  COMPARISONS,
  comparisonsOf,
  type Clause,
  type Comparison,
  type Known,
  type Scope,
} from '@tavu/core/expression';
import { zeroOf, type Id } from '@tavu/core/model';
import { Field, Select } from '../ui';
import { ScalarInput } from './ScalarInput';
import { readWord } from './scalars';

const LOOK = 'max-w-full min-w-0 bg-sheet font-semibold';

/** The blanks of one part of a condition. */
export function ClauseBlanks({
  clause,
  scope,
  onChange,
}: {
  clause: Clause;
  scope: Scope;
  onChange: (clause: Clause) => void;
}) {
  switch (clause.asks) {
    case 'value':
      return <TestBlanks clause={clause} scope={scope} onChange={onChange} />;
    case 'up':
      return (
        <>
          <ScreenBlank
            scope={scope}
            value={clause.screen}
            onChange={(screen) => onChange({ ...clause, screen })}
          />
          <NotBlank clause={clause} words={['is up', 'is not up']} onChange={onChange} />
        </>
      );
    case 'from':
      return (
        <>
          <NotBlank clause={clause} words={['it came from', 'it did not come from']} onChange={onChange} />
          <ScreenBlank
            scope={scope}
            value={clause.screen}
            onChange={(screen) => onChange({ ...clause, screen })}
          />
        </>
      );
    case 'save':
      return (
        <>
          <NotBlank clause={clause} words={['a save exists', 'no save exists']} onChange={onChange} />
          in slot
          <Field
            hidden
            label="Slot"
            className="w-16"
            value={clause.slot}
            read={readWord}
            onChange={(slot) => onChange({ ...clause, slot })}
          />
        </>
      );
    case 'covered':
      return <NotBlank clause={clause} words={['it is covered', 'nothing covers it']} onChange={onChange} />;
    case 'formula':
      return <code className="min-w-0 font-mono text-sm break-words">{clause.text}</code>;
  }
}

type Denied = Clause & { not: boolean };

function NotBlank<T extends Denied>({
  clause,
  words: [yes, no],
  onChange,
}: {
  clause: T;
  words: readonly [string, string];
  onChange: (clause: T) => void;
}) {
  return (
    <Select
      label="Holds or not"
      className={LOOK}
      value={clause.not ? 'no' : 'yes'}
      options={[
        ['yes', yes],
        ['no', no],
      ]}
      onChange={(value) => onChange({ ...clause, not: value === 'no' })}
    />
  );
}

function ScreenBlank({
  scope,
  value,
  onChange,
}: {
  scope: Scope;
  value: Id;
  onChange: (screen: Id) => void;
}) {
  const names = new Map([...scope.screens.values()].map(({ id, name }) => [id, name]));
  return <Select label="Screen" className={LOOK} value={value} options={[...names]} onChange={onChange} />;
}

type Test = Clause & { asks: 'value' };

function TestBlanks({
  clause,
  scope,
  onChange,
}: {
  clause: Test;
  scope: Scope;
  onChange: (clause: Test) => void;
}) {
  const { type } = scope.names.get(clause.name)!;
  return (
    <>
      <Select
        label="Value"
        className={LOOK}
        value={clause.name}
        options={[...scope.names].map(([called, { name }]) => [called, name])}
        onChange={(name) => onChange(testOf(name, scope.names.get(name)!))}
      />
      <Select<Comparison>
        label="Compared"
        className={LOOK}
        value={clause.is}
        options={comparisonsOf(type).map((is) => [is, COMPARISONS[is]])}
        onChange={(is) => onChange({ ...clause, is })}
      />
      <span className="min-w-16 flex-1">
        <ScalarInput
          label="Is this"
          type={type}
          value={clause.to}
          onChange={(to) => onChange({ ...clause, to })}
        />
      </span>
    </>
  );
}

/** What is first asked of a value: that it is on, or what it is when nothing has happened. */
const testOf = (name: string, { type }: Known): Test => ({
  asks: 'value',
  name,
  is: '==',
  to: type.type === 'on/off' ? true : zeroOf(type),
});

/** A test of the first name there is; null when there is none. */
export function freshTest({ names }: Scope): Test | null {
  const [first] = names;
  return first ? testOf(...first) : null;
}
