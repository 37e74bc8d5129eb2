import {
  elementById,
  screenById,
  targetName,
  titleCase,
  type Cue,
  type Effect,
  type Id,
  type Link,
  type LinkKind,
  type Motion,
  type Order,
  type Project,
} from '../model';
import { actionById, actionKeys } from './inputs';

/** A piece of a sentence: plain words, or a blank that can be filled otherwise. */
export type Piece =
  | { words: string }
  | {
      blank: Slot;
      words: string;
      effect?: number;
      /** It names something that is not there. */ gone?: boolean;
    };
export type Slot = 'cue' | 'when' | 'after' | 'hold' | 'since' | 'effect' | 'kind' | 'target' | 'motion';

export const KIND_WORDS: Record<LinkKind, string> = {
  go: 'go to',
  open: 'open over this',
  swap: 'make way for',
  back: 'go back',
  clear: 'close everything',
  stay: 'do',
  end: 'the end',
};

/** What a link does, as a sentence with blanks. */
export function sentenceOf(project: Project, link: Link): Piece[] {
  const pieces: Piece[] = [...cuePieces(project, link)];
  link.effects.forEach((effect, i) => {
    pieces.push({ words: i === 0 ? ', ' : ' and ' });
    pieces.push({ words: EFFECT_VERBS[effect.do] }, effectPiece(project, effect, i));
  });
  const then = link.effects.length > 0 ? ', then ' : ', ';
  if (link.kind === 'stay') {
    if (link.effects.length === 0) pieces.push({ words: ', ' }, { blank: 'kind', words: 'do nothing yet' });
    else pieces.push({ words: ', and ' }, { blank: 'kind', words: 'stay here' });
    return [...pieces, { words: '.' }];
  }
  if (link.kind === 'end')
    return [...pieces, { words: `${then}it is ` }, { blank: 'kind', words: 'the end' }, { words: '.' }];
  if (link.kind === 'open') {
    pieces.push(
      { words: then },
      { blank: 'kind', words: 'open' },
      { words: ' ' },
      targetPiece(project, link),
      { words: ' over this' },
    );
  } else {
    pieces.push({ words: then }, { blank: 'kind', words: KIND_WORDS[link.kind] });
    if (link.kind === 'go' || link.kind === 'swap') pieces.push({ words: ' ' }, targetPiece(project, link));
  }
  pieces.push(
    { words: link.motion ? ' with ' : ', ' },
    { blank: 'motion', words: link.motion ? motionWords(link.motion) : 'house motion' },
  );
  return [...pieces, { words: '.' }];
}

/** The sentence as plain text. */
export const sentenceText = (project: Project, link: Link): string =>
  sentenceOf(project, link)
    .map((piece) => piece.words)
    .join('');

function cuePieces(project: Project, link: Link): Piece[] {
  const { cue } = link;
  switch (cue.on) {
    case 'press': {
      const element = elementById(screenById(project, link.from), cue.element);
      return [
        { words: 'When ' },
        { blank: 'cue', words: element?.name ?? 'something that is gone', gone: !element },
        { words: ' is pressed' },
      ];
    }
    case 'action': {
      const action = actionById(project, cue.action);
      const keys = action ? actionKeys(action) : '';
      return [
        { words: 'When ' },
        { blank: 'cue', words: action ? titleCase(action.name) : 'an action that is gone', gone: !action },
        { words: keys ? ` (${keys}) ` : ' ' },
        { blank: 'when', words: WHEN_WORDS[cue.when] },
        ...(cue.when === 'held'
          ? [{ words: ' for ' }, { blank: 'hold' as const, words: cue.hold ?? '500 ms' }]
          : []),
      ];
    }
    case 'event': {
      const event = project.events.find((each) => each.id === cue.event);
      return [
        { words: 'When the game says ' },
        { blank: 'cue', words: event?.name ?? 'something that is gone', gone: !event },
      ];
    }
    case 'time':
      return [
        { blank: 'cue', words: 'After' },
        { words: ' ' },
        { blank: 'after', words: cue.after },
        { words: ' ' },
        { blank: 'since', words: sinceWords(cue) },
      ];
    case 'arrival':
      return [{ blank: 'cue', words: 'On arrival' }];
  }
}

export const WHEN_WORDS = { down: 'goes down', up: 'comes up', held: 'is held' } as const;
export const SINCE_WORDS = {
  taken: 'from the press that led here',
  shown: 'from the first picture',
  settled: 'from standing still',
} as const;

function sinceWords(cue: Cue & { on: 'time' }): string {
  const clock = cue.clock === 'game' ? ' on the game’s clock' : '';
  const covered = cue.covered === 'waits' ? ', waiting while covered' : '';
  return `${SINCE_WORDS[cue.since]}${clock}${covered}`;
}

const EFFECT_VERBS: Record<Effect['do'], string> = {
  notice: 'show ',
  'clear notice': 'take away ',
  send: 'tell the game ',
};

function effectPiece(project: Project, effect: Effect, index: number): Piece {
  const found =
    effect.do === 'send'
      ? project.events.find((each) => each.id === effect.event)?.name
      : screenById(project, effect.screen)?.name;
  return {
    blank: 'effect',
    effect: index,
    words: found ?? 'something that is gone',
    gone: found === undefined,
  };
}

function targetPiece(project: Project, link: Link): Piece {
  const gone = !link.to || 'gap' in link.to || !screenById(project, link.to.screen);
  return { blank: 'target', words: link.to ? targetName(project, link.to) : 'somewhere', gone };
}

export function motionWords(motion: Motion): string {
  if (motion.name === 'none') return 'no motion';
  if (motion.name === 'fade') return `a ${motion.duration} fade`;
  return `a ${motion.duration} slide from the ${motion.from}`;
}

export function orderWords(order: Order): string {
  if (order === 'after') return 'one after the other';
  return order === 'together' ? 'both together' : `overlapping by ${order.overlap}`;
}

/** A cue in two or three words, for a line on the map. */
export function cueLabel(project: Project, screen: Id, cue: Cue): string {
  switch (cue.on) {
    case 'press':
      return elementById(screenById(project, screen), cue.element)?.name ?? 'gone';
    case 'action': {
      const action = actionById(project, cue.action);
      return action ? (action.keys.length > 0 ? actionKeys(action).split(' or ')[0]! : action.name) : 'gone';
    }
    case 'event':
      return project.events.find((each) => each.id === cue.event)?.name ?? 'gone';
    case 'time':
      return cue.after;
    case 'arrival':
      return 'at once';
  }
}
