import type { On, TriggerAuthor, TriggerPlay } from './trigger';

export const play: TriggerPlay<On<'failed'>> = { life: 'followed', follows: 'failed' };

export const author: TriggerAuthor<On<'failed'>> = {
  fields: {},
  references: {},
  words: () => [{ words: 'When ' }, { blank: 'trigger', words: 'what it loads' }, { words: ' has failed' }],
  label: () => 'failed',
};
