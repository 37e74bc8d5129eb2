'use client';

import { fieldFor } from '@tavu/core/compile';
import { componentById } from '@tavu/core/component';
import { knownFields, scopeOfEach, scopeWith } from '@tavu/core/expression';
import { listById } from '@tavu/core/lists';
import type { Component, Id, ListElement, ListValue } from '@tavu/core/model';
import { ArrowDown, ArrowUp, Plus, Trash2 } from 'lucide-react';
import { ConditionRow, type Put } from '../fields';
import { edit, useStudio } from '../store';
import { Button, Check, IconButton, NumberField, Select, SelectRow, Small, ThingRow } from '../ui';

/** What a list shows: which list of the project, what each row is, in which order, and what stands in place of rows. */
export function ListRows({ element, path, put }: { element: ListElement; path: Id; put: Put }) {
  const project = useStudio((studio) => studio.project);
  const components = project.components ?? [];
  const list = listById(project, element.list);
  const row = componentById(project, element.row);
  if (!list) return null;
  const { sort = [] } = element;
  const piece = (key: 'empty' | 'waiting' | 'failed' | 'open', label: string) => (
    <ThingRow
      label={label}
      value={element[key]}
      none={key === 'open' ? 'nothing' : 'its rows'}
      things={components}
      onChange={(id) => put({ [key]: id })}
    />
  );
  return (
    <>
      <ThingRow
        label="Each row is"
        value={element.row}
        none="nothing yet"
        things={components}
        onChange={(id) => put({ row: id })}
      />
      {!row && <MakeRow list={list} element={element} path={path} put={put} />}
      {row && <Told list={list} row={row} element={element} put={put} />}
      <div className="grid grid-cols-3 gap-2">
        <NumberField
          label="Row height"
          value={element.rowHeight}
          min={1}
          onChange={(rowHeight) => put({ rowHeight }, 'rowHeight')}
        />
        <NumberField
          label="Columns"
          value={element.columns ?? 1}
          min={1}
          max={100}
          onChange={(columns) => put({ columns: columns > 1 ? columns : undefined }, 'columns')}
        />
        <NumberField
          label="Gap"
          value={element.gap ?? 0}
          min={0}
          onChange={(gap) => put({ gap: gap > 0 ? gap : undefined }, 'gap')}
        />
      </div>
      <Check on={element.across ?? false} onChange={(on) => put({ across: on ? true : undefined })}>
        Rows follow one another to the right
      </Check>
      <Sorting list={list} sort={sort} put={put} />
      <ConditionRow
        label="Only rows where"
        none="every row"
        value={element.filter}
        scope={scopeOfEach(scopeWith(project, []), knownFields(list, 'each'))}
        onChange={(filter) => put({ filter })}
      />
      {piece('empty', 'While it is empty')}
      {piece('waiting', 'While it is waited for')}
      {piece('failed', 'Once it has failed')}
      {piece('open', 'Places not taken')}
    </>
  );
}

/** Makes a component that shows each field of a row, as wide as a row is here. */
function MakeRow({
  list,
  element,
  path,
  put,
}: {
  list: ListValue;
  element: ListElement;
  path: Id;
  put: Put;
}) {
  const { columns = 1, gap = 0, rowHeight: height, look } = element;
  const wide = element.place.x.at !== 'stretch' && typeof element.place.x.size === 'number';
  const whole = wide ? Number((element.place.x as { size: number }).size) : 600;
  return (
    <Button
      onClick={() => {
        const width = Math.max(1, (whole - gap * (columns - 1)) / columns);
        const key = `row of ${path}`;
        const row = edit('make row', { list: list.id, width, height, look }, { key });
        if (row) put({ row }, 'row of');
      }}
    >
      <Plus size={13} aria-hidden="true" /> Make a row of its fields
    </Button>
  );
}

/** Which field each parameter of the row holds. */
function Told({
  list,
  row,
  element,
  put,
}: {
  list: ListValue;
  row: Component;
  element: ListElement;
  put: Put;
}) {
  const { told = {} } = element;
  return row.parameters.map((parameter) => (
    <SelectRow
      key={parameter.id}
      label={`${parameter.name} in the row`}
      value={fieldFor(parameter, list, told)?.id ?? ''}
      options={[
        ['', 'its default'],
        ...list.fields
          .filter(({ type }) => parameter.type === 'text' || parameter.type === type)
          .map(({ id, name }): [string, string] => [id, name]),
      ]}
      onChange={(field: string) => put({ told: { ...told, [parameter.id]: field === '' ? null : field } })}
    />
  ));
}

const MOST_SORTS = 3;

function Sorting({ list, sort, put }: { list: ListValue; sort: NonNullable<ListElement['sort']>; put: Put }) {
  const change = (next: NonNullable<ListElement['sort']>): void =>
    put({ sort: next.length > 0 ? next : undefined });
  const free = list.fields.filter(({ id, type }) => type !== 'picture' && !sort.some(({ by }) => by === id));
  return (
    <div role="group" aria-label="Order of rows" className="space-y-1">
      <p className="text-sm text-soft">
        {sort.length === 0 ? 'In the order they came' : 'In order of, then as they came'}
      </p>
      {sort.map((one, i) => (
        <div key={one.by} className="flex items-center gap-1">
          <Select<string>
            label={i === 0 ? 'Sorted by' : `Then by, ${i + 1}`}
            value={one.by}
            options={list.fields
              .filter(({ id }) => id === one.by || free.some((field) => field.id === id))
              .map(({ id, name }) => [id, name] as const)}
            onChange={(by) => change(sort.map((other, at) => (at === i ? { ...other, by } : other)))}
          />
          <IconButton
            name={one.down ? 'From the most to the least' : 'From the least to the most'}
            aria-pressed={one.down ?? false}
            onClick={() =>
              change(
                sort.map((other, at) =>
                  at !== i ? other : other.down ? { by: other.by } : { ...other, down: true },
                ),
              )
            }
          >
            {one.down ? <ArrowDown size={14} /> : <ArrowUp size={14} />}
          </IconButton>
          <IconButton name="Do not sort by this" onClick={() => change(sort.filter((_, at) => at !== i))}>
            <Trash2 size={13} />
          </IconButton>
        </div>
      ))}
      {sort.length < MOST_SORTS && free[0] && (
        <Small onClick={() => change([...sort, { by: free[0]!.id }])}>
          {sort.length === 0 ? 'Sort by …' : 'Then by …'}
        </Small>
      )}
    </div>
  );
}
