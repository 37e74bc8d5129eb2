'use client';

import { type Loading, type Screen, withId, lean } from '@tavu/core/model';
import { DurationField, EasingField } from '../motion';
import { edit, useStudio } from '../store';
import { SelectRow, ThingRow } from '../ui';

/** How a screen loads: simulated, or as the game reports; and when it has failed. */
export function LoadingPanel({ screen }: { screen: Screen }) {
  const events = useStudio((studio) => studio.project.events).filter((event) => event.direction === 'in');
  const { loading } = screen;
  const put = (next: object | undefined): void =>
    void edit(
      'change screen',
      { screen: screen.id, change: { loading: next && (lean(next) as Loading) } },
      { key: `loading ${screen.id}` },
    );
  const fields = (id: string | undefined) =>
    withId(events, id)?.fields?.filter((field) => field.type === 'number') ?? [];
  return (
    <section aria-label="Loading" className="space-y-1.5">
      <SelectRow<'' | Loading['by']>
        label="Loading"
        value={loading?.by ?? ''}
        options={[
          ['', 'nothing'],
          ['pretending', 'simulated, for a time'],
          ['events', 'from the game'],
        ]}
        onChange={(by) =>
          put(by === '' ? undefined : by === 'pretending' ? { by, lasts: '3 s' } : { by, limit: '20 s' })
        }
      />
      {loading?.by === 'pretending' && (
        <>
          <DurationField
            label="Duration"
            unit="s"
            value={loading.lasts}
            onChange={(lasts) => put({ ...loading, lasts })}
          />
          <EasingField
            label="Progress curve"
            value={loading.shape ?? 'ease-out'}
            onChange={(shape) => put({ ...loading, shape })}
          />
        </>
      )}
      {loading?.by === 'events' && (
        <>
          <ThingRow
            label="Progress event"
            value={loading.progress}
            none="no event"
            things={events}
            onChange={(progress) => put({ ...loading, progress, field: undefined })}
          />
          {fields(loading.progress).length > 1 && (
            <ThingRow
              label="Field"
              value={loading.field}
              none="the first"
              things={fields(loading.progress)}
              onChange={(field) => put({ ...loading, field })}
            />
          )}
          <ThingRow
            label="Done event"
            value={loading.done}
            none="no event"
            things={events}
            onChange={(done) => put({ ...loading, done })}
          />
          <ThingRow
            label="Failed event"
            value={loading.failed}
            none="no event"
            things={events}
            onChange={(failed) => put({ ...loading, failed })}
          />
        </>
      )}
      {loading && (
        <DurationField
          label="Timeout"
          unit="s"
          optional
          value={loading.limit}
          onChange={(limit) => put({ ...loading, limit })}
        />
      )}
      {loading && (
        <p className="text-sm text-soft">
          What follows is said above: “When what is on it has finished”, and “when what it loads has failed”.
        </p>
      )}
    </section>
  );
}
