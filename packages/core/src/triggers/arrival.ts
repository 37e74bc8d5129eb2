import type { On, TriggerAuthor, TriggerPlay } from './trigger';

export const play: TriggerPlay<On<'arrival'>> = { life: 'followed', follows: 'up' };

export const author: TriggerAuthor<On<'arrival'>> = {
  fields: {},
  references: {},
  words: () => [{ blank: 'trigger', words: 'On arrival' }],
  label: () => 'at once',
};
