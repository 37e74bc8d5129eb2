import { actionById, actionKeys, keysBeside } from '../keys';
import { titleCase } from '../model';
import { plain } from '../walk';
import * as named from './named';
import type { On, TriggerAuthor, TriggerPlay } from './trigger';

export const play: TriggerPlay<On<'action'>> = {
  life: 'searched',
  key: ({ action }) => action,
  phase: ({ when }) => when,
  hold: ({ when, hold }) => (when === 'held' ? hold : undefined),
  byHand: true,
};

/** At which part of the press, in words. */
export const WHEN_WORDS = { down: 'goes down', up: 'comes up', held: 'is held' } as const;

export const author: TriggerAuthor<On<'action'>> = {
  fields: { action: 'id', when: ['down', 'up', 'held'], hold: 'duration?' },
  references: { action: named.action, hold: plain },
  gone: { action: 'Its action is gone.' },
  words: ({ action, when, hold }, { project }) => {
    const found = actionById(project, action);
    return [
      { words: 'When ' },
      { blank: 'trigger', words: found ? titleCase(found.name) : 'an action that is gone', gone: !found },
      { words: `${found ? keysBeside(found) : ''} ` },
      { blank: 'when', words: WHEN_WORDS[when] },
      ...(when === 'held' ? [{ words: ' for ' }, { blank: 'hold' as const, words: hold ?? '500 ms' }] : []),
    ];
  },
  label: ({ action }, project) => {
    const found = actionById(project, action);
    return found ? (found.keys.length > 0 ? actionKeys(found).split(' or ')[0]! : found.name) : 'gone';
  },
};
