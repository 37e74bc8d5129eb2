'use client';

import type { Animation, Duration, Id } from '@tavu/core/model';
import { DurationField } from '../motion';
import { useStudio } from '../store';
import { SelectRow } from '../ui';

interface Timed<On extends string> {
  on: On | { event: Id };
  repeat?: Animation['repeat'];
  delay?: Duration;
}

/** When something begins, how often it plays, and how long it waits before. */
export function Timing<On extends string>({
  of: { on, repeat, delay },
  starts,
  onChange,
}: {
  of: Timed<On>;
  /** What it can begin on besides an event of the game, each in words. */
  starts: readonly (readonly [On, string])[];
  onChange: (change: Partial<Timed<On>>) => void;
}) {
  const events = useStudio((studio) => studio.project.events).filter(({ direction }) => direction === 'in');
  return (
    <>
      <SelectRow<On | 'event'>
        label="Starts"
        value={typeof on === 'object' ? 'event' : on}
        options={[...starts, ...(events.length > 0 ? [['event', 'on an event'] as const] : [])]}
        onChange={(to) => onChange({ on: to === 'event' ? { event: events[0]!.id } : to })}
      />
      {typeof on === 'object' && (
        <SelectRow<string>
          label="Which event"
          value={on.event}
          options={events.map(({ id, name }) => [id, name] as const)}
          onChange={(event) => onChange({ on: { event } })}
        />
      )}
      <SelectRow<'once' | 'loop' | 'there and back'>
        label="Plays"
        value={repeat ?? 'once'}
        options={[
          ['once', 'once'],
          ['loop', 'loop'],
          ['there and back', 'there and back'],
        ]}
        onChange={(to) => onChange({ repeat: to === 'once' ? undefined : to })}
      />
      <DurationField label="Delay" optional value={delay} onChange={(to) => onChange({ delay: to })} />
    </>
  );
}
