import { wordingsOf, type Flow, type Op, type OpOf } from '../../compile';
import { effectOf } from '../../effects';
import { type Id, withId } from '../../model';
import { withoutMarks } from '../../marks';
import { endNotice, fits, goBack, inOneStep, runEffect, type Search, tryLink } from '../links';
import {
  allUp,
  argumentsOf,
  giveOf,
  holds,
  type Instance,
  type EvalScope,
  type RunState,
  type Say,
  screenOf,
  setTimer,
  TALK,
  type Talking,
} from '../state';
import { settleFocus } from '../focus';
import { choicesNow, goingOn, isAllThere, lay, wordingNext, wordsOf } from '../talk';

/** How a conversation goes on: by itself, by what a player presses, and by what the game says. */

/** So many steps that take no time may follow one another. */
const LONGEST_QUIET = 1000;
/** So many lines are remembered. */
const MAX_SAID = 200;

/** The current step of a conversation is over by its own time. */
export function passTalk(flow: Flow, state: RunState, instance: Instance, say: Say): void {
  const going = goingOn(flow, instance);
  if (!going) return;
  const { op, talk } = going;
  if (talk.still) change(instance, { still: false });
  if (op === null) return goTo(flow, state, instance, talk.at + 1, say);
  switch (op.op) {
    case 'line':
      return nextPage(flow, state, instance, op, say);
    case 'choice': {
      say({ at: state.now, did: 'limit', screen: instance.screen, of: 'choice' });
      const options = choicesNow(flow, state, instance, op);
      const chosen = withId(options, op.otherwise) ?? options[0];
      return chosen
        ? choose(flow, state, instance, op, chosen.id, say)
        : goTo(flow, state, instance, op.after, say);
    }
    case 'wait':
      if (!talk.heard) say({ at: state.now, did: 'limit', screen: instance.screen, of: 'event' });
      return goTo(flow, state, instance, talk.heard ? op.heard : op.late, say);
    default:
      return goTo(flow, state, instance, talk.at + 1, say);
  }
}

/**
 * A player confirms: the line is completed at once, or the next step begins. Returns whether the conversation
 * has a use for it; while it asks, its choices have.
 */
export function confirmTalk(flow: Flow, state: RunState, instance: Instance, say: Say): boolean {
  const going = goingOn(flow, instance);
  if (!going || instance.layer === 'notice' || instance.layer === 'hud') return false;
  const { op } = going;
  if (op?.op === 'choice') return false;
  if (op?.op !== 'line') return true;
  const text = lay(flow, state, instance, op);
  if (!isAllThere(flow, state, instance, text))
    change(instance, { full: Math.max(0, instance.timers[TALK] ?? 0) });
  else nextPage(flow, state, instance, op, say);
  return true;
}

/** Holding it down makes lines go by fast until it is released. */
export function hurryTalk(flow: Flow, instance: Instance, code: string | null): void {
  const going = goingOn(flow, instance);
  if (going && going.talk.fast !== code) change(instance, { fast: code });
}

/** A choice was pressed. Returns whether it was one. */
export function pressChoice(flow: Flow, state: RunState, instance: Instance, element: Id, say: Say): boolean {
  const op = goingOn(flow, instance)?.op;
  if (op?.op !== 'choice') return false;
  const i = screenOf(flow, instance).talkParts.options.indexOf(element);
  const option = i < 0 ? undefined : choicesNow(flow, state, instance, op)[i];
  if (!option) return false;
  choose(flow, state, instance, op, option.id, say);
  return true;
}

/** An event from the game: conversations that wait for it go on at the next moment. Returns whether any does. */
export function hearTalks(flow: Flow, state: RunState, event: Id): boolean {
  let heard = false;
  for (const instance of allUp(state)) {
    const op = goingOn(flow, instance)?.op;
    if (op?.op !== 'wait' || op.event !== event) continue;
    heard = true;
    change(instance, { heard: true });
  }
  return heard;
}

function change(instance: Instance, by: Partial<Talking>): void {
  instance.talk = { ...instance.talk!, ...by };
}

function nextPage(flow: Flow, state: RunState, instance: Instance, op: OpOf<'line'>, say: Say): void {
  const { page, at } = instance.talk!;
  if (page + 1 >= lay(flow, state, instance, op).pages.length)
    return goTo(flow, state, instance, at + 1, say);
  change(instance, { page: page + 1, full: null });
  setTimer(instance, TALK, 0);
}

function choose(flow: Flow, state: RunState, instance: Instance, op: OpOf<'choice'>, id: Id, say: Say): void {
  const option = withId(op.options, id)!;
  const text = withoutMarks(wordsOf(flow, state, instance, option.parts));
  remember(state, null, `→ ${text}`);
  say({ at: state.now, did: 'choice', screen: instance.screen, key: op.key, option: id, text });
  goTo(flow, state, instance, option.to, say);
}

function remember(state: RunState, speaker: Id | null, text: string): void {
  state.log = [...state.log, { speaker, text }].slice(-MAX_SAID);
}

/**
 * Starts a step, and goes through all steps that take no time up to one that does, or to the end.
 * @param at the step’s position in the compiled conversation, from 0
 */
