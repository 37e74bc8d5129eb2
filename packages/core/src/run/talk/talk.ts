import { seedOf, shuffled } from '../../animate';
import { playOf } from '../../elements';
import {
  type CompiledScreen,
  type Flow,
  pagesOf,
  type CompiledOption,
  type CompiledTalk,
  type Op,
  type OpOf,
  type Page,
} from '../../compile';
import { codeFor } from '../../keys';
import { sayParts, type TextPart } from '../../message';
import type { BubbleShape, Colour, Id } from '../../model';
import { withoutPace } from '../../marks';
import { readingTime, typeOut, type Typed } from '../../talk';
import {
  holdsNow,
  secondsLeft,
  TALK,
  timeLeft,
  type Instance,
  type Leaving,
  type RunState,
  type Talking,
} from '../state';

/** Conversations as they stand in a run: what is said on something that is up, and when that is over. */

/** A conversation before its first step; null where there is none. */
export function beginTalk(flow: Flow, conversation: Id | null): Talking | null {
  if (conversation === null || !flow.talks.has(conversation)) return null;
  return {
    conversation,
    key: null,
    at: -1,
    page: 0,
    full: null,
    wording: 0,
    heard: false,
    fast: null,
    over: false,
    still: false,
    music: null,
    sounds: NO_SOUNDS,
  };
}
const NO_SOUNDS: readonly Id[] = [];

/** Something up with a conversation that goes on, and the step it is at. */
export interface Going {
  talk: Talking;
  compiled: CompiledTalk;
  /** Null before the first. */
  op: Op | null;
}

export function goingOn(flow: Flow, { talk }: { talk: Talking | null }): Going | null {
  const compiled = talk && !talk.over ? flow.talks.get(talk.conversation) : undefined;
  return talk && compiled
    ? { talk, compiled, op: talk.key === null ? null : (compiled.ops[talk.at] ?? null) }
    : null;
}

/** While lines are said a conversation has all presses; while it asks, its choices have the focus. */
export function asks(flow: Flow, instance: { talk: Talking | null }): OpOf<'choice'> | null {
  const op = goingOn(flow, instance)?.op;
  return op?.op === 'choice' ? op : null;
}

/** What is up, or a picture that leaves. */
export type Thing = Pick<Instance, 'screen' | 'args' | 'talk' | 'layer' | 'timers'>;

/** What is said, given what its names hold now. */
export const wordsOf = (
  flow: Flow,
  state: RunState,
  thing: Pick<Thing, 'args' | 'timers'>,
  parts: readonly TextPart[],
): string =>
  sayParts(parts, {
    named: ({ what, id }) => {
      if (what === 'left') return secondsLeft(timeLeft(flow, thing, id));
      return what === 'value' ? state.values[id] : thing.args[id];
    },
    code: (action) => codeFor(action, { device: promptsFor(state), codes: state.rebound }),
  });

/** The device whose keys are shown: a pointer goes with the keyboard. */
export const promptsFor = ({ device }: Pick<RunState, 'device'>): 'keys' | 'pad' | 'touch' =>
  device === 'pointer' ? 'keys' : device;

/** A line as it is typed and parted on its screen. */
export interface Laid {
  text: string;
  typed: Typed;
  pages: readonly Page[];
}
/**
 * Laid-out lines of each screen, by text and typing speed, since a line is asked for in every frame while it is
 * typed.
 */
const laid = new WeakMap<CompiledScreen, { made: readonly unknown[]; known: Map<string, Laid> }>();
/** How many laid-out lines are kept for a screen. */
const MAX_LAID = 4000;

/** What is said of all that may be. */
const partsSaid = (op: OpOf<'line' | 'choice'>, talk: Talking | null): readonly TextPart[] =>
  (op.op === 'line' && talk ? op.others[talk.wording - 1] : undefined) ?? op.parts;

/**
 * What a line says when it is come to now: 0 is its own words. Each of its wordings comes once before any comes again.
 */
export function wordingNext({ seed, said }: RunState, conversation: Id, op: OpOf<'line'>): number {
  const key = `${conversation} ${op.key}`;
  const count = op.others.length + 1;
  const times = said[key] ?? 0;
  const at = times % count;
  return op.shuffled ? shuffled(count, seedOf(seed, key), Math.floor(times / count))[at]! : at;
}

/** Lays a line out with what its names hold now. */
export function lay(flow: Flow, state: RunState, thing: Thing, op: OpOf<'line' | 'choice'>): Laid {
  const screen = flow.screens.get(thing.screen)!;
  const { styles, assets, rates } = flow.project;
  const made = [flow.talk, styles, assets, rates];
  let kept = laid.get(screen);
  if (!kept || kept.known.size > MAX_LAID || kept.made.some((item, i) => item !== made[i])) {
    kept = { made, known: new Map() };
    laid.set(screen, kept);
  }
  const text = wordsOf(flow, state, thing, partsSaid(op, thing.talk));
  const letter = (op.op === 'line' ? op.letter : null) ?? flow.talk.letter;
  const key = `${letter} ${text}`;
  const found = kept.known.get(key);
  if (found) return found;
  const typed = typeOut(text, letter, flow.talk, rates);
  const now = { text, typed, pages: pagesOf(flow, screen, typed) };
  kept.known.set(key, now);
  return now;
}

