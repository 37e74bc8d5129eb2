import { scopeOfScreen } from '../expression';
import { screenById, type Expression, type Id, type Project } from '../model';
import { conditionPiece, type Piece } from '../phrasing';
import { plain } from '../walk';
import * as named from './named';
import type { On, TriggerAuthor, TriggerPhrase, TriggerPlay } from './trigger';

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
    during: 'expression?',
  },
  references: { after: plain, during: named.condition },
  words: (trigger, phrase) => [
    { blank: 'trigger', words: 'After' },
    { words: ' ' },
    { blank: 'after', words: trigger.after },
    { words: ' ' },
    { blank: 'since', words: `${SINCE_WORDS[trigger.since]}${clockWords(trigger)}` },
    ...duringPieces(trigger.during, phrase),
  ],
  label: ({ after, during }, project, from) => `${after}${duringLabel(during, project, from)}`,
};

/** On which clock something is counted, where that is not the usual. */
export const clockWords = ({ clock, covered }: Pick<On<'time'>, 'clock' | 'covered'>): string =>
  `${clock === 'game' ? ' on the game’s clock' : ''}${covered === 'waits' ? ', waiting while covered' : ''}`;

/** For as long as something holds. */
export const duringPieces = (during: Expression | undefined, { scope }: TriggerPhrase): Piece[] =>
  during === undefined ? [] : [{ words: ', while ' }, conditionPiece('during', during, scope)];

export const duringLabel = (during: Expression | undefined, project: Project, from: Id): string =>
  during === undefined
    ? ''
    : ` while ${conditionPiece('during', during, scopeOfScreen(project, screenById(project, from))).words}`;
