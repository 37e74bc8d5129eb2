import { authorOfEffect } from '../effects/author';
import type { Scope } from '../expression';
import {
  screenById,
  targetName,
  type Effect,
  type Link,
  type LinkKind,
  type Motion,
  type Order,
  type Project,
  type SimpleMotion,
  withId,
} from '../model';
import { ruleFor, type MotionRule, type HalfName } from '../motion';
import { scopeOfLink } from '../triggers';
import { authorOfTrigger } from '../triggers/author';
import { conditionPiece, givenPieces, type Piece } from '../phrasing';

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
  const pieces: Piece[] = [
    ...authorOfTrigger(link.trigger).words(link.trigger, { project, from: link.from, scope }),
  ];
  if (link.when !== undefined) pieces.push({ words: ', if ' }, conditionPiece('condition', link.when, scope));
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
    { blank: 'motion', words: link.motion ? motionWords(project, link.motion) : defaultWords(project, link) },
  );
  return [...pieces, { words: '.' }];
}

/** What a dialogue screen says when it is come to so. */
function saysPieces(project: Project, { to, says }: Link): Piece[] {
  const target = to && 'screen' in to ? screenById(project, to.screen) : undefined;
  if (says === undefined && (!target || (target.kind !== 'dialogue' && target.says === undefined))) return [];
  const found = withId(project.conversations, says ?? target?.says);
  const gone = says !== undefined && !found;
  const words = found ? found.name : gone ? 'a conversation that is gone' : 'nothing';
  return [{ words: ', saying ' }, { blank: 'says', words, ...(gone ? { gone } : {}) }];
}

/** What a closing screen answers, where it has anything to answer. */
function answerPieces(project: Project, link: Link): Piece[] {
  const outcomes = screenById(project, link.from)?.outcomes ?? [];
  if (link.kind !== 'back' || (outcomes.length === 0 && link.outcome === undefined)) return [];
  const answer = withId(outcomes, link.outcome);
  const gone = link.outcome !== undefined && !answer;
  const words = answer?.name ?? (gone ? 'something that is gone' : 'nothing');
  return [{ words: ' and answer ' }, { blank: 'answer', words, gone }];
}

/** The sentence as plain text. */
export const sentenceText = (project: Project, link: Link): string =>
  sentenceOf(project, link)
    .map((piece) => piece.words)
    .join('');

const effectPieces = (project: Project, effect: Effect, index: number, scope: Scope): Piece[] =>
  authorOfEffect(effect).words(effect, { project, scope, index });

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
  half: HalfName = 'entering',
): string {
  switch (motion.name) {
    case 'none':
      return 'no motion';
    case 'made':
      return withId(motions, motion.motion)?.name ?? 'a motion that is gone';
    case 'slide':
      return `a ${motion.duration} slide ${half === 'leaving' ? 'to' : 'from'} the ${motion.from}`;
    case 'grow':
      return `${half === 'leaving' && (motion.scale ?? 0.8) <= 1 ? 'shrinking' : 'growing'} in ${motion.duration}`;
    case 'blur':
      return `a ${motion.duration} blur`;
    case 'fade':
      return `a ${motion.duration} fade`;
  }
}

/** Whose motion a link has that does not say so itself. */
export const defaultWords = (project: Project, link: Link): string => ruleWords(ruleFor(project, link));

/** The default motion as it is called, or whose motion goes before it. */
export function ruleWords({ owner }: MotionRule): string {
  return owner ? `${owner.name}’s motion` : 'default motion';
}

export function orderWords(order: Order): string {
  if (order === 'after') return 'one after the other';
  return order === 'together' ? 'both together' : `overlapping by ${order.overlap}`;
}
