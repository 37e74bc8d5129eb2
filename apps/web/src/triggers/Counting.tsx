'use client';

import type { Link } from '@tavu/core/model';
import { scopeOfLink, type On } from '@tavu/core/triggers';
import { ConditionField } from '../fields';
import { useStudio } from '../store';
import { Radios } from '../ui';

/** How a time is counted, for every trigger that waits for one. */

type Counts = Pick<On<'time'>, 'clock' | 'covered' | 'during'>;

/** A trigger counted otherwise; what no longer has to hold is left out. */
export function withCounts<T extends Counts>(trigger: T, change: Partial<Counts>): T {
  const { during, ...rest } = { ...trigger, ...change };
  return (during === undefined ? rest : { ...rest, during }) as T;
}

export function ClockFields({ counts, put }: { counts: Counts; put: (change: Partial<Counts>) => void }) {
  return (
    <>
      <Radios<Counts['clock']>
        label="On"
        value={counts.clock}
        options={[
          ['interface', 'the interface’s clock'],
          ['game', 'the game’s clock, which stands still while paused'],
        ]}
        onChange={(clock) => put({ clock })}
      />
      <Radios<Counts['covered']>
        label="While a screen lies over this"
        value={counts.covered}
        options={[
          ['counts', 'it goes on counting'],
          ['waits', 'it waits'],
        ]}
        onChange={(covered) => put({ covered })}
      />
    </>
  );
}

/** What has to hold for it to be counted. */
export function During({
  link,
  counts,
  put,
  close,
}: {
  link: Link;
  counts: Counts;
  put: (change: Partial<Counts>) => void;
  close: () => void;
}) {
  const project = useStudio((studio) => studio.project);
  return (
    <div>
      <p className="px-3 pt-2 text-sm text-soft">
        It counts only while this holds, and from the beginning each time it comes to hold again.
      </p>
      <ConditionField
        label="Counts only while"
        value={counts.during ?? ''}
        scope={scopeOfLink(project, link)}
        none="Count all the time"
        onChange={(during) => put({ during })}
        close={close}
      />
    </div>
  );
}
