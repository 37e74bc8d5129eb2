import { compileEffect } from './links';
import { compileExpression, scopeOfScreen, type Scope } from '../expression';
import { textParts, type TextPart } from '../message';
import {
  identifierOf,
  screenById,
  timerMicros,
  type Conversation,
  type Id,
  type Project,
  type Routine,
  type Said,
  type Scalar,
  type Side,
  type Speaker,
  type Step,
  withId,
} from '../model';
import type { CompiledTalk, Op, Shown, Spoken, TalkTrouble } from './ops';

/** Lays out the steps of a conversation, with what they call. Never throws: what cannot be is left out and told. */
export function compileTalk(project: Project, conversation: Conversation, language: string): CompiledTalk {
  const making = new Making(project, conversation, language);
  making.lay(conversation.steps, {
    prefix: '',
    inside: new Set([conversation.id]),
    given: NOTHING,
    shown: new Map(),
    hidden: new Set(),
    routine: false,
  });
  making.join();
  const { ops, at, shows, troubles } = making;
  return { conversation, ops, at, shows, troubles };
}

type OmitKey<T> = T extends unknown ? Omit<T, 'key'> : never;

/** What the parameters of the routines that are being laid out hold. */
interface Given {
  /** By the identifier that stands in texts. */
  words: ReadonlyMap<string, string>;
  /** By the parameter's id. */
  held: ReadonlyMap<Id, string>;
}
const NOTHING: Given = { words: new Map(), held: new Map() };

interface Within {
  /** Leads the keys of its steps. */
  prefix: string;
  /** The conversations and routines it lies in. */
  inside: ReadonlySet<Id>;
  given: Given;
  shown: Map<string, Id | null>;
  hidden: Set<string>;
  /** What is shown stays until it is over, and not only until the next line is. */
  routine: boolean;
}

/** The most steps a conversation compiles to: routines that call one another many times grow fast. */
const MAX_OPS = 50_000;

class Making {
  readonly ops: Op[] = [];
  readonly at = new Map<string, number>();
  readonly shows = new Set<string>();
  readonly troubles: TalkTrouble[] = [];
  readonly #project: Project;
  readonly #language: string;
  readonly #scope: Scope;
  readonly #speakers: ReadonlyMap<Id, Speaker>;
  /** The limit has been reached. */
  #full = false;
  /** Jumps, filled in once every step has its position. */
  readonly #joins: (() => void)[] = [];

  constructor(project: Project, conversation: Conversation, language: string) {
    this.#project = project;
    this.#language = language;
    this.#scope = scopeOfScreen(project, screenById(project, conversation.screen));
    this.#speakers = new Map((project.speakers ?? []).map((speaker) => [speaker.id, speaker]));
  }

