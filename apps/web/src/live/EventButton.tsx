'use client';

import { zeroOf, type GameEvent, type Scalar } from '@tavu/core/model';
import { useRef, useState } from 'react';
import { flushSync } from 'react-dom';
import { Button, Sheet } from '../ui';
import { ScalarInput } from '../fields';
import { give } from '../run';

/** An event the game can say: at a press, or with what comes with it filled in first. */
export function EventButton({ event }: { event: GameEvent }) {
  const fields = event.fields ?? [];
  const [open, setOpen] = useState(false);
  const [held, setHeld] = useState<Record<string, Scalar>>({});
  const form = useRef<HTMLFormElement>(null);
  // Leaving a field stores its text, so the event is sent only then.
  const latest = useRef(held);
  const put = (field: string, value: Scalar): void => {
    latest.current = { ...latest.current, [field]: value };
    setHeld(latest.current);
  };
  const say = (): void => give({ type: 'event', event: event.id, fields: latest.current });
  const trigger = (
    <button
      type="button"
      className="h-6.5 rounded-full border border-strong px-2.5 hover:bg-chosen-wash"
      onClick={fields.length === 0 ? say : undefined}
    >
      {event.name}
      {fields.length > 0 && ' …'}
    </button>
  );
  if (fields.length === 0) return trigger;
  return (
    <Sheet label={`What comes with ${event.name}`} open={open} onOpen={setOpen} trigger={trigger}>
      <form
        ref={form}
        className="space-y-2 p-3"
        onSubmit={(submitted) => {
          submitted.preventDefault();
          flushSync(() => (document.activeElement as HTMLElement | null)?.blur());
          // A refused text stays in the field, with the reason.
          if (form.current!.querySelector('[aria-invalid="true"]')) return;
          setOpen(false);
          say();
        }}
      >
        {fields.map((field) => (
          <div key={field.id}>
            <span className="mb-0.5 block text-sm text-soft">{field.name}</span>
            <ScalarInput
              label={field.name}
              type={field}
              value={held[field.id] ?? zeroOf(field)}
              onChange={(value) => put(field.id, value)}
            />
          </div>
        ))}
        <Button type="submit" look="main">
          Say it
        </Button>
      </form>
    </Sheet>
  );
}
