'use client';

import { linksFrom, screenById } from '@tavu/core/model';
import { useStudio } from '../store';
import type { BlankOf, Offer, TriggerEditor } from './editor';
import { OutcomePicker } from './OutcomePicker';

export const returned: TriggerEditor<'returned'> = {
  // What this opens can answer; so can everything that answers at all.
  offers: (project, source) => {
    const opened = new Set(
      linksFrom(project, source).flatMap(({ to }) => (to && 'screen' in to ? [to.screen] : [])),
    );
    return project.screens
      .filter(({ id, layer, outcomes }) => {
        return layer === 'overlay' && id !== source && (opened.has(id) || outcomes?.length);
      })
      .flatMap(({ id, name, outcomes = [] }): Offer[] => [
        ...outcomes.map((outcome) => ({
          key: `returned ${id} ${outcome.id}`,
          group: 'An answer',
          words: `${name} answers ${outcome.name} returned`,
          label: `${name} answers ${outcome.name}`,
          make: () => ({ on: 'returned' as const, screen: id, outcome: outcome.id }),
        })),
        {
          key: `returned ${id}`,
          group: 'An answer',
          words: `${name} closes returned`,
          label: `${name} closes`,
          make: () => ({ on: 'returned', screen: id }),
        },
      ]);
  },
  blanks: { answered: Answered },
};

function Answered({ trigger, put, close }: BlankOf<'returned'>) {
  const asked = useStudio((studio) => screenById(studio.project, trigger.screen));
  if (!asked) return null;
  return (
    <OutcomePicker
      screen={asked}
      label={(name) => `answers ${name}`}
      none="closes, whatever it answers"
      onPick={(outcome) => {
        put({ on: 'returned', screen: trigger.screen, ...(outcome === undefined ? {} : { outcome }) });
        close();
      }}
    />
  );
}
