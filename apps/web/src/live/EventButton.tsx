'use client';

import { zeroOf, type GameEvent, type Scalar } from '@tavu/core/model';
import { useState } from 'react';
import { Button, Sheet } from '../ui/parts';
import { ScalarInput } from '../values/ScalarInput';
import { give } from './run';

const LOOK = 'h-6.5 rounded-full border border-strong px-2.5 hover:bg-chosen-wash';

/** An event the game can say: at a press, or with what comes with it filled in first. */
export function EventButton({ event }: { event: GameEvent }) {
  const fields = event.fields ?? [];
  const [open, setOpen] = useState(false);
  const [held, setHeld] = useState<Record<string, Scalar>>({});
  const trigger = (
    <button
      type="button"
      className={LOOK}
      onClick={fields.length === 0 ? () => give({ type: 'event', event: event.id }) : undefined}
    >
      {event.name}
      {fields.length > 0 && ' …'}
    </button>
  );
  if (fields.length === 0) return trigger;
  const send = (): void => {
    give({ type: 'event', event: event.id, fields: held });
    setOpen(false);
  };
  return (
    <Sheet label={`What comes with ${event.name}`} open={open} onOpen={setOpen} trigger={trigger}>
      <form
        className="space-y-2 p-3"
        onSubmit={(submitted) => {
          submitted.preventDefault();
          // What stands in a field is taken over as it is left.
          (document.activeElement as HTMLElement | null)?.blur();
          setTimeout(() => document.getElementById(`say-${event.id}`)?.click());
        }}
      >
        {fields.map((field) => (
          <div key={field.id}>
            <span className="mb-0.5 block text-sm text-soft">{field.name}</span>
            <ScalarInput
              label={field.name}
              type={field}
              value={held[field.id] ?? zeroOf(field)}
              onChange={(value) => setHeld((before) => ({ ...before, [field.id]: value }))}
            />
          </div>
        ))}
        <Button id={`say-${event.id}`} look="main" onClick={send}>
          Say it
        </Button>
      </form>
    </Sheet>
  );
}
