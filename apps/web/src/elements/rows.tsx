'use client';

import { elementAt } from '@tavu/core/component';
import { keysBeside } from '@tavu/core/keys';
import { withoutMarks } from '@tavu/core/marks';
import {
  linksFrom,
  titleCase,
  valuesOf,
  type Element,
  type Id,
  type Project,
  type Scalar,
  type Screen,
  type ValueType,
} from '@tavu/core/model';
import { timeOf } from '@tavu/core/triggers';
import { sentenceText } from '@tavu/core/words';
import { useId } from 'react';
import { editingLayer, ThingRow } from '../ui';
import { makeSetting, MarkedArea, type Put } from '../fields';
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

/** The choice that makes a value; no id is spelled like it. */
const NEW = ' new';

/** The value an element shows; one that is set by its control can be made here, with the control's own range. */
export function ValueRow({
  types,
  element,
  path,
  make,
  put,
}: {
  types: readonly string[];
  element: Element & { value?: Id };
  /** It may lead through placed components. */
  path: string;
  /** What a value made here is like. Absent: the element only shows one, and makes none. */
  make?: ValueType & { default?: Scalar };
  put: Put;
}) {
  const values = valuesOf(useStudio((studio) => studio.project)).filter((other) =>
    types.includes(other.type),
  );
  const name = 'text' in element && element.text.trim() !== '' ? element.text.trim() : element.name;
  const pick = (id: Id | undefined): void => {
    if (id !== NEW || !make) return put({ value: id });
    // One step with the value that is made: both have the key of this element's value.
    const made = makeSetting(settingName(name), make, `value ${path}`);
    if (made) put({ value: made }, 'value');
  };
  return (
    <ThingRow
      label={make ? 'Controls the value' : 'Shows the value'}
      value={element.value}
      none="none: the sample"
      things={[...values, ...(make ? [{ id: NEW, name: `new setting “${settingName(name)}”` }] : [])]}
      onChange={pick}
    />
  );
}

/** A name for a value from the words on its control: short, and without marks and names in braces. */
const settingName = (words: string): string =>
  withoutMarks(words)
    .replace(/\{[^}]*\}/g, ' ')
    .replace(/\s+/g, ' ')
    .trim()
    .toLowerCase()
    .slice(0, 40) || 'setting';

/** How long it is until a sentence of its screen is due, shown in its words as `{remaining}`, or by how full it is. */
export function TimerRow({
  screen,
  path,
  value,
  put,
}: {
  screen: Screen;
  path: string;
  value: Id | undefined;
  put: Put;
}) {
  const project = useStudio((studio) => studio.project);
  const timed = linksFrom(project, ownerAt(project, screen, path)).filter(
    (link) => timeOf(link.trigger) !== null,
  );
  if (timed.length === 0 && value === undefined) return null;
  return (
    <ThingRow
      label="Counts down to"
      value={value}
      none="nothing"
      things={timed.map((link) => ({ id: link.id, name: sentenceText(project, link) }))}
      onChange={(timer) => put({ timer })}
    />
  );
}

/** The screen or component that an element stands on. */
function ownerAt(project: Project, screen: Screen, path: string): Id {
  const cut = path.lastIndexOf('/');
  const placed = cut < 0 ? null : elementAt(project, screen.elements, path.slice(0, cut));
  return placed?.type === 'component' ? placed.component : screen.id;
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
      plain
      text={lines.join('\n')}
      onChange={(text) => onChange(text.split('\n').slice(0, 500))}
    />
  );
}

export function Words({
  label = 'Text',
  text,
  onChange,
  ends = false,
  plain = false,
}: {
  label?: string;
  text: string;
  onChange: (text: string) => void;
  /** Enter ends the typing, as in Live, and Shift Enter breaks the line. */
  ends?: boolean;
  /** Marks are words like any other in it. */
  plain?: boolean;
}) {
  const id = useId();
  return (
    <div>
      <label htmlFor={id} className="mb-0.5 block text-sm text-soft">
        {label}
      </label>
      <MarkedArea
        id={id}
        value={text}
        maxLength={10_000}
        rows={Math.min(6, text.split('\n').length + Math.floor(text.length / 36))}
        className="block w-full resize-y rounded border border-line bg-sheet px-1.5 py-1"
        onWords={onChange}
        plain={plain}
        onKeyDown={(event) => {
          if (!ends || event.key !== 'Enter' || event.shiftKey || event.nativeEvent.isComposing) return;
          event.preventDefault();
          endStep();
          editingLayer()?.focus({ preventScroll: true });
        }}
      />
    </div>
  );
}
