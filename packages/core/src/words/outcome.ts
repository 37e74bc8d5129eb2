import { conditionWords, scopeWith, whyWords } from '../expression';
import { codeName, touchedBy } from '../keys';
import { listById, type ListTrouble } from '../lists';
import {
  scalarWords,
  titleCase,
  valueById,
  type ListValue,
  type Project,
  type Scalar,
  withId,
} from '../model';
import type { Outcome, Passed, Scalars } from '../run';
import { scopeOfLink } from '../triggers';
import { sentenceText } from './sentence';

/** What came of a step, in words: one line of the log. */
export function outcomeWords(project: Project, outcome: Outcome): string {
  const screen = (id: string): string => withId(project.screens, id)?.name ?? id.replace(/^gap:\w+:/, '');
  const event = (id: string): string => withId(project.events, id)?.name ?? 'an event';
  const sound = (id: string): string => withId(project.assets, id)?.name ?? 'A sound';
  const code = (pressed: string): string => {
    const action = touchedBy(pressed);
    return action === null
      ? codeName(pressed)
      : `${withId(project.actions, action)?.name ?? 'an action'} by touch`;
  };
  const fields = (id: string, held: Scalars | undefined): string => {
    const known = withId(project.events, id)?.fields ?? [];
    const said = known.map((field) => `${field.name} ${scalarWords(field, held?.[field.id])}`);
    return said.length > 0 ? ` (${said.join(', ')})` : '';
  };
  switch (outcome.did) {
    case 'input': {
      const said = /^(event|done) (.*)$/s.exec(outcome.input);
      if (said?.[1] === 'event') return `Game says ${event(said[2]!)}${fields(said[2]!, outcome.fields)}`;
      if (said) return `${screen(said[2]!)} has finished`;
      return outcome.input === 'pointer' || outcome.input === 'touch'
        ? titleCase(outcome.input)
        : `${titleCase(code(outcome.input))} ↓`;
    }
    case 'link': {
      const link = withId(project.links, outcome.link);
      return link ? sentenceText(project, link) : 'A way back from a screen not made yet';
    }
    case 'up':
      return `${screen(outcome.screen)} is up`;
    case 'down':
      return `${screen(outcome.screen)} goes`;
    case 'notice':
      return `${screen(outcome.screen)} shows`;
    case 'send':
      return `${event(outcome.event)}${fields(outcome.event, outcome.fields)} → game`;
    case 'in line':
      return `${screen(outcome.screen)} waits in line`;
    case 'ignored':
      return `${screen(outcome.screen)} is up already, and ignores it`;
    case 'overflow':
      return `${screen(outcome.screen)}: the line is full, so this one is lost`;
    case 'sound':
      return `${sound(outcome.asset)} plays`;
    case 'stop sound':
      return `${sound(outcome.asset)} stops`;
    case 'set': {
      const value = valueById(project, outcome.value);
      const to = value ? scalarWords(value, outcome.to) : String(outcome.to);
      const wanted = outcome.wanted === undefined ? '' : ` (${outcome.wanted} is out of its range)`;
      return `${value?.name ?? 'A value'} is ${to}${wanted}${outcome.by === null ? ', from outside' : ''}`;
    }
    case 'refused':
      if (outcome.why)
        return `${valueById(project, outcome.value)?.name ?? 'A value'} is not for the game to write; it stays as it is`;
      return `${valueById(project, outcome.value)?.name ?? 'A value that is gone'} cannot be ${outcome.to}`;
    case 'list': {
      const by = outcome.by === null ? ', from outside' : '';
      return `${listName(project, outcome.list)} ${LISTED[outcome.what]}: ${rowCount(outcome.rows)}${by}${troublesWords(project, outcome)}`;
    }
    case 'list refused':
      if (outcome.why === 'gone') return 'A list that is gone cannot be written';
      return outcome.why === 'saved games'
        ? `${listName(project, outcome.list)} shows saved games, so no row can be put in or taken out; it stays as it is`
        : `${listName(project, outcome.list)} is not for the game to write; it stays as it is`;
    case 'misfit': {
      const field = project.events
        .find((gameEvent) => gameEvent.id === outcome.event)
        ?.fields?.find((other) => other.id === outcome.field);
      return `${event(outcome.event)}: ${field?.name ?? 'a field'} came as ${JSON.stringify(outcome.given)}, which it cannot be; it counts as ${JSON.stringify(outcome.to)}`;
    }
    case 'bound': {
      const action = (id: string | null) => withId(project.actions, id)?.name ?? 'An action';
      return outcome.clash === null
        ? `${action(outcome.action)} is ${code(outcome.code)} now`
        : `${code(outcome.code)} is ${action(outcome.clash)} already`;
    }
    case 'save':
      return `Saved in slot ${outcome.slot}`;
    case 'load':
      return outcome.found ? `Slot ${outcome.slot} loaded` : `Slot ${outcome.slot} is empty; nothing loaded`;
    case 'failed':
      return `“${outcome.text}” gives nothing and counts as false: ${whyWords(outcome.why)}`;
    case 'nowhere':
      if (outcome.what.kind === 'done' || outcome.what.kind === 'failed')
        return `${screen(outcome.what.screen)} has ${outcome.what.kind === 'done' ? 'finished' : 'failed to load'}; that leads nowhere`;
      if (outcome.what.kind === 'returned') {
        const { what } = outcome;
        const asked = withId(project.screens, what.screen);
        const answer = withId(asked?.outcomes, what.outcome)?.name ?? 'something';
        return `${screen(what.screen)} answers ${answer}; nobody waits for that`;
      }
      if (outcome.what.kind === 'event') return `${event(outcome.what.event)} leads nowhere here`;
      return outcome.what.kind === 'input'
        ? `${titleCase(code(outcome.what.code))} leads nowhere here`
        : 'This button leads nowhere';
    case 'to game':
      return `${titleCase(code(outcome.code))}${outcome.phase === 'up' ? ' ↑' : ''} → game`;
    case 'axis': {
      const of = outcome.of === 'tilt' ? 'Tilt' : elementName(project, outcome.of);
      return `${of} at ${outcome.x}, ${outcome.y} → game`;
    }
    case 'masked':
      return outcome.kept ? 'Press buffered until the transition has settled' : 'Press ignored: still moving';
    case 'dropped':
      return outcome.why === 'later'
        ? 'The press buffered before it is lost: a later one took its place'
        : 'The buffered press is lost: what it was for has gone';
    case 'limit':
      return outcome.of === 'loading'
        ? `${screen(outcome.screen)}: its time to load has run out`
        : outcome.of === 'choice'
          ? `${screen(outcome.screen)}: the time to choose has run out`
          : `${screen(outcome.screen)}: what it waited for did not come in time`;
    case 'empty':
      return `${screen(outcome.screen)}: a line that says nothing is passed over`;
    case 'wait':
      return 'Waits for the screen’s minimum time';
    case 'unsettled':
      return `${screen(outcome.screen)}: links set one another off without end; stopped after 100`;
    case 'line': {
      const speaker = withId(project.speakers, outcome.speaker);
      return speaker ? `${speaker.name}: “${outcome.text}”` : `“${outcome.text}”`;
    }
    case 'choice':
      return `Chosen: “${outcome.text}”`;
    case 'address':
      return `Asks to open ${outcome.url}`;
    case 'end':
      return 'The end';
  }
}

