import { EFFECT_AUTHORS } from '../effects/author';
import {
  byId,
  everyStep,
  screenById,
  type TriggerName,
  type Effect,
  type EffectName,
  type LinkKind,
  type Project,
} from '../model';
import type { IdPlace, Thing } from '../references';
import { TRIGGER_AUTHORS } from '../triggers/author';
import type { At, Check } from './finding';
import { isThere } from './there';

/** What is said of a place whose thing is gone: by the thing and the field it is named in, else by the thing alone. */

/** On a link, or in what a step of a conversation does, besides what types of trigger and effect say of themselves. */
const DONE: Record<string, string> = {
  'source from': 'The screen it belongs to is gone.',
  'screen to': 'The screen it leads to is gone.',
  'outcome outcome': 'What it answers is gone.',
  conversation: 'The conversation it plays is gone.',
  motion: 'The motion it moves by is gone.',
  parameter: 'It says something that is no longer asked for.',
  field: 'It says something that is no longer asked for.',
};

/** In a step of a conversation. */
const STEP: Record<string, string> = {
  'event event': 'The event it waits for is gone.',
  'asset asset': 'Its music is gone.',
  'asset picture': 'The picture it shows is gone.',
  asset: 'A picture it tells of is gone.',
  animation: 'The animation it plays is gone.',
  choice: 'What is chosen when time is up is gone.',
  parameter: 'It tells something that its routine does not ask for.',
};

/** On an element; its name comes before. */
const SHOWN: Record<string, string> = {
  component: 'is a component that is gone',
  value: 'shows a value that is gone',
  action: 'shows an action that is gone',
  'parameter from': 'shows a parameter that is gone',
  parameter: 'is told something that its component does not ask for',
  'asset sound': 'plays a sound that is gone',
  'asset font': 'is written in a font that is gone',
  asset: 'shows a picture that is gone',
  'text style': 'has a text style that is gone',
  'box style': 'has a box style that is gone',
  colour: 'has a colour that is gone',
  event: 'moves on an event that is gone',
  'element to': 'stands beside something that is gone',
  'element parent': 'is held by something that is gone',
  element: 'overrides something that is gone',
};

/** On a screen, area, style, speaker, in the defaults … */
const HELD: Record<string, string> = {
  'screen start': 'The screen it begins with is gone.',
  screen: 'The screen it is written for is gone.',
  'area area': 'The area it is in is gone.',
  area: 'The area around it is gone.',
  'event event': 'The event it stays for is gone.',
  event: 'An event it loads by is gone.',
  field: 'The field that says how far it has loaded is gone.',
  'element firstFocus': 'What has the focus first is gone.',
  element: 'The focus is led to or from something that is gone.',
  'element name': 'An element it moves by name is gone.',
  motion: 'The motion it moves by is gone.',
  'asset music': 'Its music is gone.',
  'asset picture': 'The picture behind it is gone.',
  'asset font': 'Its font is gone.',
  asset: 'A picture or sound of it is gone.',
  conversation: 'The conversation it plays is gone.',
  colour: 'A colour of it is gone.',
  option: 'What it is told is none of its options.',
  'value scale': 'The value that says how long lines stay is gone.',
  'value value': 'The value that says whether lines go on by themselves is gone.',
  value: 'The value that says how loud it is is gone.',
  routine: 'A routine it calls is gone.',
  speaker: 'A speaker it is told of is gone.',
};

/** What is told of a place whose thing is gone. */
export interface Gone {
  of: Thing;
  /** The field it is named in. */
  field: string;
  /** What names it: a link, an effect of a step, a step, an element, or something else. */
  by: 'link' | 'effect' | 'step' | 'element' | 'other';
  trigger?: TriggerName;
  effect?: EffectName;
  /** The element that names it, or what else stands before the sentence. */
  name?: string;
  /** Whose answer it was; or where the element was looked for, and by which name. */
  screen?: string;
  called?: string;
}

