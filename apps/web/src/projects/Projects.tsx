'use client';

import type { Problem } from '@tavu/core/schema';
import { FolderOpen, Layers, Lightbulb, Trash2 } from 'lucide-react';
import { useCallback, useEffect, useRef, useState } from 'react';
import { forgetProject, listProjects, type ProjectRow } from '../storage/db';
import { openFile } from '../storage/files';
import { say, useStudio } from '../studio/store';
import { Button, Dialog, IconButton } from '../ui/parts';
import { NewProject } from './NewProject';
import { openAsNew, openDemoProject, openKept, openLarge } from './opening';

/** The projects kept in this browser, and the ways to get another one. */
export function Projects({ open, onOpen }: { open: boolean; onOpen: (open: boolean) => void }) {
  return (
    <Dialog open={open} onOpen={onOpen} title="Projects" width="max-w-2xl">
      {open && <Content done={() => onOpen(false)} />}
    </Dialog>
  );
}

function Content({ done }: { done: () => void }) {
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
    done();
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
                onClick={async () => {
                  const failed = await openKept(row.id);
                  if (failed) setProblems({ file: row.name, problems: failed });
                  else done();
                }}
              >
                <span className="block truncate font-semibold">
                  {row.name}
                  {row.id === current && <span className="ml-2 text-sm font-normal text-live">open</span>}
                </span>
                <span className="block text-sm text-soft">
                  {row.screens} {row.screens === 1 ? 'screen' : 'screens'},{' '}
                  {new Date(row.changed).toLocaleString()}
                </span>
              </button>
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
        {problems && (
          <div role="alert" className="mt-3 rounded border border-warn bg-warn-wash p-2.5">
            <p className="font-semibold">“{problems.file}” was not opened. Nothing has changed.</p>
            <ul className="mt-1 max-h-40 overflow-auto text-sm">
              {problems.problems.map((problem, i) => (
                <li key={i} className="break-words">
                  <span className="font-mono">{problem.place}</span>: {problem.reason}
                </li>
              ))}
            </ul>
          </div>
        )}
      </section>
      <NewProject done={done} />
    </div>
  );
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
        await forgetProject(row.id);
        say(`“${row.name}” is deleted.`);
        onForgotten();
      }}
    >
      Delete for good
    </Button>
  );
}
