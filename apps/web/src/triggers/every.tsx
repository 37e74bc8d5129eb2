'use client';

import { readDuration, screenById } from '@tavu/core/model';
import type { On } from '@tavu/core/triggers';
import { Repeat } from 'lucide-react';
import { useStudio } from '../store';
import { Field } from '../ui';
import { ClockFields, During, withCounts } from './Counting';
import type { BlankOf, TriggerEditor } from './editor';

const every = (each: string): On<'every'> => ({ on: 'every', each, clock: 'interface', covered: 'counts' });

export const everySoOften: TriggerEditor<'every'> = {
  offers: (project, source) =>
    screenById(project, source)
      ? [
          {
            key: 'every',
            group: 'By itself',
            words: 'every so often again and again timer',
            label: 'Every so often',
            hint: '5 s',
            make: () => every('5 s'),
          },
        ]
      : [],
  typed: (text, project, source) => {
    const said = /^every (.+)$/i.exec(text.trim());
    const duration = said && readDuration(said[1]!, project.rates, 's');
    if (!duration || !('ok' in duration) || !screenById(project, source)) return [];
    return [
      {
        key: 'typed every',
        group: 'Make',
        words: text,
        label: `Every ${duration.ok}`,
        make: () => every(duration.ok),
      },
    ];
  },
  blanks: { after: Each, since: Counted, during: OnlyWhile },
  Mark: ({ label }) => (
    <span className="flex items-center gap-0.5 font-mono">
      <Repeat size={10} aria-hidden="true" />
      {label}
    </span>
  ),
  first: 'stay',
};

function Each({ trigger, put, close }: BlankOf<'every'>) {
  const rates = useStudio((studio) => studio.project.rates);
  return (
    <div className="p-3">
      <Field
        label="How often (s, ms, frames or ticks)"
        value={trigger.each}
        read={(text) => readDuration(text, rates, 's')}
        onChange={(each) => {
          put({ ...trigger, each });
          close();
        }}
      />
    </div>
  );
}

function Counted(blank: BlankOf<'every'>) {
  const { trigger, put } = blank;
  return (
    <>
      <div className="space-y-3 px-3 pt-3">
        <ClockFields counts={trigger} put={(change) => put(withCounts(trigger, change))} />
      </div>
      <OnlyWhile {...blank} />
    </>
  );
}

function OnlyWhile({ link, trigger, put, close }: BlankOf<'every'>) {
  return (
    <During link={link} counts={trigger} put={(change) => put(withCounts(trigger, change))} close={close} />
  );
}
