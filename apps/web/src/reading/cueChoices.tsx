'use client';

import { scopeOfLink } from '@tavu/core/triggers';
import { actionKeys } from '@tavu/core/keys';
import {
  identifierOf,
  linksFrom,
  readDuration,
  screenById,
  titleCase,
  type Cue,
  type Element,
  type FieldType,
  type Id,
  type Project,
} from '@tavu/core/model';
import { check, meant } from '@tavu/core/expression';
import { edit, useStudio } from '../studio/store';
import type { Choice } from '../ui/Picker';

const CONDITION: FieldType = { type: 'on/off' };

/** Something true of the first value, to be written over. */
function firstCondition(project: Project): string {
  const first = project.values[0];
  if (!first) return 'true';
  const name = identifierOf(first.name);
  return first.type === 'on/off' ? name : first.type === 'number' ? `${name} <= 0` : `${name} != ""`;
}

/** What is pressed by itself. */
const PRESSED: ReadonlySet<Element['type']> = new Set(['button', 'picture', 'portrait', 'touch']);

/** An element by its name, and by its words where those are others. */
function saidOn(element: Element): string {
  const words = 'text' in element && typeof element.text === 'string' ? element.text.trim() : '';
  return words === '' || words === element.name ? element.name : `${element.name} (“${words.slice(0, 40)}”)`;
}

/** Everything that can set a link off on a screen, and what typing can make of a new name or a time. */
export function useCueChoices(
  screen: Id,
  pick: (cue: Cue) => void,
): { choices: Choice[]; typed: (text: string) => Choice[] } {
  const project = useStudio((studio) => studio.project);
  const elements = project.screens.find((each) => each.id === screen)?.elements ?? [];
  const used = new Set(
    linksFrom(project, screen).flatMap(({ cue }) => (cue.on === 'press' ? [cue.element] : [])),
  );
  const choices: Choice[] = [];
  for (const element of elements.filter(({ type }) => PRESSED.has(type)))
    choices.push({
      key: `press ${element.id}`,
      group: 'Pressed',
      words: `${element.name} ${'text' in element ? element.text : ''} press ${element.type === 'touch' ? 'touch area' : element.type}`,
      label: saidOn(element),
      hint: used.has(element.id) ? 'leads somewhere' : 'leads nowhere yet',
      onPick: () => pick({ on: 'press', element: element.id }),
    });
  for (const action of project.actions)
    choices.push({
      key: `action ${action.id}`,
      group: 'A key or pad button',
      words: `${action.name} ${actionKeys(action)} key`,
      label: titleCase(action.name),
      hint: actionKeys(action),
      onPick: () => pick({ on: 'action', action: action.id, when: 'down' }),
    });
  for (const event of project.events.filter((each) => each.direction === 'in'))
    choices.push({
      key: `event ${event.id}`,
      group: 'The game says',
      words: `${event.name} event game`,
      label: event.name,
      onPick: () => pick({ on: 'event', event: event.id }),
    });
  // What this opens can answer; so can everything that answers at all.
  const opened = new Set(
    linksFrom(project, screen).flatMap(({ to }) => (to && 'screen' in to ? [to.screen] : [])),
  );
  for (const asked of project.screens.filter((each) => each.layer === 'overlay' && each.id !== screen)) {
    if (!opened.has(asked.id) && !asked.outcomes?.length) continue;
    for (const outcome of asked.outcomes ?? [])
      choices.push({
        key: `returned ${asked.id} ${outcome.id}`,
        group: 'An answer',
        words: `${asked.name} answers ${outcome.name} returned`,
        label: `${asked.name} answers ${outcome.name}`,
        onPick: () => pick({ on: 'returned', screen: asked.id, outcome: outcome.id }),
      });
    choices.push({
      key: `returned ${asked.id}`,
      group: 'An answer',
      words: `${asked.name} closes returned`,
      label: `${asked.name} closes`,
      onPick: () => pick({ on: 'returned', screen: asked.id }),
    });
  }
  choices.push({
    key: 'value',
    group: 'A value',
    words: 'as soon as a value becomes true condition',
    label: 'As soon as …',
    hint: 'a condition becomes true',
    onPick: () => pick({ on: 'value', when: firstCondition(project) }),
  });
  const time = (after: string): Cue => ({
    on: 'time',
    after,
    since: 'taken',
    clock: 'interface',
    covered: 'counts',
  });
  if (screenById(project, screen))
    choices.push(
      {
        key: 'time',
        group: 'By itself',
        words: 'after a time timer',
        label: 'After a time',
        hint: '3 s',
        onPick: () => pick(time('3 s')),
      },
      {
        key: 'arrival',
        group: 'By itself',
        words: 'on arrival at once',
        label: 'On arrival',
        onPick: () => pick({ on: 'arrival' }),
      },
      {
        key: 'done',
        group: 'By itself',
        words: 'finished done content',
        label: 'What is on it has finished',
        hint: 'loading, talk',
        onPick: () => pick({ on: 'done' }),
      },
      {
        key: 'failed',
        group: 'By itself',
        words: 'failed loading',
        label: 'What it loads has failed',
        hint: 'loading',
        onPick: () => pick({ on: 'failed' }),
      },
    );
  const typed = (text: string): Choice[] => {
    const made: Choice[] = [];
    const duration = readDuration(text.replace(/^after /i, ''), project.rates, 's');
    if ('ok' in duration && screenById(project, screen))
      made.push({
        key: 'typed time',
        group: 'Make',
        words: text,
        label: `After ${duration.ok}`,
        onPick: () => pick(time(duration.ok)),
      });
    const scope = scopeOfLink(project, { from: screen, cue: { on: 'value', when: '' } });
    const when = meant(text.replace(/^(as soon as|when) /i, ''), scope, CONDITION);
    const said = check(when, scope, CONDITION);
    if (said.node !== null && said.kind === 'on/off' && said.complaints.length === 0)
      made.push({
        key: 'typed condition',
        group: 'Make',
        words: text,
        label: `As soon as ${when}`,
        hint: 'becomes true',
        onPick: () => pick({ on: 'value', when }),
      });
    if (!project.events.some((each) => each.name.toLowerCase() === text.toLowerCase()))
      made.push({
        key: 'typed event',
        group: 'Make',
        words: text,
        label: `When the game says “${text.slice(0, 80)}”`,
        onPick: () =>
          pick({ on: 'event', event: edit('add event', { name: text.slice(0, 80), direction: 'in' })! }),
      });
    return made;
  };
  return { choices, typed };
}
