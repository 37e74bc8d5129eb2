import { plain } from '../walk';
import type { On, TriggerAuthor, TriggerPlay } from './trigger';

export const play: TriggerPlay<On<'time'>> = {
  life: 'timed',
  after: ({ after }) => after,
  counted: (cue) => cue,
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
  words: (cue) => [
    { blank: 'cue', words: 'After' },
    { words: ' ' },
    { blank: 'after', words: cue.after },
    { words: ' ' },
    { blank: 'since', words: sinceWords(cue) },
  ],
  label: ({ after }) => after,
};

function sinceWords(cue: On<'time'>): string {
  const clock = cue.clock === 'game' ? ' on the game’s clock' : '';
  const covered = cue.covered === 'waits' ? ', waiting while covered' : '';
  return `${SINCE_WORDS[cue.since]}${clock}${covered}`;
}
