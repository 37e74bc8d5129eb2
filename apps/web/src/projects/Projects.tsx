'use client';

import { type Problem, refusal, refusalWords } from '@tavu/core/refusal';
import { FolderOpen, Layers, Lightbulb, Pause, Trash2 } from 'lucide-react';
import { useCallback, useEffect, useRef, useState } from 'react';
import { messageOf } from '@tavu/core/compile';
import {
  askToLast,
  forgetProject,
  listProjects,
  roomLeft,
  storageFault,
  type ProjectRow,
  type Room,
  whileClosed,
  BusyNote,
  openFile,
} from '../persistence';
import { notify, useStudio } from '../store';
import { Button, Dialog, IconButton } from '../ui';
import { NewProject } from './NewProject';
import { openAsNew, openDemoProject, openKept, openLarge } from './opening';

/** The projects kept in this browser, and the ways to get another one. */
export function Projects({
  open,
  onOpen,
  begins = false,
}: {
  open: boolean;
  onOpen: (open: boolean) => void;
  /** A new one is wanted. */
  begins?: boolean;
}) {
  return (
    <Dialog open={open} onOpen={onOpen} title="Projects" width="max-w-2xl">
      {open && <Content done={() => onOpen(false)} begins={begins} />}
    </Dialog>
  );
}

function Content({ done, begins }: { done: () => void; begins: boolean }) {
  const current = useStudio((studio) => studio.project.id);
  const [rows, setRows] = useState<ProjectRow[] | null>(null);
  const [fault, setFault] = useState<string | null>(null);
  const [problems, setProblems] = useState<{ file: string; problems: Problem[] } | null>(null);
  const picker = useRef<HTMLInputElement>(null);
  const list = useCallback(() => {
    listProjects().then(setRows, () =>
      setFault('The browser does not let Tavu read its storage. Open a file instead.'),
    );
  }, []);
  useEffect(list, [list]);

  const read = async (file: File): Promise<void> => {
    setProblems(null);
    const opened = await openFile(file);
    if ('problems' in opened) return setProblems({ file: file.name, problems: opened.problems });
    await openAsNew(opened);
    if (opened.left.length > 0)
      notify(
        `Left out, since they are not what they say they are: ${opened.left.map(({ name, why }) => `${name}: ${refusalWords(why)}`).join(' ')}`,
      );
    done();
  };

  const openRow = (row: ProjectRow, plays = true): void => {
    openKept(row.id, plays).then(
      (failed) => (failed ? setProblems({ file: row.name, problems: failed }) : done()),
      (error: unknown) =>
        setProblems({
          file: row.name,
          problems: [{ ...refusal('fault', { says: messageOf(error) }), place: 'Tavu' }],
        }),
    );
  };

  return (
    <div className="grid gap-6 sm:grid-cols-2">
      <section aria-label="Kept in this browser">
        <h3 className="mb-1 font-bold">Kept in this browser</h3>
        {fault && <p className="text-warn">{fault}</p>}
        {rows?.length === 0 && <p className="text-soft">None yet.</p>}
        <ul className="max-h-60 overflow-auto">
          {rows?.map((row) => (
            <li key={row.id} className="flex items-center gap-1 border-b border-line">
              <button
                type="button"
                className="min-w-0 flex-1 rounded px-1.5 py-1 text-left hover:bg-chosen-wash"
                onClick={() => openRow(row)}
              >
                <span className="block truncate font-semibold">
                  {row.name}{' '}
                  {row.id === current && <span className="ml-1 text-sm font-normal text-live">open</span>}
                </span>
                <span className="block text-sm text-soft">
                  {row.screens} {row.screens === 1 ? 'screen' : 'screens'},{' '}
                  {new Date(row.changed).toLocaleString()}
                </span>
              </button>
              <IconButton name={`Open ${row.name} without playing it`} onClick={() => openRow(row, false)}>
                <Pause size={14} />
              </IconButton>
              <Forget row={row} disabled={row.id === current} onForgotten={list} />
            </li>
          ))}
        </ul>
        <div className="mt-3 flex flex-wrap gap-2">
          <Button onClick={() => picker.current!.click()}>
            <FolderOpen size={14} aria-hidden="true" /> Open a file
          </Button>
          <Button
            onClick={async () => {
              await openDemoProject();
              done();
            }}
          >
            <Lightbulb size={14} aria-hidden="true" /> Saltwick Light
          </Button>
          <Button
            onClick={async () => {
              await openLarge();
              done();
            }}
          >
            <Layers size={14} aria-hidden="true" /> 300 screens
          </Button>
          <input
            ref={picker}
            type="file"
            aria-label="Project file"
            className="hidden"
            onChange={(event) => {
              const [file] = event.target.files ?? [];
              event.target.value = '';
              if (file) void read(file);
            }}
          />
        </div>
        <BusyNote inline />
        <Storage rows={rows} />
        {problems && (
          <div role="alert" className="mt-3 rounded border border-warn bg-warn-wash p-2.5">
            <p className="font-semibold">“{problems.file}” was not opened. Nothing has changed.</p>
            <ul className="mt-1 max-h-40 overflow-auto text-sm">
              {problems.problems.map((problem, i) => (
                <li key={i} className="break-words">
                  <span className="font-mono">{problem.place}</span>: {refusalWords(problem)}
                </li>
              ))}
            </ul>
          </div>
        )}
      </section>
      <NewProject done={done} begins={begins} />
    </div>
  );
}

