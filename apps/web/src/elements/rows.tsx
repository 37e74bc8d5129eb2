'use client';

import { keysBeside } from '@tavu/core/keys';
import { titleCase, type Id } from '@tavu/core/model';
import { editingLayer, ThingRow } from '../ui';
import { endStep, useStudio } from '../store';

/** Rows that the settings of several types of element have. */

export function ActionRow({
  label,
  value,
  none,
  onChange,
}: {
  label: string;
  value: Id | undefined;
  none: string;
  onChange: (id: Id | undefined) => void;
}) {
  const actions = useStudio((studio) => studio.project.actions);
  return (
    <ThingRow
      label={label}
      value={value}
      none={none}
      things={actions.map((action) => ({
        id: action.id,
        name: `${titleCase(action.name)}${keysBeside(action)}`,
      }))}
      onChange={onChange}
    />
  );
}

export function ValueRow({
  types,
  value,
  onChange,
}: {
  types: readonly string[];
  value: Id | undefined;
  onChange: (value: Id | undefined) => void;
}) {
  const values = useStudio((studio) => studio.project.values).filter((other) => types.includes(other.type));
  return (
    <ThingRow
      label="Shows the value"
      value={value}
      none="none: what is here"
      things={values}
      onChange={onChange}
    />
  );
}

export function Lines({
  label,
  lines,
  onChange,
}: {
  label: string;
  lines: readonly string[];
  onChange: (lines: string[]) => void;
}) {
  return (
    <Words
      label={label}
      text={lines.join('\n')}
      onChange={(text) => onChange(text.split('\n').slice(0, 500))}
    />
  );
}

export function Words({
  label = 'Words on it',
  text,
  onChange,
  ends = false,
}: {
  label?: string;
  text: string;
  onChange: (text: string) => void;
  /** Enter ends the typing, as in Live, and Shift Enter breaks the line. */
  ends?: boolean;
}) {
  return (
    <label className="block">
      <span className="mb-0.5 block text-sm text-soft">{label}</span>
      <textarea
        value={text}
        maxLength={10_000}
        rows={Math.min(6, text.split('\n').length + Math.floor(text.length / 36))}
        className="w-full resize-y rounded border border-line bg-sheet px-1.5 py-1"
        onChange={(event) => onChange(event.target.value)}
        onKeyDown={(event) => {
          if (!ends || event.key !== 'Enter' || event.shiftKey || event.nativeEvent.isComposing) return;
          event.preventDefault();
          endStep();
          editingLayer()?.focus({ preventScroll: true });
        }}
      />
    </label>
  );
}
