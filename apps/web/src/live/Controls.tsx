'use client';

import { withId } from '@tavu/core/model';
import { Pause, Play, RotateCcw, StepForward } from 'lucide-react';
import { restart, setSpeed, SPEEDS, startAt, stepOn, toggleHold, useRun } from '../run';
import { notify, useStudio } from '../store';
import { Button, FirstNote, IconButton, Select, Tip } from '../ui';

/** One row under the game: what its run does. */
export function Controls() {
  const held = useRun((run) => run.held);
  const speed = useRun((run) => run.speed);
  const chosen = useStudio((studio) => withId(studio.project.screens, studio.chosen.screen));
  return (
    <div className="flex h-10 shrink-0 items-center gap-1.5 border-t border-line px-2.5 whitespace-nowrap">
      <Tip text={held ? 'Let the run go on' : 'Stop the run at this instant, to edit it'} keys="F8">
        <Button id="hold" look="main" className="w-21 shrink-0 justify-center" onClick={toggleHold}>
          {held ? <Play size={14} aria-hidden="true" /> : <Pause size={14} aria-hidden="true" />}
          {held ? 'Resume' : 'Hold'}
        </Button>
      </Tip>
      <IconButton
        name="Step to the next event"
        onClick={() => {
          if (!stepOn()) notify('Nothing more happens by itself from here.');
        }}
      >
        <StepForward size={15} />
      </IconButton>
      <IconButton name="Restart from the first screen" onClick={restart}>
        <RotateCcw size={15} />
      </IconButton>
      <Select<string>
        label="Speed"
        value={String(speed)}
        options={SPEEDS.map((value): [string, string] => [
          String(value),
          value === 0.25 ? '¼×' : `${value}×`,
        ])}
        className="h-7 shrink-0 border border-line bg-sheet"
        onChange={(value) => setSpeed(Number(value))}
      />
      <Tip
        text={
          chosen
            ? `Plays from ${chosen.name}, with the values as they are now`
            : 'Choose a screen on the map to play from'
        }
      >
        <Button
          aria-disabled={!chosen}
          className={`shrink-0 ${chosen ? '' : 'opacity-50'}`}
          onClick={() => chosen && startAt(chosen.id)}
        >
          Start here
        </Button>
      </Tip>
      {!held ? (
        <FirstNote n={2} className="ml-auto min-w-0">
          <b>Hold</b>, then change what you see.
        </FirstNote>
      ) : (
        <span
          className="ml-auto min-w-0 truncate text-chosen"
          title="Choose, move and type over what you see"
        >
          <b>Held.</b> Choose, move, type over
        </span>
      )}
    </div>
  );
}