/** How much room there is, and whether the browser may clear what is kept when that gets short. */
function Storage({ rows }: { rows: readonly ProjectRow[] | null }) {
  const [room, setRoom] = useState<Room | null>(null);
  const look = useCallback(() => void roomLeft().then(setRoom, () => setRoom(null)), []);
  useEffect(look, [look, rows]);
  if (!room) return null;
  return (
    <div role="group" aria-label="Storage" className="mt-3 text-sm text-soft">
      <p>
        {inWords(room.used)} of {inWords(room.max)} are in use here.{' '}
        {room.lasting
          ? 'The browser keeps them until you clear them.'
          : 'The browser may clear them when room gets short.'}
      </p>
      {!room.lasting && (
        <Button
          className="mt-1 h-6!"
          onClick={async () => {
            const agreed = await askToLast().catch(() => false);
            if (!agreed) notify('The browser did not agree. Save files of what must not be lost.');
            look();
          }}
        >
          Ask it not to
        </Button>
      )}
    </div>
  );
}

/** Bytes in the units people count in (IEC 80000-13, decimal). */
function inWords(bytes: number): string {
  const units = ['bytes', 'kB', 'MB', 'GB', 'TB'];
  const at = Math.min(units.length - 1, Math.max(0, Math.floor(Math.log10(Math.max(1, bytes)) / 3)));
  const n = bytes / 1000 ** at;
  return `${n < 10 && at > 0 ? n.toFixed(1) : Math.round(n)} ${units[at]}`;
}

/** Asks once more before a project is gone for good. */
function Forget({
  row,
  disabled,
  onForgotten,
}: {
  row: ProjectRow;
  disabled: boolean;
  onForgotten: () => void;
}) {
  const [sure, setSure] = useState(false);
  if (!sure)
    return (
      <IconButton
        name={disabled ? 'It is open' : `Delete ${row.name}`}
        disabled={disabled}
        onClick={() => setSure(true)}
      >
        <Trash2 size={14} />
      </IconButton>
    );
  return (
    <Button
      look="danger"
      autoFocus
      onBlur={() => setSure(false)}
      onClick={async () => {
        try {
          const gone = await whileClosed(row.id, () => forgetProject(row.id));
          notify(
            gone
              ? `“${row.name}” is deleted.`
              : `“${row.name}” is open in another window. Close it there first; nothing is deleted.`,
          );
        } catch (error) {
          notify(`“${row.name}” could not be deleted: ${storageFault(error)}`);
        }
        setSure(false);
        onForgotten();
      }}
    >
      Delete for good
    </Button>
  );
}
