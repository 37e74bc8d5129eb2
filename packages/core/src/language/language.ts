import type { Component, Element, Id, Project, Routine, Screen, Speaker, Step, Value } from '../model';
import { defaultsSaid, effectSaid, linkSaid, type Say } from './told';

/** One text of the project that a player reads, by a key that stays as long as the thing it stands on. */
export interface Wording {
  key: string;
  text: string;
  /** The screen, area, component, value, speaker, routine or conversation it stands on, or `project`. */
  owner: Id;
}

/** Every text a player reads, in the order of the file. */
export function wordingsOf(project: Project): Wording[] {
  const found: Wording[] = [];
  withWords(project, (key, text, owner) => {
    if (text.trim() !== '') found.push({ key, text, owner });
    return text;
  });
  return found;
}

/** What is called as it is written, or as a language has it; a text that is not translated stands as it is written. */
export function inLanguage(project: Project, code: string): Project {
  const texts = project.texts?.[code] ?? {};
  return cached(project, code, () => withWords(project, (key, text) => texts[key] ?? text));
}

/** A stand-in language two fifths longer, to see what will not fit: letters with marks, and a tail. Names in braces and marks in brackets stay. */
export function inStretched(project: Project): Project {
  return cached(project, STRETCHED, () => withWords(project, (_, text) => stretched(text)));
}
export const STRETCHED = 'stretched';

const MARKS: Record<string, string> = {
  a: 'á',
  e: 'é',
  i: 'í',
  o: 'ó',
  u: 'ú',
  A: 'Á',
  E: 'É',
  I: 'Í',
  O: 'Ó',
  U: 'Ú',
};

const MARKS_OF_PACE = /(\[(?:slow|fast|usual|wait [^\][]{1,20})\])/;
const isMark = (piece: string): boolean => MARKS_OF_PACE.test(piece);

export function stretched(text: string): string {
  if (text.trim() === '') return text;
  let depth = 0;
  let said = '';
  let length = 0;
  for (const piece of text.split(MARKS_OF_PACE)) {
    if (isMark(piece)) {
      said += piece;
      continue;
    }
    for (const letter of piece) {
      if (letter === '{') depth += 1;
      if (depth === 0) length += 1;
      said += depth === 0 ? (MARKS[letter] ?? letter) : letter;
      if (letter === '}') depth -= 1;
    }
  }
  const more = Math.ceil(length * 0.4);
  const tail = Array.from({ length: more }, (_, i) => (i % 6 === 0 ? ' ' : '~')).join('');
  return said.endsWith('\n') ? said : said + tail;
}

const made = new WeakMap<Project, Map<string, Project>>();
function cached(project: Project, key: string, make: () => Project): Project {
  const known = made.get(project) ?? new Map<string, Project>();
  made.set(project, known);
  const found = known.get(key) ?? make();
  known.set(key, found);
  return found;
}

/** The project with every text said anew; what has no text, or goes on saying the same, is the same object. */
function withWords(project: Project, say: Say): Project {
  const isText = (component: Id, parameter: Id): boolean =>
    project.components
      ?.find((each) => each.id === component)
      ?.parameters.find((each) => each.id === parameter)?.type === 'text';
  return {
    ...project,
    screens: project.screens.map((screen) => withElements(defaultsSaid(screen, say), isText, say)),
    links: project.links.map((link) => linkSaid(project, link, say)),
    ...(project.components
      ? { components: project.components.map((each) => withElements(withDefaults(each, say), isText, say)) }
      : {}),
    values: project.values.map((value) => valueSaid(value, say)),
    ...(project.speakers ? { speakers: project.speakers.map((each) => speakerSaid(each, say)) } : {}),
    ...(project.routines
      ? { routines: project.routines.map((each) => routineSaid(project, each, say)) }
      : {}),
    ...(project.conversations
      ? { conversations: project.conversations.map((each) => withSteps(project, each, each.id, say)) }
      : {}),
  };
}

function speakerSaid(speaker: Speaker, say: Say): Speaker {
  const name = say(speaker.id, speaker.name, speaker.id);
  return name === speaker.name ? speaker : { ...speaker, name };
}

function routineSaid(project: Project, routine: Routine, say: Say): Routine {
  const parameters = routine.parameters.map((each) => {
    if (each.type !== 'text' || each.default === undefined) return each;
    const text = say(`${routine.id} ${each.id}`, each.default, routine.id);
    return text === each.default ? each : { ...each, default: text };
  });
  const same = parameters.every((each, i) => each === routine.parameters[i]);
  return withSteps(project, same ? routine : { ...routine, parameters }, routine.id, say);
}

function withSteps<T extends { steps: Step[] }>(project: Project, owner: T, id: Id, say: Say): T {
  const steps = stepsSaid(project, owner.steps, id, say);
  return steps === owner.steps ? owner : { ...owner, steps };
}