/** How long one page of a line takes to be typed, and to be read once it is there; microseconds. */
export function pageTimes(
  flow: Flow,
  state: RunState,
  { typed, pages }: Laid,
  page: number,
): { from: number; typing: number; reading: number } {
  const { from, to } = pages[Math.min(page, pages.length - 1)]!;
  const began = from === 0 ? 0 : typed.at[from - 1]!;
  const ended = page >= pages.length - 1 ? typed.length : typed.at[to - 1]!;
  const { scale } = flow.talk;
  const held = scale ? Number(state.values[scale.value] ?? scale.over) / scale.over : 1;
  return { from: began, typing: ended - began, reading: readingTime(to - from, flow.talk, held) };
}

/** Whether a line goes on by itself. What never has the focus cannot be asked. */
export function goesByItself(flow: Flow, state: RunState, { layer }: Thing, { goes }: OpOf<'line'>): boolean {
  if (layer === 'notice' || layer === 'hud') return true;
  if (goes !== null) return goes === 'itself';
  const { auto } = flow.talk;
  return typeof auto === 'string' ? state.values[auto] === true : auto;
}

/** How long a line stays while lines go by fast, in microseconds. */
const FAST = 80_000;

/**
 * How long after a step began the conversation goes on by itself, in microseconds; Infinity when it waits for a
 * press.
 */
export function talkDue(flow: Flow, state: RunState, instance: Instance): number {
  const going = goingOn(flow, instance);
  if (!going) return Infinity;
  const { op, talk } = going;
  if (op === null) return 0;
  switch (op.op) {
    case 'line': {
      if (talk.fast !== null) return FAST;
      if (!goesByItself(flow, state, instance, op)) return Infinity;
      const { typing, reading } = pageTimes(flow, state, lay(flow, state, instance, op), talk.page);
      return (talk.full ?? typing) + reading;
    }
    case 'pause':
      return talk.fast === null ? op.lasts : Math.min(FAST, op.lasts);
    case 'choice':
      return op.limit;
    case 'wait':
      return talk.heard ? 0 : op.limit;
    case 'move':
      return lastsOf(flow, instance, op);
    default:
      return 0;
  }
}

function lastsOf(flow: Flow, { screen }: Thing, { element, animation }: OpOf<'move'>): number {
  const { named, animations } = flow.screens.get(screen)!;
  const key = `${named.get(element)} ${animation}`;
  const found = animations.find((compiledAnimation) => compiledAnimation.key === key);
  // One round of an endless animation.
  return found ? found.delay + found.span * (found.repeat === 'there and back' ? 2 : 1) : 0;
}

/** The choices that can be made now, in order. */
export const choicesNow = (
  flow: Flow,
  state: RunState,
  instance: Pick<Instance, 'args'> & Thing,
  { options }: OpOf<'choice'>,
): CompiledOption[] =>
  options.filter(({ when }) => when === null || holdsNow(flow, state, instance as Instance, when));

/** What a conversation makes of the elements of its screen. */
export interface TalkLooks {
  hidden: readonly Id[];
  texts: Record<Id, string>;
  /** How many letters of a text are there; all where it is not named. */
  typed: Record<Id, number>;
  assets: Record<Id, Id>;
  shapes: Record<Id, BubbleShape>;
  inks: Record<Id, Colour>;
  rows: Record<Id, readonly string[]>;
}
export const SILENT: TalkLooks = {
  hidden: [],
  texts: {},
  typed: {},
  assets: {},
  shapes: {},
  inks: {},
  rows: {},
};

