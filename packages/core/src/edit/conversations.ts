import { isDraft, original } from 'immer';
import {
  branchesOf,
  everyStep,
  freeName,
  freshId,
  screenById,
  type Conversation,
  type Id,
  type Project,
  type Routine,
  type Speaker,
  type Step,
  type TalkRules,
  withId,
  copyOf,
} from '../model';
import { renameParameter } from './names';
import { letGo, put } from '../references';
import { assign, namedPlaces, removeWhere, type Made } from './parts';

/** Edits of who speaks, what is said and in which order. `owner` is a conversation's id, or a routine's. */
export const conversationCommands = {
  'add conversation': (
    project: Project,
    { name, screen, steps = [] }: { name: string; screen?: Id | null; steps?: Step[] },
  ): Made => {
    const known = (project.conversations ??= []);
    const on = screen ?? project.screens.find((other) => other.kind === 'dialogue')?.id ?? null;
    const taken = known.map((conversation) => conversation.name);
    const made: Conversation = { id: freshId('c'), name: freeName(name, taken), screen: on, steps };
    known.push(made);
    // The first that is written for a screen is the one it plays.
    const speaks = screenById(project, on);
    if (speaks && speaks.says === undefined) speaks.says = made.id;
    return made.id;
  },
  'change conversation': (
    project: Project,
    { conversation, change }: { conversation: Id; change: Partial<Conversation> },
  ): Made => {
    const found = withId(project.conversations, conversation);
    if (found) assign(found, change);
  },
  'delete conversation': (project: Project, { conversation }: { conversation: Id }): Made => {
    if (!project.conversations) return;
    letGo(project, namedPlaces(project, 'conversation', [conversation]));
    removeWhere(project.conversations, (item) => item.id === conversation);
  },

  'add routine': (project: Project, { name, steps = [] }: { name: string; steps?: Step[] }): Made => {
    const known = (project.routines ??= []);
    const taken = known.map((routine) => routine.name);
    const made: Routine = { id: freshId('r'), name: freeName(name, taken), parameters: [], steps };
    known.push(made);
    return made.id;
  },
  'change routine': (
    project: Project,
    { routine, change }: { routine: Id; change: Partial<Routine> },
  ): Made => {
    const found = withId(project.routines, routine);
    if (!found) return;
    const { parameters, ...rest } = change;
    assign<Routine>(found, rest);
    if (!parameters) return;
    const names = new Map(found.parameters.map((parameter) => [parameter.id, parameter.name]));
    found.parameters = parameters.map((parameter) => {
      const before = names.get(parameter.id);
      if (before === undefined || before === parameter.name) return parameter;
      return { ...parameter, name: renameParameter(project, found, parameter.id, parameter.name) };
    });
  },
  /** Steps that called it are deleted. */
  'delete routine': (project: Project, { routine }: { routine: Id }): Made => {
    if (!project.routines) return;
    letGo(project, namedPlaces(project, 'routine', [routine]));
    removeWhere(project.routines, (item) => item.id === routine);
  },

  'add speaker': (project: Project, { name }: { name: string }): Made => {
    const known = (project.speakers ??= []);
    const taken = known.map((speaker) => speaker.name);
    const made: Speaker = { id: freshId('p'), name: freeName(name, taken), faces: [] };
    known.push(made);
    return made.id;
  },
  'change speaker': (
    project: Project,
    { speaker, change }: { speaker: Id; change: Partial<Speaker> },
  ): Made => {
    const found = withId(project.speakers, speaker);
    if (found) assign(found, change);
  },
  /** Lines keep the face when it is renamed. */
  'rename face': (
    project: Project,
    { speaker, from, to }: { speaker: Id; from: string; to: string },
  ): Made => {
    const found = withId(project.speakers, speaker);
    const face = found?.faces.find((other) => other.name === from);
    if (!face) return;
    for (const { path } of namedPlaces(project, 'face', [from], speaker)) put(project, path, to);
    face.name = to;
  },
  /** Their lines stay, with no speaker. */
  'delete speaker': (project: Project, { speaker }: { speaker: Id }): Made => {
    if (!project.speakers) return;
    const faces = withId(project.speakers, speaker)?.faces.map(({ name }) => name) ?? [];
    letGo(project, namedPlaces(project, 'face', faces, speaker));
    letGo(project, namedPlaces(project, 'speaker', [speaker]));
    removeWhere(project.speakers, (item) => item.id === speaker);
  },
  'change talk': (project: Project, change: Partial<TalkRules>): Made => {
    project.talk = { ...project.talk };
    assign(project.talk, change);
  },

  /** Puts steps in after another, or at the beginning; within an option or what comes too late, by `inside`. */
  'put steps': (
    project: Project,
    { owner, steps, after, inside }: { owner: Id; steps: Step[]; after: Id | null; inside?: Id },
  ): Made => {
    const all = stepsOf(project, owner);
    if (!all) return;
    const held = after === null ? (inside === undefined ? all : within(all, inside)) : holding(all, after);
    if (!held) return;
    const at = after === null ? 0 : held.findIndex((step) => step.id === after) + 1;
    const taken = new Set(everyStep(all).map((step) => step.id));
    const fresh = steps.map((step) => (taken.has(step.id) ? duplicate(step) : step));
    held.splice(at, 0, ...fresh);
    return fresh.at(-1)?.id;
  },
  'change step': (
    project: Project,
    { owner, step, change }: { owner: Id; step: Id; change: Partial<Step> },
  ): Made => {
    const found = find(stepsOf(project, owner) ?? [], step);
    if (found) assign<object>(found, change);
  },
  'delete steps': (project: Project, { owner, steps }: { owner: Id; steps: Id[] }): Made => {
    for (const id of steps) {
      const held = holding(stepsOf(project, owner) ?? [], id);
      if (held) removeWhere(held, (step) => step.id === id);
    }
  },
  /** Moves steps up or down among their siblings, all by one. */
  'move steps': (project: Project, { owner, steps, by }: { owner: Id; steps: Id[]; by: -1 | 1 }): Made => {
    const held = holding(stepsOf(project, owner) ?? [], steps[0] ?? '');
    if (!held) return;
    const places = held.flatMap((step, i) => (steps.includes(step.id) ? [i] : []));
    const edge = by < 0 ? places[0]! : places.at(-1)!;
    if (held[edge + by] === undefined) return;
    for (const place of by < 0 ? places : places.reverse()) {
      const [step] = held.splice(place, 1);
      held.splice(place + by, 0, step!);
    }
  },
  'duplicate steps': (project: Project, { owner, steps }: { owner: Id; steps: Id[] }): Made => {
    const held = holding(stepsOf(project, owner) ?? [], steps[0] ?? '');
    if (!held) return;
    const copied = held.filter((step) => steps.includes(step.id)).map(duplicate);
    const last = Math.max(...held.map((step, i) => (steps.includes(step.id) ? i : -1)));
    held.splice(last + 1, 0, ...copied);
    return copied[0]?.id;
  },
};

