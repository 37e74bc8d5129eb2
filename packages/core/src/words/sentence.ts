import { actionById, actionKeys, keysBeside } from '../keys';
import { componentById, elementAt } from '../component';
import { check, scopeOfLink, type Scope } from '../expression';
import {
  screenById,
  targetName,
  titleCase,
  valueById,
  type Arguments,
  type Cue,
  type Effect,
  type Element,
  type Field,
  type FieldType,
  type Id,
  type Link,
  type LinkKind,
  type Motion,
  type Order,
  type Parameter,
  type Project,
  type SimpleMotion,
} from '../model';
import { ruleFor, type MotionRule, type Way } from '../motion';

/** A piece of a sentence: plain words, or a blank that can be filled otherwise. */
export type Piece =
  | { words: string }
  | {
      blank: Slot;
      words: string;
      /** The index of the effect it belongs to. */
      effect?: number;
      /** The parameter or field it gives something to. */
      param?: Id;
      /** It names something that is not there, or says what cannot be. */
      gone?: boolean;
    };
export type Slot =
  | 'cue'
  | 'when'
  | 'after'
  | 'hold'
  | 'since'
  /** What has to come true. */
  | 'awaits'
  | 'answered'
  | 'condition'
  | 'once'
  | 'above'
  | 'effect'
  | 'later'
  /** What a value is set to, or which slot. */
  | 'gives'
  | 'given'
  | 'kind'
  | 'target'
  | 'answer'
  /** The conversation it plays. */
  | 'says'
  | 'motion';

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
  const scope = scopeOfLink(project, link);
  const pieces: Piece[] = [...cuePieces(project, link, scope)];
  if (link.when !== undefined)
    pieces.push({ words: ', if ' }, expressionPiece('condition', link.when, scope, CONDITION));
  if (link.once) pieces.push({ words: ', ' }, { blank: 'once', words: 'only once' });
  if (link.aboveModal) pieces.push({ words: ', ' }, { blank: 'above', words: 'also above modal screens' });
  link.effects.forEach((effect, i) => {
    pieces.push({ words: i === 0 ? ', ' : i === link.effects.length - 1 ? ' and ' : ', ' });
    if (effect.after !== undefined)
      pieces.push({ blank: 'later', effect: i, words: `${effect.after} later` }, { words: ' ' });
    pieces.push(...effectPieces(project, effect, i, scope));
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
  if (link.to && 'screen' in link.to)
    pieces.push(...givenPieces(screenById(project, link.to.screen)?.parameters, link.args, scope));
  pieces.push(...saysPieces(project, link));
  pieces.push(...answerPieces(project, link));
  pieces.push(
    { words: link.motion ? ' with ' : ', ' },
    { blank: 'motion', words: link.motion ? motionWords(project, link.motion) : houseWords(project, link) },
  );
  return [...pieces, { words: '.' }];
}

/** What a dialogue screen says when it is come to so. */
function saysPieces(project: Project, { to, says }: Link): Piece[] {
  const target = to && 'screen' in to ? screenById(project, to.screen) : undefined;
  if (says === undefined && (!target || (target.kind !== 'dialogue' && target.says === undefined))) return [];
  const found = project.conversations?.find((each) => each.id === (says ?? target?.says));
  const gone = says !== undefined && !found;
  const words = found ? found.name : gone ? 'a conversation that is gone' : 'nothing';
  return [{ words: ', saying ' }, { blank: 'says', words, ...(gone ? { gone } : {}) }];
}

const CONDITION: FieldType = { type: 'on/off' };

function expressionPiece(
  blank: Slot,
  text: string,
  scope: Scope,
  wanted: FieldType | undefined,
  rest: { effect?: number; param?: Id } = {},
): Piece {
  return { blank, words: text, gone: check(text, scope, wanted).complaints.length > 0, ...rest };
}

/** What parameters or fields are given, in brackets; a required one that is left out is marked. */
function givenPieces(
  takes: readonly (Parameter | Field)[] = [],
  args: Arguments = {},
  scope: Scope,
  effect?: number,
): Piece[] {
  const pieces: Piece[] = [];
  for (const type of takes) {
    const text = args[type.id];
    const at = { param: type.id, ...(effect === undefined ? {} : { effect }) };
    const needed = !('default' in type && type.default !== undefined);
    pieces.push({ words: `${pieces.length === 0 ? ' (' : ', '}${type.name}: ` });
    if (text !== undefined) pieces.push(expressionPiece('given', text, scope, type, at));
    else pieces.push({ blank: 'given', words: needed ? 'not said' : 'as usual', gone: needed, ...at });
  }
  return pieces.length === 0 ? [] : [...pieces, { words: ')' }];
}

/** What a closing screen answers, where it has anything to answer. */
function answerPieces(project: Project, link: Link): Piece[] {
  const outcomes = screenById(project, link.from)?.outcomes ?? [];
  if (link.kind !== 'back' || (outcomes.length === 0 && link.outcome === undefined)) return [];
  const answer = outcomes.find((each) => each.id === link.outcome);
  const gone = link.outcome !== undefined && !answer;
  const words = answer?.name ?? (gone ? 'something that is gone' : 'nothing');
  return [{ words: ' and answer ' }, { blank: 'answer', words, gone }];
}

/** The sentence as plain text. */
export const sentenceText = (project: Project, link: Link): string =>
  sentenceOf(project, link)
    .map((piece) => piece.words)
    .join('');

function cuePieces(project: Project, link: Link, scope: Scope): Piece[] {
  const { cue } = link;
  switch (cue.on) {
    case 'press': {
      const element = pressedElement(project, link.from, cue.element);
      return [
        { words: 'When ' },
        { blank: 'cue', words: element?.name ?? 'something that is gone', gone: !element },
        { words: ' is pressed' },
      ];
    }
    case 'action': {
      const action = actionById(project, cue.action);
      return [
        { words: 'When ' },
        { blank: 'cue', words: action ? titleCase(action.name) : 'an action that is gone', gone: !action },
        { words: `${action ? keysBeside(action) : ''} ` },
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
    case 'done':
      return [{ words: 'When ' }, { blank: 'cue', words: 'what is on it' }, { words: ' has finished' }];
    case 'failed':
      return [{ words: 'When ' }, { blank: 'cue', words: 'what it loads' }, { words: ' has failed' }];
    case 'value':
      return [
        { blank: 'cue', words: 'As soon as' },
        { words: ' ' },
        expressionPiece('awaits', cue.when, scope, CONDITION),
      ];
    case 'returned': {
      const screen = screenById(project, cue.screen);
      const outcome = screen?.outcomes?.find((each) => each.id === cue.outcome);
      const gone = cue.outcome !== undefined && !outcome;
      return [
        { words: 'When ' },
        { blank: 'cue', words: screen?.name ?? 'something that is gone', gone: !screen },
        { words: cue.outcome === undefined ? ' ' : ' answers ' },
        {
          blank: 'answered',
          words: cue.outcome === undefined ? 'closes' : (outcome?.name ?? 'something that is gone'),
          gone,
        },
      ];
    }
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
  set: 'set ',
  reset: 'reset ',
  sound: 'play ',
  'stop sound': 'stop ',
  save: 'save to slot ',
  load: 'load slot ',
  'keep changes': 'keep what was changed here',
  'take back changes': 'take back what was changed here',
  'reset bindings': 'go back to the usual keys',
};

function effectPieces(project: Project, effect: Effect, index: number, scope: Scope): Piece[] {
  const noun = (found: string | undefined): Piece => ({
    blank: 'effect',
    effect: index,
    words: found ?? 'something that is gone',
    gone: found === undefined,
  });
  const verb = { words: EFFECT_VERBS[effect.do] };
  switch (effect.do) {
    case 'notice':
    case 'clear notice': {
      const screen = screenById(project, effect.screen);
      const given = effect.do === 'notice' ? givenPieces(screen?.parameters, effect.args, scope, index) : [];
      return [verb, noun(screen?.name), ...given];
    }
    case 'send': {
      const event = project.events.find((each) => each.id === effect.event);
      return [verb, noun(event?.name), ...givenPieces(event?.fields, effect.fields, scope, index)];
    }
    case 'set': {
      const value = valueById(project, effect.value);
      return [
        verb,
        noun(value?.name),
        { words: ' to ' },
        expressionPiece('gives', effect.to, scope, value, { effect: index }),
      ];
    }
    case 'reset': {
      const one = effect.value === undefined ? undefined : valueById(project, effect.value)?.name;
      return [verb, noun(effect.value !== undefined ? one : (effect.section ?? 'every value'))];
    }
    case 'sound':
    case 'stop sound':
      return [verb, noun(project.assets.find((asset) => asset.id === effect.asset)?.name)];
    case 'save':
    case 'load':
      return [
        { blank: 'effect', effect: index, words: EFFECT_VERBS[effect.do].trim() },
        { words: ' ' },
        expressionPiece('gives', effect.slot, scope, undefined, { effect: index }),
      ];
    case 'keep changes':
    case 'take back changes':
    case 'reset bindings':
      return [{ blank: 'effect', effect: index, words: EFFECT_VERBS[effect.do] }];
  }
}

/** An effect by itself, in words. */
export function effectWords(project: Project, effect: Effect): string {
  const scope: Scope = { names: new Map(), screens: new Map() };
  return effectPieces(project, effect, 0, scope)
    .map((piece) => piece.words)
    .join('');
}

function targetPiece(project: Project, link: Link): Piece {
  const gone = !link.to || 'gap' in link.to || !screenById(project, link.to.screen);
  return { blank: 'target', words: link.to ? targetName(project, link.to) : 'somewhere', gone };
}

export function motionWords(project: Pick<Project, 'motions'>, motion: Motion): string {
  const { leaving } = motion;
  return `${simpleWords(project, motion)}${leaving ? `, leaving with ${simpleWords(project, leaving, 'leaving')}` : ''}`;
}

function simpleWords(
  { motions }: Pick<Project, 'motions'>,
  motion: SimpleMotion,
  way: Way = 'entering',
): string {
  switch (motion.name) {
    case 'none':
      return 'no motion';
    case 'made':
      return motions?.find((each) => each.id === motion.motion)?.name ?? 'a motion that is gone';
    case 'slide':
      return `a ${motion.duration} slide ${way === 'leaving' ? 'to' : 'from'} the ${motion.from}`;
    case 'grow':
      return `${way === 'leaving' && (motion.scale ?? 0.8) <= 1 ? 'shrinking' : 'growing'} in ${motion.duration}`;
    case 'blur':
      return `a ${motion.duration} blur`;
    case 'fade':
      return `a ${motion.duration} fade`;
  }
}

/** Whose motion a link has that does not say so itself. */
export const houseWords = (project: Project, link: Link): string => ruleWords(ruleFor(project, link));

/** The house motion as it is called, or whose motion goes before it. */
export function ruleWords({ owner }: MotionRule): string {
  return owner ? `${owner.name}’s motion` : 'house motion';
}

export function orderWords(order: Order): string {
  if (order === 'after') return 'one after the other';
  return order === 'together' ? 'both together' : `overlapping by ${order.overlap}`;
}

/** A cue in two or three words, for a line on the map. */
export function cueLabel(project: Project, screen: Id, cue: Cue): string {
  switch (cue.on) {
    case 'press':
      return pressedElement(project, screen, cue.element)?.name ?? 'gone';
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
    case 'done':
      return 'finished';
    case 'failed':
      return 'failed';
    case 'value':
      return cue.when;
    case 'returned': {
      const asked = screenById(project, cue.screen);
      const answer = asked?.outcomes?.find((each) => each.id === cue.outcome)?.name;
      return answer ? `${asked?.name}: ${answer}` : `${asked?.name ?? 'gone'} closes`;
    }
  }
}

/** What is pressed on a screen, or in a component. */
const pressedElement = (project: Project, from: Id, element: Id): Element | undefined =>
  elementAt(project, (screenById(project, from) ?? componentById(project, from))?.elements, element);