/** What is said on something that is up or leaves, as its elements show it: only what belongs to the step it is at. */
export function talkLooks(flow: Flow, state: RunState, thing: Instance | Leaving): TalkLooks {
  const screen = flow.screens.get(thing.screen);
  if (!screen) return SILENT;
  const { talkParts: parts } = screen;
  const rows: Record<Id, readonly string[]> = {};
  if (parts.log !== null) rows[parts.log] = logRows(flow, state);
  if (thing.talk === null || thing.talk.still) return parts.log === null ? SILENT : { ...SILENT, rows };
  const compiled = flow.talks.get(thing.talk.conversation);
  // A picture that leaves takes its last line with it.
  const said = 'until' in thing ? compiled?.ops[thing.talk.at] : goingOn(flow, thing)?.op;
  const op = said ?? null;
  const away = new Set<Id>();
  const put = (id: Id | null): void => {
    if (id !== null) away.add(id);
  };
  const looks = { ...SILENT, texts: {}, typed: {}, assets: {}, shapes: {}, inks: {}, rows } as TalkLooks;
  for (const name of compiled?.shows ?? []) if (!op?.shown.has(name)) put(screen.named.get(name) ?? null);
  for (const name of op?.hidden ?? []) put(screen.named.get(name) ?? null);
  for (const [name, picture] of op?.shown ?? []) {
    const id = screen.named.get(name);
    if (id !== undefined && picture !== null) looks.assets[id] = picture;
  }
  const spoken = op?.op === 'line' || op?.op === 'choice' ? op : null;
  const text = spoken ? lay(flow, state, thing, spoken) : null;
  const speaker = spoken?.speaker ? flow.speakers.get(spoken.speaker) : undefined;
  for (const side of ['left', 'right', 'middle'] as const) {
    const id = parts[side];
    if (id === null) continue;
    if (spoken?.side === side && spoken.face !== null) looks.assets[id] = spoken.face;
    else away.add(id);
  }
  if (parts.name !== null) {
    if (speaker) looks.texts[parts.name] = speaker.name;
    else away.add(parts.name);
    if (speaker?.colour) looks.inks[parts.name] = speaker.colour;
  }
  const { says, bubble } = parts;
  if (text && text.typed.letters.length > 0) {
    const page = text.pages[Math.min(thing.talk.page, text.pages.length - 1)]!;
    if (says !== null) {
      looks.texts[says] = page.words;
      const typed = typedNow(flow, state, thing, text);
      if (spoken!.op === 'line' && typed < page.to - page.from) looks.typed[says] = typed;
    }
    if (bubble !== null && bubble !== says) looks.texts[bubble] = '';
    if (bubble !== null && spoken!.bubble !== null) looks.shapes[bubble] = spoken!.bubble;
  } else {
    put(says);
    put(bubble);
  }
  const choice = op?.op === 'choice' ? choicesNow(flow, state, thing as Instance, op) : [];
  if (choice.length === 0) put(parts.choices);
  parts.options.forEach((id, i) => {
    const option = choice[i];
    if (option) looks.texts[id] = withoutPace(wordsOf(flow, state, thing, option.parts));
    else away.add(id);
  });
  if (!text || spoken!.op !== 'line' || !isAllThere(flow, state, thing, text)) put(parts.more);
  else if (goesByItself(flow, state, thing, spoken as OpOf<'line'>)) put(parts.more);
  return { ...looks, hidden: [...away] };
}

const lastedOf = (thing: Instance | Leaving): number => Math.max(0, thing.timers[TALK] ?? 0);

/** How many letters of the page that is up are there. */
function typedNow(flow: Flow, state: RunState, thing: Instance | Leaving, text: Laid): number {
  const { page, full } = thing.talk!;
  const { from, to } = text.pages[Math.min(page, text.pages.length - 1)]!;
  if (full !== null) return to - from;
  const until = lastedOf(thing) + pageTimes(flow, state, text, page).from;
  const { at } = text.typed;
  let [low, high] = [from, to];
  while (low < high) {
    const middle = (low + high) >> 1;
    if (at[middle]! <= until) low = middle + 1;
    else high = middle;
  }
  return low - from;
}

/**
 * Dialogue texts on a screen that plays no conversation type their own words, from when those were told; gives them
 * without marks of pace, and how many letters are there of those that are not there whole. `texts` are the words by element.
 */
export function typedAlone(
  flow: Flow,
  state: RunState,
  thing: Instance | Leaving,
  texts: Readonly<Record<Id, string>>,
): Pick<TalkLooks, 'texts' | 'typed'> {
  const said: Pick<TalkLooks, 'texts' | 'typed'> = { texts: {}, typed: {} };
  if (thing.talk !== null) return said;
  const until = thing.told === null ? Infinity : state.now - Math.max(thing.shown, thing.told);
  for (const element of flow.screens.get(thing.screen)?.elements ?? []) {
    if (!playOf(element).types || !('text' in element)) continue;
    const words = texts[element.id] ?? element.text;
    const { at, text } = typeOut(words, flow.talk.letter, flow.talk, flow.project.rates);
    said.texts[element.id] = text;
    const first = at.findIndex((value) => value > until);
    if (first >= 0) said.typed[element.id] = first;
  }
  return said;
}

/** Whether all of the page that is up is there. */
export function isAllThere(flow: Flow, state: RunState, thing: Instance | Leaving, text: Laid): boolean {
  const { full, page } = thing.talk!;
  return full !== null || lastedOf(thing) >= pageTimes(flow, state, text, page).typing;
}

/** The line that is being typed, who says it, and how many letters are there: what a voice goes by. */
export function typingNow(
  flow: Flow,
  state: RunState,
  instance: Instance,
): { key: string; speaker: Id | null; letters: number } | null {
  const op = goingOn(flow, instance)?.op;
  if (op?.op !== 'line') return null;
  const text = lay(flow, state, instance, op);
  if (isAllThere(flow, state, instance, text)) return null;
  const key = `${instance.serial} ${op.key} ${instance.talk!.page}`;
  return { key, speaker: op.speaker, letters: typedNow(flow, state, instance, text) };
}

const logRows = (flow: Flow, { log }: RunState): string[] =>
  log.map(({ speaker, text }) => {
    const name = speaker === null ? undefined : flow.speakers.get(speaker)?.name;
    return name === undefined ? text : `${name}: ${text}`;
  });
