import { screenById, withId } from '../model';
import { GONE } from '../phrasing';
import * as named from './named';
import type { On, TriggerAuthor, TriggerPlay } from './trigger';

export const play: TriggerPlay<On<'returned'>> = {
  life: 'followed',
  follows: 'answer',
  key: ({ screen }) => screen,
  answered: (trigger, outcome) => trigger.outcome === undefined || trigger.outcome === outcome,
};

export const author: TriggerAuthor<On<'returned'>> = {
  fields: { screen: 'id', outcome: 'id?' },
  references: { screen: named.screen, outcome: named.outcome },
  about: ({ screen }) => screen,
  gone: { screen: 'The screen whose answer it waits for is gone.' },
  words: (trigger, { project }) => {
    const screen = screenById(project, trigger.screen);
    const outcome = withId(screen?.outcomes, trigger.outcome);
    const gone = trigger.outcome !== undefined && !outcome;
    return [
      { words: 'When ' },
      { blank: 'trigger', words: screen?.name ?? GONE, gone: !screen },
      { words: trigger.outcome === undefined ? ' ' : ' answers ' },
      {
        blank: 'answered',
        words: trigger.outcome === undefined ? 'closes' : (outcome?.name ?? GONE),
        gone,
      },
    ];
  },
  label: (trigger, project) => {
    const asked = screenById(project, trigger.screen);
    const answer = withId(asked?.outcomes, trigger.outcome)?.name;
    return answer ? `${asked?.name}: ${answer}` : `${asked?.name ?? 'gone'} closes`;
  },
};
