'use client';

import { LONGEST_NAME } from '@tavu/core/model';
import { Copy, Pause, PencilLine, Trash2 } from 'lucide-react';
import { useCallback, useState } from 'react';
import type { ProjectRow } from '../persistence';
import { Field, goOnAt, IconButton } from '../ui';
import { bytesInWords } from './bytes';
import { Face } from './Face';
import { lookAt } from './manage';

/** A kept project: its title screen, when it was changed, how large it is, and what can be done with it. */
export function KeptRow({
  row,
  open,
  taken,
  onOpen,
  onRename,
  onDuplicate,
  onDelete,
}: {
  row: ProjectRow;
  /** It is the one that is open. */
  open: boolean;
  /** The names of all others. */
  taken: readonly string[];
  onOpen: (plays: boolean) => void;
  onRename: (name: string) => void;
  onDuplicate: () => void;
  onDelete: () => void;
}) {
  const [bytes, setBytes] = useState<number | null>(null);
  const [naming, setNaming] = useState(false);
  const load = useCallback(async () => {
    const seen = await lookAt(row.id);
    setBytes(seen?.bytes ?? null);
    return seen?.preview ?? null;
  }, [row.id]);
  const named = (): void => {
    setNaming(false);
    goOnAt(() => document.querySelector<HTMLElement>(`[data-kept="${CSS.escape(row.id)}"] button`));
  };
  return (
    <li data-kept={row.id} className="flex items-center gap-1 border-b border-line py-1">
      {naming ? (
        <div
          className="min-w-0 flex-1 px-1.5"
          ref={(box) => box?.querySelector('input')?.select()}
          onKeyDown={(event) => {
            if (event.key !== 'Escape' && event.key !== 'Enter') return;
            event.stopPropagation();
            setTimeout(named);
          }}
        >
          <Field
            label="Its name"
            value={row.name}
            read={(text) => readName(text, taken)}
            onChange={onRename}
          />
        </div>
      ) : (
        <button
          type="button"
          className="flex min-w-0 flex-1 items-center gap-2.5 rounded px-1.5 py-1 text-left hover:bg-chosen-wash"
          onClick={() => onOpen(true)}
        >
          <Face of={`${row.id} ${row.changed}`} load={load} />
          <span className="min-w-0 flex-1">
            <span className="block truncate font-semibold" title={row.name}>
              {row.name} {open && <span className="ml-1 text-sm font-normal text-live">open</span>}
            </span>
            <span className="block text-sm text-soft">
              {row.screens} {row.screens === 1 ? 'screen' : 'screens'}
              {bytes !== null && `, ${bytesInWords(bytes)}`}
            </span>
            <span className="block text-sm text-soft">{new Date(row.changed).toLocaleString()}</span>
          </span>
        </button>
      )}
      <IconButton name={`Open ${row.name} without playing it`} onClick={() => onOpen(false)}>
        <Pause size={14} />
      </IconButton>
      <IconButton
        name={open ? 'An open project is renamed in the window' : `Rename ${row.name}`}
        disabled={open}
        onClick={() => setNaming(true)}
      >
        <PencilLine size={14} />
      </IconButton>
      <IconButton name={`Duplicate ${row.name}`} onClick={onDuplicate}>
        <Copy size={14} />
      </IconButton>
      <IconButton name={open ? 'It is open' : `Delete ${row.name}`} disabled={open} onClick={onDelete}>
        <Trash2 size={14} />
      </IconButton>
    </li>
  );
}

function readName(text: string, taken: readonly string[]): { ok: string } | { error: string } {
  const name = text.trim();
  if (name === '') return { error: 'Give the project a name.' };
  if (name.length > LONGEST_NAME) return { error: `A project’s name can have ${LONGEST_NAME} characters.` };
  if (taken.includes(name)) return { error: `“${name}” is already in use.` };
  return { ok: name };
}
