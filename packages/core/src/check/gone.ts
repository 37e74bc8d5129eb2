import { authorOfEffect } from '../effects/author';
import { byId, everyStep, screenById, type Effect, type Element, type Project } from '../model';
import type { IdPlace, Thing } from '../references';
import { authorOfTrigger } from '../triggers/author';

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
  parameter: 'It tells something that its set-up does not ask for.',
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
  element: 'says otherwise of something that is gone',
};

/** On a screen, area, style, speaker, in the house … */
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
  routine: 'A set-up it calls is gone.',
  speaker: 'A speaker it is told of is gone.',
};

/** In words, what is gone at a place; each begins with whose place it is where that is not told beside it. */
export function goneWords(
  project: Project,
  place: IdPlace,
  { element, name }: { element?: Element; name?: string },
): string {
  const { of, path } = place;
  const field = path.filter((step) => typeof step === 'string').at(-1)!;
  if (element) {
    if (field === 'shortcut') return `The action that presses ${element.name} is gone.`;
    return `${element.name} ${SHOWN[`${of} ${field}`] ?? SHOWN[of] ?? anything(of)}.`;
  }
  if (path[0] === 'links') return doneWords(project, place, field);
  if (path.includes('effect')) {
    const effect = stepEffect(project, place);
    const own = effect && goneFrom(effect, of);
    return own ?? DONE[`${of} ${field}`] ?? DONE[of] ?? `It ${anything(of)}.`;
  }
  if (path[0] === 'conversations' && path.includes('steps'))
    return STEP[`${of} ${field}`] ?? STEP[of] ?? DONE[of] ?? DONE[`${of} ${field}`] ?? `It ${anything(of)}.`;
  return (name ? `${name}: ` : '') + (HELD[`${of} ${field}`] ?? HELD[of] ?? `It ${anything(of)}.`);
}

function doneWords(project: Project, place: IdPlace, field: string): string {
  const { of, path, within } = place;
  if (of === 'outcome' && path.includes('cue'))
    return `${screenById(project, within)?.name ?? 'It'} no longer gives the answer it waits for.`;
  const link = byId(project.links).get(place.on ?? '');
  const at = path.indexOf('effects');
  const effect = at < 0 ? undefined : link?.effects[path[at + 1] as number];
  const own = effect
    ? goneFrom(effect, of)
    : link && path.includes('cue')
      ? authorOfTrigger(link.cue).gone?.[of]
      : undefined;
  const how = path.includes('to') ? 'to' : field;
  return own ?? DONE[`${of} ${how}`] ?? DONE[`${of} ${field}`] ?? DONE[of] ?? `It ${anything(of)}.`;
}

const goneFrom = (effect: Effect, of: Thing): string | undefined => authorOfEffect(effect).gone?.[of];

function stepEffect(project: Project, { owner, on }: IdPlace): Effect | undefined {
  const held = byId(project.conversations).get(owner) ?? byId(project.routines).get(owner);
  const step = everyStep(held?.steps ?? []).find((each) => each.id === on);
  return step?.step === 'effect' ? step.effect : undefined;
}

/** Whatever has no words of its own yet is told all the same. */
const anything = (of: Thing): string => `names ${/^[aeiou]/.test(of) ? 'an' : 'a'} ${of} that is gone`;
