'use client';

import { triggerOf } from '@tavu/core/triggers';
import { useState } from 'react';
import { linksFrom } from '@tavu/core/model';
import { edit, useStudio } from '../store';
import { Check, FirstNote, Picker, Sheet, Tip } from '../ui';
import { EventButton } from './EventButton';
import { give, setMaking, useRun } from '../run';

/** What the game can say, as buttons. */
export function GameEvents() {
  const events = useStudio((studio) => studio.project.events);
  const [open, setOpen] = useState(false);
  const send = (event: string): void => give({ type: 'event', event });
  return (
    <div className="flex min-h-0 flex-1 flex-col">
      <div className="shrink-0 space-y-1 px-3.5 py-1">
        <FirstNote n={4}>Something leads nowhere yet? Press it, and name the screen.</FirstNote>
        <AskSwitch />
      </div>
      <div className="flex min-h-0 flex-1 flex-wrap content-start gap-1 overflow-auto fades px-3.5 pt-1 pb-4">
        {events
          .filter((event) => event.direction === 'in')
          .map((event) => (
            <EventButton key={event.id} event={event} />
          ))}
        <Finished />
        <Sheet
          label="A new event"
          open={open}
          onOpen={setOpen}
          trigger={
            <button
              type="button"
              className="h-6.5 rounded-full border border-dashed border-strong px-2.5 text-soft hover:text-chosen"
            >
              new …
            </button>
          }
        >
          {open && (
            <Picker
              label="A new event"
              placeholder="What does the game say?"
              choices={[]}
              typed={(text) => [
                {
                  key: 'say',
                  words: text,
                  label: `Say “${text.slice(0, 80)}”`,
                  onPick: () => {
                    setOpen(false);
                    send(edit('add event', { name: text.slice(0, 80), direction: 'in' })!);
                  },
                },
              ]}
            />
          )}
        </Sheet>
      </div>
    </div>
  );
}

/** Screens that are up and wait for what is on them to finish, or to fail. */
function Finished() {
  const project = useStudio((studio) => studio.project);
  const up = useRun((run) => run.up);
  const waits = (screen: string, on: 'done' | 'failed'): boolean =>
    linksFrom(project, screen).some(({ trigger }) => {
      const type = triggerOf(trigger);
      return type.life === 'followed' && type.follows === on;
    });
  return project.screens
    .filter(({ id }) => up.includes(id))
    .flatMap((screen) =>
      (['done', 'failed'] as const)
        .filter((on) => waits(screen.id, on))
        .map((on) => (
          <button
            key={`${screen.id} ${on}`}
            type="button"
            className="h-6.5 rounded-full border border-double border-strong px-2.5 hover:bg-chosen-wash"
            onClick={() => give({ type: on, screen: screen.id })}
          >
            {screen.name} has {on === 'done' ? 'finished' : 'failed'}
          </button>
        )),
    );
}

function AskSwitch() {
  const making = useRun((run) => run.making);
  return (
    <Tip text="Stops where a button, key or event leads nowhere, and asks where it should lead">
      <Check on={making} className="text-sm whitespace-nowrap" onChange={(on) => setMaking(on)}>
        Ask at dead ends
      </Check>
    </Tip>
  );
}
