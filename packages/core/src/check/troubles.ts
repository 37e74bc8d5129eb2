import { componentById, elementAt } from '../component';
import { textTroubles } from '../message';
import { check, scopeOfLink, scopeOfScreen, type Scope } from '../expression';
import {
  PROJECT,
  screenById,
  valueById,
  type Arguments,
  type Effect,
  type Field,
  type FieldType,
  type Id,
  type Link,
  type Parameter,
  type Project,
  type Screen,
} from '../model';

/** Something that names what is not there, or says what cannot be, and where it stands. */
export interface Trouble {
  /** The screen or area it is on, or `project`. */
  source: Id;
  /** The sentence it is in; null for the screen's own settings. */
  link: Id | null;
  words: string;
}

const CONDITION: FieldType = { type: 'on/off' };

/** Everything in a project that a run would pass over or stand something in for. A gap is one: it is still to be made. */
export function troublesOf(project: Project): Trouble[] {
  return [
    ...project.links.flatMap((link) =>
      linkTroubles(project, link).map((words) => ({ source: link.from, link: link.id, words })),
    ),
    ...project.screens.flatMap((screen) =>
      screenTroubles(project, screen).map((words) => ({ source: screen.id, link: null, words })),
    ),
  ];
}

/** What is wrong with one link, in words. */
export function linkTroubles(project: Project, link: Link): string[] {
  const found: string[] = [];
  const scope = scopeOfLink(project, link);
  const from = screenById(project, link.from);
  const expression = (text: string, wanted?: FieldType): void => {
    for (const { words } of check(text, scope, wanted).complaints) found.push(`“${text}”: ${words}`);
  };
  const component = componentById(project, link.from);
  const known = from ?? component ?? project.areas.find((area) => area.id === link.from);
  if (!known && link.from !== PROJECT) found.push('The screen it belongs to is gone.');
  const { cue } = link;
  const held = (from ?? component)?.elements;
  if (cue.on === 'press' && held && !elementAt(project, held, cue.element))
    found.push('What is pressed is gone.');
  if (cue.on === 'action' && !project.actions.some((each) => each.id === cue.action))
    found.push('Its action is gone.');
  if (cue.on === 'event' && !project.events.some((each) => each.id === cue.event))
    found.push('Its event is gone.');
  if (cue.on === 'value') expression(cue.when, CONDITION);
  if (cue.on === 'returned') {
    const asked = screenById(project, cue.screen);
    if (!asked) found.push('The screen whose answer it waits for is gone.');
    else if (cue.outcome !== undefined && !asked.outcomes?.some((each) => each.id === cue.outcome))
      found.push(`${asked.name} no longer gives the answer it waits for.`);
  }
  if (link.when !== undefined) expression(link.when, CONDITION);
  if (link.kind === 'go' || link.kind === 'open' || link.kind === 'swap') {
    const target = link.to && 'screen' in link.to ? screenById(project, link.to.screen) : undefined;
    if (target) found.push(...given(target.parameters, link.args, scope, target.name));
    else if (link.to && 'gap' in link.to) found.push(`“${link.to.gap}” is not made yet.`);
    else found.push('The screen it leads to is gone.');
  }
  if (link.outcome !== undefined && !from?.outcomes?.some((each) => each.id === link.outcome))
    found.push('What it answers is gone.');
  for (const effect of link.effects) found.push(...effectTroubles(project, effect, scope));
  return found;
}

/** What is wrong with something that is done besides, in words. */
export function effectTroubles(project: Project, effect: Effect, scope: Scope): string[] {
  const expression = (text: string, wanted?: FieldType): string[] =>
    check(text, scope, wanted).complaints.map(({ words }) => `“${text}”: ${words}`);
  switch (effect.do) {
    case 'notice': {
      const notice = screenById(project, effect.screen);
      return notice
        ? given(notice.parameters, effect.args, scope, notice.name)
        : ['The message it shows is gone.'];
    }
    case 'clear notice':
      return screenById(project, effect.screen) ? [] : ['The message it takes away is gone.'];
    case 'send': {
      const event = project.events.find((each) => each.id === effect.event);
      return event
        ? given(event.fields, effect.fields, scope, event.name)
        : ['What it tells the game is gone.'];
    }
    case 'set': {
      const value = valueById(project, effect.value);
      return value ? expression(effect.to, value) : ['The value it sets is gone.'];
    }
    case 'reset':
      return effect.value !== undefined && !valueById(project, effect.value)
        ? ['The value it resets is gone.']
        : [];
    case 'sound':
    case 'stop sound':
      return project.assets.some((asset) => asset.id === effect.asset) ? [] : ['Its sound is gone.'];
    case 'save':
    case 'load':
      return expression(effect.slot);
    case 'keep changes':
    case 'take back changes':
    case 'reset bindings':
      return [];
  }
}

function given(
  takes: readonly (Parameter | Field)[] = [],
  args: Arguments = {},
  scope: Scope,
  target: string,
): string[] {
  return takes.flatMap((type) => {
    const text = args[type.id];
    if (text !== undefined)
      return check(text, scope, type).complaints.map(({ words }) => `${type.name} of ${target}: ${words}`);
    const needed = 'default' in type ? type.default === undefined : true;
    return needed ? [`${target} is not told its ${type.name}.`] : [];
  });
}

/** What is wrong with a screen's own settings and texts, in words. */
export function screenTroubles(project: Project, screen: Screen): string[] {
  const found: string[] = [];
  const scope = scopeOfScreen(project, screen);
  if (screen.shownWhen !== undefined)
    for (const { words } of check(screen.shownWhen, scope, CONDITION).complaints)
      found.push(`“${screen.shownWhen}”: ${words}`);
  if (screen.area !== undefined && !project.areas.some((area) => area.id === screen.area))
    found.push('The area it is in is gone.');
  const { until } = screen;
  if (typeof until === 'object' && !project.events.some((event) => event.id === until.event))
    found.push('The event it stays for is gone.');
  for (const element of screen.elements) {
    for (const text of [element.shownWhen, element.enabledWhen])
      if (text !== undefined)
        for (const { words } of check(text, scope, CONDITION).complaints)
          found.push(`${element.name}: “${text}”: ${words}`);
    if (element.type === 'component' && !componentById(project, element.component))
      found.push(`${element.name} is a component that is gone.`);
    if ('value' in element && element.value !== undefined && !valueById(project, element.value))
      found.push(`${element.name} shows a value that is gone.`);
    if (element.type === 'prompt' && !project.actions.some((action) => action.id === element.action))
      found.push(`${element.name} shows an action that is gone.`);
    if ('text' in element)
      for (const words of textTroubles(element.text, scope)) found.push(`${element.name}: ${words}`);
    if (element.type === 'button' && element.shortcut !== undefined)
      if (!project.actions.some((action) => action.id === element.shortcut))
        found.push(`The action that presses ${element.name} is gone.`);
    if ((element.type === 'picture' || element.type === 'portrait') && element.from !== undefined)
      if (!screen.parameters?.some((each) => each.id === element.from))
        found.push(`${element.name} shows a parameter that is gone.`);
  }
  return found;
}
