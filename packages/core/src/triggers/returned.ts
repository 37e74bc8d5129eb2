import { screenById, withId } from '../model';
import { GONE } from '../phrasing';
import * as named from './named';
import type { On, TriggerAuthor, TriggerPlay } from './trigger';

export const play: TriggerPlay<On<'returned'>> = {
  life: 'followed',
  follows: 'answer',
  key: ({ screen }) => screen,
  answered: (cue, outcome) => cue.outcome === undefined || cue.outcome === outcome,
};

export const author: TriggerAuthor<On<'returned'>> = {
  fields: { screen: 'id', outcome: 'id?' },
  references: { screen: named.screen, outcome: named.outcome },
  about: ({ screen }) => screen,
  gone: { screen: 'The screen whose answer it waits for is gone.' },
  words: (cue, { project }) => {
    const screen = screenById(project, cue.screen);
    const outcome = withId(screen?.outcomes, cue.outcome);
    const gone = cue.outcome !== undefined && !outcome;
    return [
      { words: 'When ' },
      { blank: 'cue', words: screen?.name ?? GONE, gone: !screen },
      { words: cue.outcome === undefined ? ' ' : ' answers ' },
      {
        blank: 'answered',
        words: cue.outcome === undefined ? 'closes' : (outcome?.name ?? GONE),
        gone,
      },
    ];
  },
  label: (cue, project) => {
    const asked = screenById(project, cue.screen);
    const answer = withId(asked?.outcomes, cue.outcome)?.name;
    return answer ? `${asked?.name}: ${answer}` : `${asked?.name ?? 'gone'} closes`;
  },
};