export function goTo(flow: Flow, state: RunState, instance: Instance, at: number, say: Say): void {
  const going = goingOn(flow, instance);
  if (!going) return;
  const { ops, conversation } = going.compiled;
  for (let count = 0; ; count++) {
    const op = ops[at];
    if (!op) return over(flow, state, instance, say);
    if (count >= LONGEST_QUIET) {
      say({ at: state.now, did: 'unsettled', screen: instance.screen });
      return over(flow, state, instance, say);
    }
    if (op.op === 'end') {
      if (op.outcome === null) return over(flow, state, instance, say);
      change(instance, { over: true, full: 0 });
      return close(flow, state, instance, op.outcome, say);
    }
    const place: EvalScope = { flow, state, say, source: instance, fields: null };
    const next = quietly(place, instance, op, conversation.id, at);
    if (next === null) {
      stand(flow, state, instance, op, at, say);
      return settleFocus(flow, state);
    }
    // An effect may have taken the screen away, and the conversation with it.
    if (!allUp(state).includes(instance)) return;
    at = next;
  }
}

/** Does a step that takes no time and says where it goes on; null for one that takes some. */
function quietly(place: EvalScope, instance: Instance, op: Op, owner: Id, at: number): number | null {
  const { flow, state, say } = place;
  switch (op.op) {
    case 'effect': {
      const { effect } = op.effect;
      const sound = effectOf(effect).sounds?.(effect);
      const args = argumentsOf(place, op.effect.args, owner);
      const gives = op.effect.gives === null ? null : giveOf(place, op.effect.gives, owner);
      inOneStep(flow, state, say, (step) =>
        runEffect(step, { id: owner, link: null, place }, op.effect, args, gives, instance),
      );
      if (sound !== undefined && allUp(state).includes(instance))
        change(instance, { sounds: [...instance.talk!.sounds, sound] });
      return at + 1;
    }
    case 'music':
      change(instance, { music: op.asset });
      return at + 1;
    case 'move': {
      const { named, animations } = screenOf(flow, instance);
      const key = `${named.get(op.element)} ${op.animation}`;
      if (animations.some((animation) => animation.key === key))
        instance.animationStarts = { ...instance.animationStarts, [key]: state.now };
      return op.waits ? null : at + 1;
    }
    case 'jump':
      return op.when === null || holds(place, op.when, owner) ? op.to : at + 1;
    case 'line': {
      const wording = wordingNext(state, owner, op);
      // An empty line takes no time.
      if (wordsOf(flow, state, instance, wordingsOf(op)[wording]!.parts).trim() !== '') return null;
      count(state, owner, op);
      say({
        at: state.now,
        did: 'empty',
        screen: instance.screen,
        conversation: instance.talk!.conversation,
        key: op.key,
      });
      return at + 1;
    }
    case 'choice':
      return choicesNow(flow, state, instance, op).length === 0 ? op.after : null;
    default:
      return null;
  }
}

/** A line has had its turn, so that the next time it says something else. */
function count(state: RunState, conversation: Id, op: OpOf<'line'>): void {
  if (op.others.length === 0) return;
  const key = `${conversation} ${op.key}`;
  state.said = { ...state.said, [key]: (state.said[key] ?? 0) + 1 };
}

/** A step that takes time begins. */
function stand(flow: Flow, state: RunState, instance: Instance, op: Op, at: number, say: Say): void {
  const { conversation } = instance.talk!;
  const wording = op.op === 'line' ? wordingNext(state, conversation, op) : 0;
  change(instance, { key: op.key, at, page: 0, full: null, heard: false, wording });
  if (op.op === 'line') count(state, conversation, op);
  setTimer(instance, TALK, 0);
  if (op.op !== 'line' && op.op !== 'choice') return;
  const text = withoutMarks(lay(flow, state, instance, op).text);
  if (text === '') return;
  remember(state, op.speaker, text);
  say({
    at: state.now,
    did: 'line',
    screen: instance.screen,
    conversation,
    key: op.key,
    speaker: op.speaker,
    text,
  });
}

/** It has come to its end: the screen's own link for that; without one an overlay closes, and a notice goes. */
function over(flow: Flow, state: RunState, instance: Instance, say: Say): void {
  const { notice } = screenOf(flow, instance);
  const waits = notice?.until === 'replaced' || typeof notice?.until === 'object';
  const stays = waits && goingOn(flow, instance)?.op?.op === 'line';
  // A message that stays goes on saying its last line, all of it there, until it is replaced or cleared.
  if (stays && screenOf(flow, instance).links.followed.done.length === 0)
    return change(instance, { full: 0 });
  // Its last line leaves with the screen, complete.
  change(instance, { over: true, full: 0 });
  settleFocus(flow, state);
  const search: Search = { flow, state, say, fields: null, passed: [] };
  const link = screenOf(flow, instance).links.followed.done.find((compiledLink) =>
    fits(search, compiledLink, instance),
  );
  if (link) tryLink(search, link, instance);
  else if (instance.layer === 'notice') endNotice(flow, state, instance, say);
  else if (instance.layer === 'overlay') close(flow, state, instance, undefined, say);
  else if (instance.layer === 'base')
    say({ at: state.now, did: 'nowhere', what: { kind: 'done', screen: instance.screen } });
}

function close(flow: Flow, state: RunState, instance: Instance, outcome: Id | undefined, say: Say): void {
  if (instance.layer === 'overlay' || (instance.layer === 'base' && state.trail.length > 0))
    inOneStep(flow, state, say, (step) => goBack(step, null, instance, outcome));
}
