'use client';

import { isPicture, type ListValue, type Row, type Scalar } from '@tavu/core/model';
import { FileDown, FileUp, Plus, Trash2 } from 'lucide-react';
import { useRef, useState, type ClipboardEvent } from 'react';
import { ScalarInput } from '../../fields';
import { patiently, saveAs, Stopped } from '../../persistence';
import { notify, useStudio } from '../../store';
import { Button, IconButton, Small } from '../../ui';

/** More rows than this are shown once they are asked for. */
const SHOWN = 50;

/** Rows of a list as a table that is typed into, and that takes what a spreadsheet copies. */
export function RowsTable({
  title,
  list,
  rows,
  onChange,
}: {
  title: string;
  list: ListValue;
  rows: readonly Row[];
  onChange: (rows: Row[]) => void;
}) {
  const assets = useStudio((studio) => studio.project.assets);
  const [all, setAll] = useState(false);
  const input = useRef<HTMLInputElement>(null);
  const shown = all ? rows : rows.slice(0, SHOWN);
  const put = (at: number, id: string, held: Scalar): void =>
    onChange(rows.map((row, i) => (i === at ? { ...row, [id]: held } : row)));
  /** @param at the row that the first of them takes the place of; null where they come last */
  const take = async (text: string, at: number | null): Promise<void> => {
    const pictures = assets.filter(isPicture);
    const read = await patiently('Reading the rows', (worker) => worker.readRows(list, text, pictures));
    if (!read || read.rows.length === 0) return notify('There are no rows in that.');
    const from = at ?? rows.length;
    const over = rows.slice(from, from + read.rows.length);
    onChange([
      ...rows.slice(0, from),
      ...read.rows.map((row, i) => ({ ...over[i], ...row })),
      ...rows.slice(from + read.rows.length),
    ]);
    const [first] = read.wrong;
    const wrong = first
      ? ` In line ${first.line}, “${first.text}” does not fit ${first.field}${read.wrong.length > 1 ? `, and ${read.wrong.length - 1} more do not` : ''}; it was left out.`
      : '';
    const unknown = read.unknown.length > 0 ? ` There is no field ${read.unknown.join(', ')}.` : '';
    notify(`${read.rows.length === 1 ? '1 row' : `${read.rows.length} rows`} taken in.${wrong}${unknown}`);
  };
  const tell = (error: unknown): void =>
    notify(
      error instanceof Stopped ? 'Reading was stopped; nothing was taken in.' : 'That could not be read.',
    );
  const paste = (event: ClipboardEvent): void => {
    const text = event.clipboardData.getData('text/plain');
    // A word or two belong into the cell they are pasted into.
    if (!/[\t\n]/.test(text.trim())) return;
    event.preventDefault();
    const line = (event.target as HTMLElement).closest<HTMLElement>('[data-row]')?.dataset.row;
    void take(text, line === undefined ? null : Number(line)).catch(tell);
  };
  return (
    <div className="space-y-1.5" onPaste={paste}>
      <div className="overflow-x-auto">
        <table aria-label={title} className="w-full border-collapse text-left">
          <thead>
            <tr className="text-sm text-soft">
              {list.fields.map(({ id, name }) => (
                <th key={id} scope="col" className="px-1 font-normal">
                  {name}
                </th>
              ))}
              <td />
            </tr>
          </thead>
          <tbody>
            {shown.map((row, at) => (
              <tr key={at} data-row={at}>
                {list.fields.map((field) => (
                  <td key={field.id} className="min-w-20 px-0.5 py-0.5">
                    <ScalarInput
                      label={`${field.name} of row ${at + 1}`}
                      type={field}
                      value={row[field.id]}
                      onChange={(held) => put(at, field.id, held)}
                    />
                  </td>
                ))}
                <td className="w-7">
                  <IconButton
                    name={`Delete row ${at + 1}`}
                    small
                    onClick={() => onChange(rows.filter((_, i) => i !== at))}
                  >
                    <Trash2 size={13} />
                  </IconButton>
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      {rows.length === 0 && (
        <p className="text-sm text-soft">
          No rows. Add one, or paste rows here that were copied from a spreadsheet.
        </p>
      )}
      {rows.length > shown.length && <Small onClick={() => setAll(true)}>Show all {rows.length} rows</Small>}
      <div className="flex flex-wrap items-center gap-1">
        <Button onClick={() => onChange([...rows, {}])}>
          <Plus size={13} aria-hidden="true" /> Row
        </Button>
        <Small
          onClick={() =>
            void saveAs('rows', 'rows', { list, rows, pictures: assets.filter(isPicture) }, list.name).then(
              notify,
              tell,
            )
          }
        >
          <FileDown size={11} aria-hidden="true" className="mr-1 inline" />
          CSV
        </Small>
        <Small onClick={() => input.current?.click()}>
          <FileUp size={11} aria-hidden="true" className="mr-1 inline" />
          Import
        </Small>
        <input
          ref={input}
          type="file"
          hidden
          accept=".csv,.tsv,.txt"
          aria-label={`Rows of ${list.name}`}
          onChange={(event) => {
            const [file] = event.target.files ?? [];
            event.target.value = '';
            if (file)
              void file
                .text()
                .then((text) => take(text, null))
                .catch(tell);
          }}
        />
      </div>
    </div>
  );
}