function stepsSaid(project: Project, steps: Step[], owner: Id, say: Say): Step[] {
  const now = steps.map((step) => stepSaid(project, step, owner, say));
  return now.every((each, i) => each === steps[i]) ? steps : now;
}

function stepSaid(project: Project, step: Step, owner: Id, say: Say): Step {
  const at = `${owner} ${step.id}`;
  switch (step.step) {
    case 'line': {
      const text = say(at, step.text, owner);
      return text === step.text ? step : { ...step, text };
    }
    case 'choice': {
      const text = say(at, step.text, owner);
      const options = step.options.map((each) => {
        const words = say(`${at} ${each.id}`, each.text, owner);
        const inner = stepsSaid(project, each.steps, owner, say);
        return words === each.text && inner === each.steps ? each : { ...each, text: words, steps: inner };
      });
      const same = text === step.text && options.every((each, i) => each === step.options[i]);
      return same ? step : { ...step, text, options };
    }
    case 'wait': {
      const otherwise = step.otherwise && stepsSaid(project, step.otherwise, owner, say);
      return otherwise === step.otherwise ? step : { ...step, otherwise };
    }
    case 'routine': {
      const takes = project.routines?.find((each) => each.id === step.routine)?.parameters ?? [];
      const args = { ...step.args };
      let same = true;
      for (const { id, type } of takes) {
        const held = args[id];
        if (type !== 'text' || typeof held !== 'string') continue;
        args[id] = say(`${at} ${id}`, held, owner);
        same &&= args[id] === held;
      }
      return same ? step : { ...step, args };
    }
    case 'effect': {
      const effect = effectSaid(project, step.effect, at, owner, say);
      return effect === step.effect ? step : { ...step, effect };
    }
    default:
      return step;
  }
}

/** Whether a parameter of a component is told words. */
type IsText = (component: Id, parameter: Id) => boolean;

function withElements<T extends Screen | Component>(owner: T, isText: IsText, say: Say): T {
  const elements = owner.elements.map((element) => elementSaid(element, owner.id, isText, say));
  return elements.every((each, i) => each === owner.elements[i]) ? owner : { ...owner, elements };
}

function withDefaults(component: Component, say: Say): Component {
  const parameters = component.parameters.map((each) => {
    if (each.type !== 'text') return each;
    const text = say(`${component.id} ${each.id}`, each.default, component.id);
    return text === each.default ? each : { ...each, default: text };
  });
  return parameters.every((each, i) => each === component.parameters[i])
    ? component
    : { ...component, parameters };
}

function elementSaid(element: Element, owner: Id, isText: IsText, say: Say): Element {
  const at = `${owner} ${element.id}`;
  const change: Record<string, unknown> = {};
  const one = (name: string, key: string, text: string): void => {
    const now = say(key, text, owner);
    if (now !== text) change[name] = now;
  };
  const many = (name: string, texts: readonly string[]): void => {
    const now = texts.map((text, i) => say(`${at} ${name} ${i}`, text, owner));
    if (now.some((text, i) => text !== texts[i])) change[name] = now;
  };
  if ('text' in element) one('text', at, element.text);
  if (element.type === 'tabs') many('tabs', element.tabs);
  if (element.type === 'list') many('rows', element.rows);
  if (element.type === 'choice' && element.options) many('options', element.options);
  if (element.type === 'text' && element.frames) {
    const { frames, last } = element.frames;
    const now = {
      ...element.frames,
      frames: frames.map((each, i) => ({ ...each, text: say(`${at} frame ${i}`, each.text, owner) })),
      ...(last ? { last: { ...last, text: say(`${at} last`, last.text, owner) } } : {}),
    };
    if (JSON.stringify(now) !== JSON.stringify(element.frames)) change.frames = now;
  }
  if (element.type === 'component') {
    const { args = {} } = element;
    const now = Object.fromEntries(
      Object.entries(args).map(([id, held]) => [
        id,
        typeof held === 'string' && isText(element.component, id) ? say(`${at} ${id}`, held, owner) : held,
      ]),
    );
    if (Object.keys(args).some((id) => now[id] !== args[id])) change.args = now;
  }
  return Object.keys(change).length > 0 ? ({ ...element, ...change } as Element) : element;
}

function valueSaid(value: Value, say: Say): Value {
  if (value.type === 'on/off') {
    const on = say(`${value.id} on`, value.on ?? 'On', value.id);
    const off = say(`${value.id} off`, value.off ?? 'Off', value.id);
    return on === (value.on ?? 'On') && off === (value.off ?? 'Off') ? value : { ...value, on, off };
  }
  if (value.type !== 'choice') return value;
  const options = value.options.map((option) => {
    const label = say(`${value.id} ${option.id}`, option.label, value.id);
    return label === option.label ? option : { ...option, label };
  });
  return options.every((each, i) => each === value.options[i]) ? value : { ...value, options };
}
