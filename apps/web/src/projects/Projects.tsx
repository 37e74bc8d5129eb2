'use client';

import { type Problem, refusal, refusalWords } from '@tavu/core/refusal';
import { FolderOpen } from 'lucide-react';
import { useRef, useState } from 'react';
import { messageOf } from '@tavu/core/compile';
import { BusyNote, openFile, type ProjectRow } from '../persistence';
import { notify } from '../store';
import { Button, Dialog } from '../ui';
import { Examples } from './Examples';
import { Kept } from './Kept';
import { NewProject } from './NewProject';
import { openAsNew, openKept } from './opening';

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
    <Dialog open={open} onOpen={onOpen} title="Projects" width="max-w-4xl">
      {open && <Content done={() => onOpen(false)} begins={begins} />}
    </Dialog>
  );
}

function Content({ done, begins }: { done: () => void; begins: boolean }) {
  const [problems, setProblems] = useState<{ file: string; problems: Problem[] } | null>(null);
  const picker = useRef<HTMLInputElement>(null);
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
        <Kept onOpen={openRow} />
        <div className="mt-3 flex flex-wrap gap-2">
          <Button onClick={() => picker.current!.click()}>
            <FolderOpen size={14} aria-hidden="true" /> Open a file
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
      <div>
        <NewProject done={done} begins={begins} />
        <Examples done={done} />
      </div>
    </div>
  );
}