const stepsOf = (project: Project, owner: Id): Step[] | undefined =>
  (withId(project.conversations, owner) ?? withId(project.routines, owner))?.steps;

/** A step at any depth. Looked for in what the draft was made of, since drafts of a thousand steps take their time. */
function find(steps: readonly Step[], id: Id): Step | undefined {
  const made = isDraft(steps) ? (original(steps as Step[]) as readonly Step[] | undefined) : steps;
  const at = (made ?? steps).findIndex((step) => step.id === id);
  const first = steps[at];
  return first?.id === id ? first : everyStep(steps).find((step) => step.id === id);
}

/** The list a step stands in. */
function holding(steps: Step[], id: Id): Step[] | undefined {
  if (steps.some((step) => step.id === id)) return steps;
  for (const step of steps)
    for (const branch of branchesOf(step)) {
      const found = holding(branch, id);
      if (found) return found;
    }
  return undefined;
}

/** The steps within an option, by its id, or within a wait, by that of the step. */
function within(steps: readonly Step[], id: Id): Step[] | undefined {
  for (const step of everyStep(steps)) {
    if (step.step === 'choice') {
      const option = withId(step.options, id);
      if (option) return option.steps;
    }
    if (step.step === 'wait' && step.id === id) return (step.otherwise ??= []);
  }
  return undefined;
}

/** A copy with ids of its own, for it and all within; jumps within it lead where they led. */
function duplicate(step: Step): Step {
  const fresh = new Map<Id, Id>();
  const anew = (id: Id): Id => {
    const made = freshId('s');
    fresh.set(id, made);
    return made;
  };
  const copy = (from: Step): Step => {
    const made = { ...copyOf(from), id: anew(from.id) } as Step;
    if (made.step === 'choice') {
      made.options = made.options.map((option) => ({
        ...option,
        id: anew(option.id),
        steps: option.steps.map(copy),
      }));
      if (made.otherwise !== undefined) made.otherwise = fresh.get(made.otherwise);
    }
    if (made.step === 'wait' && made.otherwise) made.otherwise = made.otherwise.map(copy);
    return made;
  };
  const made = copy(step);
  for (const item of everyStep([made])) if (item.step === 'jump') item.to = fresh.get(item.to) ?? item.to;
  return made;
}
