'use client';

import { withId } from '@tavu/core/model';
import dynamic from 'next/dynamic';
import { useState } from 'react';
import { setPlays, undoRedo, useStudio } from '../store';
import { Button, Tips } from '../ui';
import { saveOpen } from './saveOpen';
import { BusyNote } from '../persistence';

// Few ever see this, so its parts are loaded only when needed.
const Projects = dynamic(() => import('../projects/Projects').then((module) => module.Projects));

/** Shown instead of the window when that fails altogether. It draws nothing of the project. */
export function Rescue({ message, again }: { message: string; again: () => void }) {
  const name = useStudio((studio) => (studio.opened > 0 ? studio.project.name : null));
  const past = useStudio((studio) => studio.history.past.length > 0);
  const faults = useStudio((studio) => studio.faults);
  const project = useStudio((studio) => studio.project);
  const [listed, setListed] = useState(false);
  const where = faults.flatMap(({ screen }) => withId(project.screens, screen)?.name ?? []);
  return (
    <Tips>
      <main className="flex h-dvh flex-col items-center justify-center gap-3 p-8 text-center">
        <h1 className="text-[22px] font-bold">
          {name === null ? 'Tavu could not open' : `“${name}” cannot be shown`}
        </h1>
        <p className="max-w-lg text-soft">
          {where.length > 0 && `The cause is in ${where.join(', ')}. `}
          {name === null
            ? 'Your saved projects are unchanged.'
            : 'Nothing of it is lost. Undo the last change, open it without playing it, or go on with another project.'}
        </p>
        <p className="max-w-lg font-mono text-sm break-words text-warn">{message}</p>
        <div className="flex flex-wrap justify-center gap-2">
          <Button onClick={() => setListed(true)}>Projects</Button>
          {name !== null && (
            <>
              <Button
                disabled={!past}
                onClick={() => {
                  undoRedo('undo');
                  again();
                }}
              >
                Undo
              </Button>
              <Button onClick={() => void saveOpen('file')}>Save a file</Button>
              <Button
                onClick={() => {
                  setPlays(false);
                  again();
                }}
              >
                Open without playing
              </Button>
            </>
          )}
          <Button onClick={again}>Try again</Button>
        </div>
        {listed && (
          <Projects
            open
            onOpen={(open) => {
              setListed(open);
              if (!open && useStudio.getState().opened > 0) again();
            }}
          />
        )}
        {!listed && <BusyNote />}
      </main>
    </Tips>
  );
}
