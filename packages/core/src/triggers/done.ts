import type { On, TriggerAuthor, TriggerPlay } from './trigger';

export const play: TriggerPlay<On<'done'>> = { life: 'followed', follows: 'done' };

export const author: TriggerAuthor<On<'done'>> = {
  fields: {},
  references: {},
  words: () => [{ words: 'When ' }, { blank: 'trigger', words: 'what is on it' }, { words: ' has finished' }],
  label: () => 'finished',
};
