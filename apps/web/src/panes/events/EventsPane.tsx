'use client';

import { readName, type GameEvent } from '@tavu/core/model';
import { Trash2 } from 'lucide-react';
import { useMemo, useState } from 'react';
import { edit, useStudio } from '../../store';
import { Button, Field } from '../../ui';
import { Fields, NO_USES, Unfold, UseList, usesOf, type Uses } from '../values';

/** What the game says and is told, with the fields that come along, and who hears or sends it. */
export function EventsPane() {
  const project = useStudio((studio) => studio.project);
  const uses = useMemo(() => usesOf(project), [project]);
  return (
    <section
      aria-label="Events"
      data-pane
      tabIndex={-1}
      className="min-h-0 flex-1 space-y-5 overflow-auto bg-mist p-3"
    >
      {project.events.length === 0 && (
        <p className="max-w-md text-soft">
          An event is what the game says to its screens, <i>oil found</i>, or what they tell the game,{' '}
          <i>begin the night</i>. Make one here, or name a new one in a sentence: <i>when the game says …</i>
        </p>
      )}
      <Events direction="in" title="Events from the game" uses={uses} />
      <Events direction="out" title="Events to the game" uses={uses} />
    </section>
  );
}

function Events({
  direction,
  title,
  uses,
}: {
  direction: GameEvent['direction'];
  title: string;
  uses: Map<string, Uses>;
}) {
  const events = useStudio((studio) => studio.project.events).filter(
    (event) => event.direction === direction,
  );
  return (
    <div>
      <h3 className="mb-1 font-bold">{title}</h3>
      <ul className="mb-1.5 space-y-1">
        {events.map((event) => (
          <EventRow key={event.id} event={event} uses={uses.get(event.id) ?? NO_USES} />
        ))}
      </ul>
      <Field
        clears
        label={direction === 'in' ? 'A new event from the game' : 'A new event for the game'}
        value=""
        read={(text) =>
          readName(
            text,
            events.map((event) => event.name),
          )
        }
        onChange={(name) => edit('add event', { name, direction })}
      />
    </div>
  );
}

function EventRow({ event, uses }: { event: GameEvent; uses: Uses }) {
  const events = useStudio((studio) => studio.project.events);
  const [open, setOpen] = useState(false);
  const others = events.filter(
    (gameEvent) => gameEvent.direction === event.direction && gameEvent.id !== event.id,
  );
  const fields = event.fields ?? [];
  return (
    <li className="rounded border border-line bg-sheet px-2 py-1">
      <div className="flex items-center gap-2">
        <Unfold open={open} name={event.name} onClick={() => setOpen(!open)} />
        <b className="truncate">{event.name}</b>
        <span className="truncate text-sm text-soft">
          {fields.length > 0 ? `with ${fields.map((field) => field.name).join(', ')}` : ''}
        </span>
      </div>
      {open && (
        <div className="space-y-2 pt-2 pb-1 pl-8">
          <Field
            label="Name"
            value={event.name}
            read={(text) =>
              readName(
                text,
                others.map((other) => other.name),
              )
            }
            onChange={(name) => edit('rename event', { event: event.id, name })}
          />
          <Fields
            title="Fields"
            items={fields}
            onAdd={(name, type) => edit('add field', { event: event.id, name, type })}
            onChange={(field, change) => edit('change field', { event: event.id, field, change })}
            onDelete={(field) => edit('delete field', { event: event.id, field })}
          />
          {event.direction === 'in' ? (
            <UseList title="Heard by" uses={uses.reads} none="nothing yet" />
          ) : (
            <UseList title="Sent by" uses={uses.sets} none="nothing yet" />
          )}
          <Button look="danger" onClick={() => edit('delete event', { event: event.id })}>
            <Trash2 size={13} aria-hidden="true" /> Delete this event
          </Button>
        </div>
      )}
    </li>
  );
}
