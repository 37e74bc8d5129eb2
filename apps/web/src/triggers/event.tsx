'use client';

import { LONGEST_NAME } from '@tavu/core/model';
import { Zap } from 'lucide-react';
import { edit } from '../store';
import type { TriggerEditor } from './editor';

export const event: TriggerEditor<'event'> = {
  offers: ({ events }) =>
    events
      .filter(({ direction }) => direction === 'in')
      .map(({ id, name }) => ({
        key: `event ${id}`,
        group: 'Events from the game',
        words: `${name} event game`,
        label: name,
        make: () => ({ on: 'event', event: id }),
      })),
  typed: (text, { events }) => {
    const name = text.slice(0, LONGEST_NAME);
    if (events.some((event) => event.name.toLowerCase() === text.toLowerCase())) return [];
    return [
      {
        key: 'typed event',
        group: 'Make',
        words: text,
        label: `When the game says “${name}”`,
        make: () => ({ on: 'event', event: edit('add event', { name, direction: 'in' })! }),
      },
    ];
  },
  Mark: ({ label }) => (
    <span className="flex min-w-0 items-center gap-0.5">
      <Zap size={10} aria-hidden="true" className="shrink-0" />
      <span className="truncate">{label}</span>
    </span>
  ),
  above: true,
};
