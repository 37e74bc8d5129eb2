import { byId } from '../model';
import { GONE } from '../phrasing';
import * as named from './named';
import type { On, TriggerAuthor, TriggerPlay } from './trigger';

export const play: TriggerPlay<On<'event'>> = {
  life: 'searched',
  key: ({ event }) => event,
  brings: ({ event }, { events }) => {
    const found = byId(events).get(event);
    return found && (found.fields ?? []);
  },
  hears: ({ type, event }) => (type === 'event' ? event : undefined),
};

export const author: TriggerAuthor<On<'event'>> = {
  fields: { event: 'id' },
  references: { event: named.event },
  gone: { event: 'Its event is gone.' },
  words: ({ event }, { project }) => {
    const found = byId(project.events).get(event);
    return [{ words: 'When the game says ' }, { blank: 'trigger', words: found?.name ?? GONE, gone: !found }];
  },
  label: ({ event }, { events }) => byId(events).get(event)?.name ?? 'gone',
};
