import { plain } from '../walk';
import type { On, TriggerAuthor, TriggerPlay } from './trigger';

export const play: TriggerPlay<On<'time'>> = {
  life: 'timed',
  after: ({ after }) => after,
  counted: (trigger) => trigger,
};

export const SINCE_WORDS = {
  taken: 'from the press that led here',
  shown: 'from the first picture',
  settled: 'from standing still',
} as const;

export const author: TriggerAuthor<On<'time'>> = {
  fields: {
    after: 'duration',
    since: ['taken', 'shown', 'settled'],
    clock: ['interface', 'game'],
    covered: ['counts', 'waits'],
  },
  references: { after: plain },
  words: (trigger) => [
    { blank: 'trigger', words: 'After' },
    { words: ' ' },
    { blank: 'after', words: trigger.after },
    { words: ' ' },
    { blank: 'since', words: sinceWords(trigger) },
  ],
  label: ({ after }) => after,
};

function sinceWords(trigger: On<'time'>): string {
  const clock = trigger.clock === 'game' ? ' on the game’s clock' : '';
  const covered = trigger.covered === 'waits' ? ', waiting while covered' : '';
  return `${SINCE_WORDS[trigger.since]}${clock}${covered}`;
}