const listName = (project: Project, id: string): string => listById(project, id)?.name ?? 'A list';
const rowCount = (n: number): string => (n === 1 ? '1 row' : `${n} rows`);

const LISTED: Record<(Outcome & { did: 'list' })['what'], string> = {
  replace: 'has new rows',
  put: 'has rows added or changed',
  change: 'has rows changed',
  remove: 'has rows taken out',
  clear: 'is emptied',
  wait: 'is waited for',
  fail: 'could not be got',
};

/** What of a write to a list could not be taken as it came: the first few of it. */
function troublesWords(project: Project, { list: id, troubles = [] }: Outcome & { did: 'list' }): string {
  if (troubles.length === 0) return '';
  const list = listById(project, id);
  const said = troubles.slice(0, 3).map((trouble) => troubleWords(list, trouble));
  const more = troubles.length > 3 ? `; and ${troubles.length - 3} more` : '';
  return `. ${said.join('; ')}${more}`;
}

/** One thing that could not be taken as it came, in words. */
export function troubleWords(list: ListValue | undefined, trouble: ListTrouble): string {
  const field = (id: string): string => withId(list?.fields, id)?.name ?? 'A field';
  const holds = (id: string, held: Scalar): string => {
    const type = withId(list?.fields, id);
    const words = type ? scalarWords(type, held) : String(held);
    return words === '' ? 'empty' : words;
  };
  switch (trouble.trouble) {
    case 'unknown field':
      return `its rows have no ${trouble.field}; that is left out`;
    case 'wrong type':
      return `${field(trouble.field)} came as ${JSON.stringify(trouble.given)}, which it cannot be; it is ${holds(trouble.field, trouble.holds)}`;
    case 'out of range':
      return `${field(trouble.field)} came as ${JSON.stringify(trouble.given)}, out of its range; it is ${holds(trouble.field, trouble.holds)}`;
    case 'same key':
      return `${trouble.key} came twice; the later one counts`;
    case 'no such row':
      return `there is no row ${trouble.key}`;
    case 'no key':
      return `a row came without ${field(trouble.field)}, by which rows are told apart; that is left out`;
    case 'no row':
      return 'something came that is no row; it is left out';
    case 'too many':
      return `it holds ${trouble.max} at most; ${trouble.left} more ${trouble.left === 1 ? 'is' : 'are'} left out`;
    case 'no reason':
      return 'nothing says why';
  }
}

/** Why a link was passed over, in words; a failed condition with what its names held. */
export function reasonWords(project: Project, { link: id, reason }: Passed): string {
  const link = withId(project.links, id);
  switch (reason.because) {
    case 'condition': {
      const scope = link ? scopeOfLink(project, link) : scopeWith(project);
      const held = reason.read.map(([called, value]) => {
        const known = called.startsWith('row.') ? scope.row?.get(called.slice(4)) : scope.names.get(called);
        const was = known && value !== undefined ? scalarWords(known.type, value) : 'nothing';
        return `${known?.name ?? called} was ${was === '' ? 'empty' : was}`;
      });
      return `Not: ${conditionWords(reason.text, scope)}${held.length > 0 ? `, since ${held.join(' and ')}` : ''}`;
    }
    case 'once':
      return 'It is taken only once, and has been';
    case 'covered':
      return 'A modal screen lies above, and it is not marked to open above that';
    case 'not an overlay':
      return 'Only an overlay can make way for another';
    case 'nothing to go back to':
      return `There is nothing to go back to${link ? '' : ' any more'}`;
  }
}

/** What an element on any screen is called, by its path. */
function elementName(project: Project, path: string): string {
  const id = path.split('/').at(-1)!;
  for (const { elements } of [...project.screens, ...(project.components ?? [])]) {
    const found = withId(elements, id);
    if (found) return found.name;
  }
  return 'A stick';
}
