import { compile, type Flow, type OpOf } from '../compile';
import {
  screenById,
  timeIn,
  type Conversation,
  type Id,
  type Project,
  type Routine,
  type Step,
} from '../model';
import { readingTime, talkTimes } from '../talk';
import { begin, step } from './step';
import { countLetters } from '../marks';
import { goingOn, lay, pageTimes } from './talk';
import { nextDue } from './time';

/** One conversation by itself, from its beginning to its end, by the engine. Times in microseconds. */
export interface TalkTimeline {
  lines: TimedLine[];
  /** Until it is over. */
  length: number;
  /** It had not come to an end within an hour. */
  endless: boolean;
}
export interface TimedLine {
  /** The key of its step. */
  key: string;
  speaker: Id | null;
  text: string;
  from: number;
  /** How long its first page is typed. */
  typing: number;
  until: number;
}

const HOUR = 3_600_000_000;

/**
 * Plays a conversation alone on its screen. Every line goes on after its reading time; the game answers at once; of
 * choices the one for when nobody chooses is made, else the first, after its limit or the reading time of all its words.
 * Null without a screen.
 */
export function rehearseTalk(
  project: Project,
  conversation: Conversation,
  language?: string,
): TalkTimeline | null {
  const flow = soloFlow(project, conversation, language);
  if (!flow) return null;
  const lines: TimedLine[] = [];
  let { state } = begin(flow);
  while (state.now < HOUR) {
    const talk = state.base.talk;
    if (!talk || talk.over) return { lines, length: state.now, endless: false };
    const due = nextDue(flow, state);
    if (due === Infinity) break;
    const stepped = step(flow, state, { type: 'time', pass: due - state.now });
    state = stepped.state;
    const instance = state.base;
    const last = lines.at(-1);
    if (last && last.until === Infinity && (instance.talk!.over || instance.talk!.key !== last.key))
      last.until = state.now;
    for (const outcome of stepped.outcomes) {
      if (outcome.did !== 'line') continue;
      const op = goingOn(flow, instance)?.op as OpOf<'line' | 'choice'> | undefined;
      const typing = op ? pageTimes(flow, state, lay(flow, state, instance, op), 0).typing : 0;
      const { key, speaker, text } = outcome;
      lines.push({ key, speaker, text, from: outcome.at, typing, until: Infinity });
    }
  }
  for (const line of lines) line.until = Math.min(line.until, state.now);
  return { lines, length: state.now, endless: true };
}

/** The conversation's screen alone, at rest, with nothing that leads away, and nothing that waits for anybody. */
function soloFlow(project: Project, conversation: Conversation, language?: string): Flow | null {
  const screen = screenById(project, conversation.screen);
  if (!screen) return null;
  const alone = {
    ...screen,
    layer: 'base' as const,
    says: conversation.id,
    motion: { name: 'none' as const },
    loading: undefined,
    area: undefined,
  };
  const times = talkTimes(project);
  const itself = <T extends Conversation | Routine>(owner: T): T => ({
    ...owner,
    steps: owner.steps.map((step) => unasked(step, project, times)),
  });
  const solo: Project = {
    ...project,
    start: screen.id,
    screens: [alone],
    links: [],
    areas: [],
    conversations: project.conversations?.map(itself),
    routines: project.routines?.map(itself),
  };
  return compile(solo, undefined, language === undefined ? {} : { language });
}

/** The step as it plays without any input. */
function unasked(each: Step, project: Project, times: ReturnType<typeof talkTimes>): Step {
  switch (each.step) {
    case 'line':
      return { ...each, goes: 'itself' };
    case 'wait':
      return { id: each.id, step: 'pause', for: '0 ms' };
    case 'choice': {
      const letters = [each.text, ...each.options.map((option) => option.text)].join(' ');
      const reading = readingTime(countLetters(letters), times);
      return {
        ...each,
        limit: each.limit ?? timeIn(reading, 'ms', project.rates),
        options: each.options.map((option) => ({
          ...option,
          steps: option.steps.map((inner) => unasked(inner, project, times)),
        })),
      };
    }
    default:
      return each;
  }
}
