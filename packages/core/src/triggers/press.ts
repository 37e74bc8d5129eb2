import { showsList } from '../lists';
import { GONE } from '../phrasing';
import * as named from './named';
import type { On, TriggerAuthor, TriggerPlay } from './trigger';

export const play: TriggerPlay<On<'press'>> = {
  life: 'searched',
  key: ({ element }) => element,
  element: { of: ({ element }) => element, put: (trigger, element) => ({ ...trigger, element }) },
  byHand: true,
};

export const author: TriggerAuthor<On<'press'>> = {
  fields: { element: 'id' },
  references: { element: named.element },
  gone: { element: 'What is pressed is gone.' },
  words: ({ element }, { project, from }) => {
    const found = named.pressed(project, from, element);
    return [
      { words: found && showsList(found) ? 'When a row of ' : 'When ' },
      { blank: 'trigger', words: found?.name ?? GONE, gone: !found },
      { words: ' is pressed' },
    ];
  },
  label: ({ element }, project, from) => named.pressed(project, from, element)?.name ?? 'gone',
};