export const gone: Check<Gone> = {
  severity: 'error',
  about: 'Something names what is not in the project any more. Choose something else there, or take it out.',
  place: (project, place, at) =>
    place.is !== 'id' || isThere(project, place) ? [] : [goneAt(project, place, at)],
  link: (_, { kind, to }) => (LEADS.has(kind) && !to ? [{ of: 'screen', field: 'to', by: 'link' }] : []),
  phrase,
};
const LEADS: ReadonlySet<LinkKind> = new Set(['go', 'open', 'swap']);

function goneAt(project: Project, place: IdPlace, { element, name }: At): Gone {
  const { of, id, path, within } = place;
  const field = path.filter((step) => typeof step === 'string').at(-1)!;
  const what = { of, field };
  if (element) return { ...what, by: 'element', name: element.name };
  if (path[0] === 'links') {
    const link = byId(project.links).get(place.on ?? '');
    const at = path.indexOf('effects');
    const effect = at < 0 ? undefined : link?.effects[path[at + 1] as number]?.do;
    if (effect) return { ...what, by: 'link', effect };
    if (link && path.includes('trigger')) {
      const screen = of === 'outcome' ? screenById(project, within)?.name : undefined;
      return { ...what, by: 'link', trigger: link.trigger.on, ...(screen === undefined ? {} : { screen }) };
    }
    return { ...what, field: path.includes('to') ? 'to' : field, by: 'link' };
  }
  if (path.includes('effect')) {
    const effect = stepEffect(project, place)?.do;
    return { ...what, by: 'effect', ...(effect ? { effect } : {}) };
  }
  if (path[0] === 'conversations' && path.includes('steps')) {
    if (of !== 'element name') return { ...what, by: 'step' };
    const { screen } = byId(project.conversations).get(place.owner) ?? {};
    return {
      ...what,
      by: 'step',
      called: id,
      screen: screenById(project, screen)?.name ?? 'a screen that is gone',
    };
  }
  return { ...what, by: 'other', ...(name ? { name } : {}) };
}

function stepEffect(project: Project, { owner, on }: IdPlace): Effect | undefined {
  const held = byId(project.conversations).get(owner) ?? byId(project.routines).get(owner);
  const step = everyStep(held?.steps ?? []).find((other) => other.id === on);
  return step?.step === 'effect' ? step.effect : undefined;
}

function phrase(gone: Gone): string {
  const { of, field, name = '', screen, called } = gone;
  const key = `${of} ${field}`;
  switch (gone.by) {
    case 'element':
      return field === 'shortcut'
        ? `The action that presses ${name} is gone.`
        : field === 'acts'
          ? `The action that ${name} holds down is gone.`
          : `${name} ${SHOWN[key] ?? SHOWN[of] ?? anything(of)}.`;
    case 'link':
    case 'effect':
      if (of === 'outcome' && gone.trigger)
        return `${screen ?? 'It'} no longer gives the answer it waits for.`;
      return ownWords(gone) ?? DONE[key] ?? DONE[of] ?? `It ${anything(of)}.`;
    case 'step':
      if (called !== undefined) return `There is no ${called} on ${screen}.`;
      return STEP[key] ?? STEP[of] ?? DONE[of] ?? DONE[key] ?? `It ${anything(of)}.`;
    default:
      return `${name && `${name}: `}${HELD[key] ?? HELD[of] ?? `It ${anything(of)}.`}`;
  }
}

/** What the type of trigger or effect says of it. */
const ownWords = ({ of, trigger, effect }: Gone): string | undefined =>
  effect ? EFFECT_AUTHORS[effect].gone?.[of] : trigger && TRIGGER_AUTHORS[trigger].gone?.[of];

/** Whatever has no words of its own yet is told all the same. */
const anything = (of: Thing): string => `names ${/^[aeiou]/.test(of) ? 'an' : 'a'} ${of} that is gone`;
