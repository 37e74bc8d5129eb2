'use client';

import { useCallback, useEffect, useState } from 'react';
import { listProjects, storageFault, type ProjectRow } from '../persistence';
import { notify, useStudio } from '../store';
import { Button } from '../ui';
import { duplicate, remove, rename, type Deleted } from './manage';
import { KeptRow } from './KeptRow';
import { Storage } from './Storage';

/** The projects kept in this browser. */
export function Kept({ onOpen }: { onOpen: (row: ProjectRow, plays: boolean) => void }) {
  const current = useStudio((studio) => studio.project.id);
  const [rows, setRows] = useState<ProjectRow[] | null>(null);
  const [fault, setFault] = useState<string | null>(null);
  const [deleted, setDeleted] = useState<readonly Deleted[]>([]);
  const list = useCallback(() => {
    listProjects().then(setRows, () =>
      setFault('The browser does not let Tavu read its storage. Open a file instead.'),
    );
  }, []);
  useEffect(list, [list]);
  /** Does something with a kept project, and says what came of it where that cannot be seen. */
  const attempt = (work: Promise<string | null>): void => {
    work
      .then(
        (says) => says !== null && notify(says),
        (error: unknown) => notify(`It could not be done: ${storageFault(error)}`),
      )
      .finally(list);
  };
  const openElsewhere = ({ name }: ProjectRow): string =>
    `“${name}” is open in another window. Close it there first; nothing has changed.`;
  return (
    <>
      {fault && <p className="text-warn">{fault}</p>}
      {rows?.length === 0 && deleted.length === 0 && (
        <p className="text-soft">None yet. Make one, open a file, or begin with an example.</p>
      )}
      <ul className="max-h-72 overflow-auto">
        {rows?.map((row) => (
          <KeptRow
            key={row.id}
            row={row}
            open={row.id === current}
            taken={rows.filter((other) => other !== row).map(({ name }) => name)}
            onOpen={(plays) => onOpen(row, plays)}
            onRename={(name) =>
              attempt(rename(row.id, name).then((done) => (done ? null : openElsewhere(row))))
            }
            onDuplicate={() =>
              attempt(
                duplicate(row.id).then((done) =>
                  done ? null : `“${row.name}” could not be read; open it to see why.`,
                ),
              )
            }
            onDelete={() =>
              attempt(
                remove(row).then((gone) => {
                  if (!gone) return openElsewhere(row);
                  setDeleted((before) => [...before, gone]);
                  return null;
                }),
              )
            }
          />
        ))}
      </ul>
      {deleted.map((gone) => (
        <p key={gone.row.id} role="status" className="mt-2 flex items-center gap-2 text-sm">
          <span className="min-w-0 flex-1">“{gone.row.name}” is deleted.</span>
          <Button
            className="h-6!"
            onClick={() =>
              attempt(
                gone.bringBack().then(() => {
                  setDeleted((before) => before.filter((other) => other !== gone));
                  return null;
                }),
              )
            }
          >
            Bring it back
          </Button>
        </p>
      ))}
      <Storage rows={rows} />
    </>
  );
}
