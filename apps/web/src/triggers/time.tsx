'use client';

import { readDuration, screenById } from '@tavu/core/model';
import type { On } from '@tavu/core/triggers';
import { SINCE_WORDS } from '@tavu/core/triggers/author';
import { Clock } from 'lucide-react';
import { useStudio } from '../store';
import { Field, Radios } from '../ui';
import { ClockFields, During, withCounts } from './Counting';
import type { BlankOf, TriggerEditor } from './editor';

const after = (time: string): On<'time'> => ({
  on: 'time',
  after: time,
  since: 'taken',
  clock: 'interface',
  covered: 'counts',
});

export const time: TriggerEditor<'time'> = {
  offers: (project, source) =>
    screenById(project, source)
      ? [
          {
            key: 'time',
            group: 'By itself',
            words: 'after a time timer',
            label: 'After a time',
            hint: '3 s',
            make: () => after('3 s'),
          },
        ]
      : [],
  typed: (text, project, source) => {
    const duration = readDuration(text.replace(/^after /i, ''), project.rates, 's');
    if (!('ok' in duration) || !screenById(project, source)) return [];
    return [
      {
        key: 'typed time',
        group: 'Make',
        words: text,
        label: `After ${duration.ok}`,
        make: () => after(duration.ok),
      },
    ];
  },
  blanks: { after: After, since: Since, during: OnlyWhile },
  Mark: ({ label }) => (
    <span className="flex items-center gap-0.5 font-mono">
      <Clock size={10} aria-hidden="true" />
      {label}
    </span>
  ),
};

function After({ trigger, put, close }: BlankOf<'time'>) {
  const rates = useStudio((studio) => studio.project.rates);
  return (
    <div className="p-3">
      <Field
        label="How long (s, ms, frames or ticks)"
        value={trigger.after}
        read={(text) => readDuration(text, rates, 's')}
        onChange={(time) => {
          put({ ...trigger, after: time });
          close();
        }}
      />
    </div>
  );
}

function Since({ link, trigger, put, close }: BlankOf<'time'>) {
  return (
    <>
      <div className="space-y-3 px-3 pt-3">
        <Radios<On<'time'>['since']>
          label="Counted"
          value={trigger.since}
          options={Object.entries(SINCE_WORDS) as [On<'time'>['since'], string][]}
          onChange={(since) => put({ ...trigger, since })}
        />
        <ClockFields counts={trigger} put={(change) => put(withCounts(trigger, change))} />
      </div>
      <During link={link} counts={trigger} put={(change) => put(withCounts(trigger, change))} close={close} />
    </>
  );
}

function OnlyWhile({ link, trigger, put, close }: BlankOf<'time'>) {
  return (
    <During link={link} counts={trigger} put={(change) => put(withCounts(trigger, change))} close={close} />
  );
}
