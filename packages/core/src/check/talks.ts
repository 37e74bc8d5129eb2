import { compile, type CompiledScreen, type Flow, wordsRoom, type Op, type OpOf } from '../compile';
import { inLanguage } from '../language';
import {
  branchesOf,
  everyStep,
  screenById,
  type Conversation,
  type Id,
  type Project,
  type Step,
} from '../model';
import { placesOf, type Thing } from '../references';
import { firstState, lay, pageTimes, type RunState } from '../run';
import { placeTroubles, untoldBy } from './troubles';
import { textStyle } from '../style';
import { fits, fontOf, layText } from '../text';

/** Something a conversation cannot do, or that cannot be read, before anything is run. */
export interface TalkTrouble {
  /** The key of the step; empty for the conversation as a whole. */
  key: string;
  /** It is a word of advice, and nothing is lost. */
  mild?: true;
  words: string;
}

/** What is wrong with a conversation, in words. `flow` is of the project. */
export function talkTroubles(flow: Flow, conversation: Conversation): TalkTrouble[] {
  const { project } = flow;
  const found: TalkTrouble[] = [];
  const screen = screenById(project, conversation.screen);
  const compiled = screen && flow.screens.get(screen.id);
  if (!compiled)
    found.push({ key: '', words: 'It has no dialogue screen: choose the one that it is played on.' });
  else found.push(...partTroubles(compiled, conversation));
  const talk = flow.talks.get(conversation.id);
  if (!talk) return found;
  found.push(...talk.troubles, ...stepTroubles(project, conversation));
  if (!compiled) return found;
  const faceless = new Set<Id>();
  for (const op of talk.ops) {
    if (op.op !== 'line' && op.op !== 'choice') continue;
    found.push(...faceTroubles(flow, compiled, op, faceless), ...saidTroubles(flow, compiled, op));
  }
  return found;
}

function partTroubles({ talkParts, screen }: CompiledScreen, { steps }: Conversation): TalkTrouble[] {
  const all = everyStep(steps);
  const found: TalkTrouble[] = [];
  if (talkParts.says === null && all.some((each) => each.step === 'line'))
    found.push({
      key: '',
      words: `${screen.name} has nothing that says lines: put a dialogue text or a bubble on it.`,
    });
  const most = Math.max(0, ...all.map((each) => (each.step === 'choice' ? each.options.length : 0)));
  if (most > talkParts.options.length)
    found.push({
      key: '',
      words:
        talkParts.choices === null
          ? `${screen.name} has no place for choices: give a panel with buttons that part.`
          : `${screen.name} has buttons for ${talkParts.options.length} choices, and ${most} are offered.`,
    });
  return found;
}

/** What can be said of steps as they are written. */
function stepTroubles(project: Project, conversation: Conversation): TalkTrouble[] {
  const keys = new Map<Id, string>();
  const found: TalkTrouble[] = [];
  const walk = (steps: readonly Step[], prefix: string): void => {
    for (const step of steps) {
      const key = prefix + step.id;
      keys.set(step.id, key);
      for (const words of bareTroubles(project, step)) found.push({ key, words });
      for (const branch of branchesOf(step)) walk(branch, `${key} `);
    }
  };
  walk(conversation.steps, '');
  const screen = screenById(project, conversation.screen);
  for (const place of placesOf(project, { part: { conversations: [conversation] } })) {
    // Who speaks, with which face, and what is gone on with is told of where it is laid out.
    if (place.on === null || (place.is === 'id' && LAID.has(place.of))) continue;
    const key = keys.get(place.on) ?? '';
    for (const words of placeTroubles(project, place, {}))
      found.push({
        key,
        words:
          place.is === 'id' && place.of === 'element name'
            ? `There is no ${place.id} on ${screen?.name}.`
            : words,
      });
  }
  return found;
}
const LAID: ReadonlySet<Thing> = new Set(['speaker', 'face', 'step', 'routine', 'conversation']);

/** What a step by itself leaves unsaid. */
function bareTroubles(project: Project, step: Step): string[] {
  switch (step.step) {
    case 'line':
      return step.text.trim() === '' ? ['It says nothing yet.'] : [];
    case 'choice':
      return [
        ...(step.options.length === 0 ? ['There is nothing to choose.'] : []),
        ...step.options.flatMap((each) => (each.text.trim() === '' ? ['A choice has no words.'] : [])),
      ];
    case 'effect':
      return untoldBy(project, step.effect);
    default:
      return [];
  }
}