  join(): void {
    for (const item of this.#joins) item();
  }

  lay(steps: readonly Step[], within: Within): void {
    for (const step of steps) {
      if (this.ops.length >= MAX_OPS) {
        if (!this.#full)
          this.#trouble(within.prefix + step.id, { code: 'call/too-long', params: { max: MAX_OPS } });
        this.#full = true;
        return;
      }
      this.#lay(step, within);
    }
  }

  #lay(step: Step, within: Within): void {
    const { prefix, given } = within;
    const key = prefix + step.id;
    this.at.set(key, this.ops.length);
    const common = { key, step: step.id, shown: copyOf(within.shown), hidden: setOf(within.hidden) };
    const micros = (duration: string | undefined): number =>
      duration === undefined ? Infinity : timerMicros(duration, this.#project.rates);
    switch (step.step) {
      case 'line':
        this.ops.push({
          ...common,
          op: 'line',
          ...this.#spoken(step, given, key),
          letter: step.letter === undefined ? null : micros(step.letter),
          goes: step.goes ?? null,
          others: (step.others?.texts ?? []).map((text) => this.#parts(text, given)),
          shuffled: step.others?.shuffled === true,
        });
        return this.#lineEnds(within);
      case 'pause':
        this.ops.push({ ...common, op: 'pause', lasts: micros(step.for) });
        return;
      case 'choice':
        return this.#choice(step, common, within);
      case 'effect':
        this.ops.push({
          ...common,
          op: 'effect',
          effect: compileEffect(this.#project, step.effect, this.#scope),
        });
        return;
      case 'music':
        this.ops.push({ ...common, op: 'music', asset: step.asset });
        return;
      case 'move':
        this.ops.push({
          ...common,
          op: 'move',
          element: step.element,
          animation: step.animation,
          waits: step.waits === true,
        });
        return;
      case 'wait': {
        const wait: Op & { op: 'wait' } = {
          ...common,
          op: 'wait',
          event: step.event,
          limit: micros(step.limit),
          heard: 0,
          late: 0,
        };
        this.ops.push(wait);
        if (step.otherwise?.length) {
          const over = this.#jump({ ...common, key: `${key} heard` });
          wait.late = this.ops.length;
          this.lay(step.otherwise, { ...within, prefix: `${key} ` });
          over.to = this.ops.length;
          wait.heard = over.to;
        } else wait.late = wait.heard = this.ops.length;
        return;
      }
      case 'label':
        return;
      case 'jump': {
        const jump = this.#jump(common, step.when);
        const to = prefix + step.to;
        this.#joins.push(() => {
          jump.to = this.at.get(to) ?? jump.to;
          if (!this.at.has(to)) this.#gone(key, 'place');
        });
        return;
      }
      case 'routine':
        return this.#routine(step, key, within);
      case 'conversation': {
        const other = withId(this.#project.conversations, step.conversation);
        if (!other) return this.#gone(key, 'conversation');
        if (within.inside.has(other.id)) return this.#itself(key, other);
        return this.lay(other.steps, {
          ...within,
          prefix: `${key} `,
          inside: new Set([...within.inside, other.id]),
        });
      }
      case 'show': {
        const picture = step.picture === undefined ? null : (given.held.get(step.picture) ?? step.picture);
        within.shown.set(step.element, picture);
        within.hidden.delete(step.element);
        this.shows.add(step.element);
        return;
      }
      case 'hide':
        within.shown.delete(step.element);
        within.hidden.add(step.element);
        return;
      case 'end':
        this.ops.push({ ...common, op: 'end', outcome: step.outcome ?? null });
        return;
    }
  }

  /** An element shown within a line hides with the line; one shown by a routine stays until the routine is over. */
  #lineEnds({ routine, shown, hidden }: Within): void {
    if (routine) return;
    shown.clear();
    hidden.clear();
  }

  #choice(
    step: Step & { step: 'choice' },
    common: Pick<Op, 'key' | 'step' | 'shown' | 'hidden'>,
    within: Within,
  ): void {
    const { key } = common;
    const limit = step.limit === undefined ? Infinity : timerMicros(step.limit, this.#project.rates);
    const options = step.options.map((option) => ({
      id: option.id,
      parts: this.#parts(option.text, within.given),
      when: option.when === undefined ? null : compileExpression(option.when, this.#scope),
      to: 0,
    }));
    const spoken = this.#spoken(step, within.given, key);
    const otherwise = step.otherwise ?? null;
    const choice: Op & { op: 'choice' } = {
      ...common,
      op: 'choice',
      ...spoken,
      options,
      limit,
      otherwise,
      after: 0,
    };
    this.ops.push(choice);
    this.#lineEnds(within);
    const ends = step.options.map((option, i) => {
      options[i]!.to = this.ops.length;
      const branch = { ...within, shown: new Map(within.shown), hidden: new Set(within.hidden) };
      this.lay(option.steps, { ...branch, prefix: `${key} ` });
      return this.#jump({ ...common, key: `${key} ${option.id} over` });
    });
    choice.after = this.ops.length;
    for (const end of ends) end.to = choice.after;
  }

  #routine(step: Step & { step: 'routine' }, key: string, within: Within): void {
    const routine = withId(this.#project.routines, step.routine);
    if (!routine) return this.#gone(key, 'routine');
    if (within.inside.has(routine.id)) return this.#itself(key, routine);
    for (const value of missing(routine, step.args))
      this.#trouble(key, { code: 'call/untold', params: { name: routine.name, what: value } });
    this.lay(routine.steps, {
      prefix: `${key} `,
      inside: new Set([...within.inside, routine.id]),
      given: this.#given(routine, step.args, within.given),
      shown: new Map(within.shown),
      hidden: new Set(within.hidden),
      routine: true,
    });
    this.#lineEnds(within);
  }

  #given(routine: Routine, args: Record<Id, Scalar> = {}, outer: Given): Given {
    const words = new Map<string, string>();
    const held = new Map<Id, string>();
    for (const { id, name, type, default: usual } of routine.parameters) {
      const own = String(args[id] ?? usual ?? '');
      const value = type === 'text' ? this.#filled(own, outer) : (outer.held.get(own) ?? own);
      held.set(id, value);
      const named = type === 'speaker' ? (this.#speakers.get(value)?.name ?? '') : value;
      words.set(identifierOf(name), named);
    }
    return { words, held };
  }

  #filled(text: string, { words }: Given): string {
    if (words.size === 0 || !text.includes('{')) return text;
    return text.replace(/\{\s*([^{}\s,]+)\s*\}/g, (whole, name: string) => words.get(name) ?? whole);
  }

  #parts(text: string, given: Given): TextPart[] {
    return textParts(this.#filled(text, given), this.#scope, this.#language);
  }

  #spoken(said: Said, given: Given, key: string): Spoken {
    const id = said.speaker === null ? null : (given.held.get(said.speaker) ?? said.speaker);
    const speaker = id === null || id === '' ? undefined : this.#speakers.get(id);
    if (id !== null && id !== '' && !speaker) this.#gone(key, 'speaker');
    const face = said.face === undefined ? undefined : (given.held.get(said.face) ?? said.face);
    const faces = speaker?.faces ?? [];
    const found = faces.find((other) => other.name === face);
    if (speaker && face && !found)
      this.#trouble(key, { code: 'call/unknown-face', params: { speaker: speaker.name, face } });
    return {
      speaker: speaker?.id ?? null,
      face: (found ?? faces[0])?.asset ?? null,
      side: said.side ?? speaker?.side ?? USUAL_SIDE,
      bubble: said.bubble ?? speaker?.bubble ?? null,
      parts: this.#parts(said.text, given),
    };
  }

  #jump(common: Pick<Op, 'key' | 'step' | 'shown' | 'hidden'>, when?: string): Op & { op: 'jump' } {
    const jump: Op & { op: 'jump' } = {
      ...common,
      op: 'jump',
      to: this.ops.length + 1,
      when: when === undefined ? null : compileExpression(when, this.#scope),
    };
    this.ops.push(jump);
    return jump;
  }

  #trouble(key: string, trouble: OmitKey<TalkTrouble>): void {
    this.troubles.push({ key, ...trouble });
  }

  #gone(key: string, what: 'place' | 'conversation' | 'routine' | 'speaker'): void {
    this.#trouble(key, { code: 'call/gone', params: { what } });
  }

  #itself(key: string, { name }: { name: string }): void {
    this.#trouble(key, { code: 'call/itself', params: { name } });
  }
}

const USUAL_SIDE: Side = 'left';
const copyOf = (shown: Shown): Shown => (shown.size === 0 ? NONE_SHOWN : new Map(shown));
const NONE_SHOWN: Shown = new Map();
const setOf = (hidden: ReadonlySet<string>): ReadonlySet<string> =>
  hidden.size === 0 ? NONE_HIDDEN : new Set(hidden);
const NONE_HIDDEN: ReadonlySet<string> = new Set();

/** The names of parameters that have to be given and are not. */
export const missing = (routine: Routine, args: Record<Id, Scalar> = {}): string[] =>
  routine.parameters
    .filter(({ id, default: usual }) => (args[id] ?? usual ?? '') === '')
    .map(({ name }) => name);
