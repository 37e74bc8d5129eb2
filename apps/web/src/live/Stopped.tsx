'use client';

import { screenById } from '@tavu/core/model';
import { setPlays, useStudio } from '../store';
import { Button } from '../ui';
import { letGo, restart, useRun } from '../run';

/** What stopped the game, over its picture. */
export function Stopped() {
  const fault = useRun((run) => run.fault);
  const project = useStudio((studio) => studio.project);
  if (!fault) return null;
  const screen = screenById(project, fault.screen)?.name;
  return (
    <div
      role="alert"
      aria-label="The game has stopped"
      className="absolute inset-0 z-10 flex flex-col items-center justify-center gap-2 overflow-auto bg-sheet/95 p-3 text-center"
    >
      <p className="font-bold">The game has stopped{screen ? ` on ${screen}` : ''}.</p>
      <p className="max-w-full font-mono text-sm break-words text-warn">{fault.message}</p>
      <p className="text-soft">Undo what was changed last, or mend that screen; it goes on by itself then.</p>
      <div className="flex flex-wrap justify-center gap-2">
        <Button onClick={letGo}>Go on</Button>
        <Button onClick={restart}>From the start</Button>
        <Button onClick={() => setPlays(false)}>Leave it still</Button>
      </div>
    </div>
  );
}