/** Who speaks and is not seen. That a speaker has no portrait is told once, where they speak first: `told` has those. */
function faceTroubles(
  flow: Flow,
  screen: CompiledScreen,
  { key, speaker: id, face, side }: OpOf<'line' | 'choice'>,
  told: Set<Id>,
): TalkTrouble[] {
  const speaker = id === null ? undefined : flow.speakers.get(id);
  const { talkParts } = screen;
  const pictured = talkParts.left !== null || talkParts.right !== null || talkParts.middle !== null;
  const gone = face !== null && !flow.project.assets.some((each) => each.id === face);
  const found: TalkTrouble[] = gone ? [{ key, words: 'The picture of its face is gone.' }] : [];
  if (!pictured) return found;
  if (speaker && face === null && !speaker.unseen && !told.has(speaker.id)) {
    told.add(speaker.id);
    found.push({ key, words: `${speaker.name} has no portrait.` });
  }
  if (face !== null && talkParts[side] === null)
    found.push({
      key,
      words: `${screen.screen.name} has no portrait ${side === 'middle' ? 'in the middle' : `on the ${side}`}.`,
    });
  return found;
}

/** Fit and speed of one line. */
function saidTroubles(flow: Flow, screen: CompiledScreen, op: OpOf<'line' | 'choice'>): TalkTrouble[] {
  const { key } = op;
  const found: TalkTrouble[] = [];
  const state = firstState(flow);
  const thing = { screen: screen.id, args: fallbacksOf(screen), talk: null, layer: screen.layer };
  const { typed, pages, text } = lay(flow, state, thing, op);
  if (text.trim() === '') return found;
  const over = overflowing(flow, screen, typed.letters.join(''));
  if (over !== null) {
    if (flow.talk.long === 'marked' || pages.length === 1)
      found.push({ key, words: `It does not fit: ${over}.` });
    else found.push({ key, mild: true, words: `It comes in ${pages.length} parts.` });
  }
  if (op.op === 'line') {
    const speed = readingSpeed(flow, state, { typed, pages, text });
    if (speed > flow.talk.limit)
      found.push({
        key,
        words: `It goes by at ${Math.round(speed)} letters a second; ${flow.talk.limit} can be read.`,
      });
  }
  return found;
}

/** Letters a second while a line is up, where it goes on after its reading time. */
export function readingSpeed(flow: Flow, state: RunState, laid: ReturnType<typeof lay>): number {
  let time = 0;
  laid.pages.forEach((_, i) => {
    const { typing, reading } = pageTimes(flow, state, laid, i);
    time += typing + reading;
  });
  return time === 0 ? Infinity : laid.typed.letters.length / (time / 1_000_000);
}

/** By how much words do not fit where lines are said; null when they do. Kept with what is laid. */
export function overflowing(flow: Flow, screen: CompiledScreen, words: string): string | null {
  const { says } = screen.talkParts;
  const room = says === null ? null : wordsRoom(screen, says);
  if (!room) return null;
  const look = textStyle(flow.project, room.use);
  const block = layText(words, look, fontOf(flow.project, look).metrics, room);
  if (fits(block)) return null;
  const { across, down } = block.over;
  return down > 0 ? `${Math.ceil(down)} px too high` : `${Math.ceil(across)} px too wide`;
}

const fallbacksOf = ({ parameters }: CompiledScreen) =>
  Object.fromEntries(parameters.map(({ id, fallback }) => [id, fallback]));

/** Lines that do not fit in other languages, or come in parts there: by the key of the step, the languages' names. */
export function misfits(project: Project, conversation: Conversation): ReadonlyMap<string, string[]> {
  const found = new Map<string, string[]>();
  for (const { code, name } of (project.languages ?? []).slice(1)) {
    const said = inLanguage(project, code);
    const own = said.conversations?.find((each) => each.id === conversation.id);
    const screen = screenById(said, conversation.screen);
    if (!own || !screen) continue;
    const flow = compile({ ...said, screens: [screen], links: [], start: screen.id }, undefined, {
      language: code,
    });
    const compiled = flow.screens.get(screen.id)!;
    const state = firstState(flow);
    const thing = { screen: screen.id, args: fallbacksOf(compiled), talk: null, layer: compiled.layer };
    for (const op of flow.talks.get(own.id)!.ops as readonly Op[]) {
      if (op.op !== 'line') continue;
      const { typed, pages } = lay(flow, state, thing, op);
      const fits = pages.length === 1 && overflowing(flow, compiled, typed.letters.join('')) === null;
      if (!fits) found.set(op.key, [...(found.get(op.key) ?? []), name]);
    }
  }
  return found;
}

/** The troubles of all conversations, by their ids. */
export const allTalkTroubles = (flow: Flow): ReadonlyMap<Id, TalkTrouble[]> =>
  new Map((flow.project.conversations ?? []).map((each) => [each.id, talkTroubles(flow, each)]));
