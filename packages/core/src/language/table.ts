import { showsOf } from '../effects';
import { TOOLTIP } from '../elements/author';
import {
  everyStep,
  PROJECT,
  screenById,
  type Id,
  type Project,
  type Step,
  type Translated,
  withId,
} from '../model';
import { wordingsOf } from './language';

/** One text of the project and what it is in another language. */
export interface TextRow {
  key: string;
  /** Where it stands, in words. */
  place: string;
  /** What it stands on: a screen, component, value, speaker, routine or conversation. */
  owner: Id;
  source: string;
  /** Empty where it is not translated. */
  target: string;
  state: 'missing' | 'changed' | NonNullable<Translated['state']>;
  note: string;
  /** The most letters it may have; null where that is not said. */
  maxLength: number | null;
}

/** Every text that players read, in the order of the file, with its translation into one language. */
export function textTable(project: Project, code: string): TextRow[] {
  const place = placesOf(project);
  const texts = project.texts?.[code] ?? {};
  const known = project.translated?.[code] ?? {};
  return wordingsOf(project).map(({ key, text, owner }) => {
    const target = texts[key] ?? '';
    const { note = '', maxLength = null } = project.wordings?.[key] ?? {};
    return {
      key,
      place: place(key, owner),
      owner,
      source: text,
      target,
      state: stateOf(target, text, known[key]),
      note,
      maxLength,
    };
  });
}

function stateOf(target: string, source: string, known: Translated = {}): TextRow['state'] {
  if (target === '') return 'missing';
  if (known.from !== undefined && known.from !== source) return 'changed';
  return known.state ?? 'translated';
}

/** How many texts there are, and how many of them are missing or were translated from other words. */
export function tableCounts(rows: readonly TextRow[]): { all: number; missing: number; changed: number } {
  const count = (state: TextRow['state']): number => rows.filter((row) => row.state === state).length;
  return { all: rows.length, missing: count('missing'), changed: count('changed') };
}

/** Where a text stands, in words, by its key. */
function placesOf(project: Project): (key: string, owner: Id) => string {
  const names = new Map<string, string>();
  for (const { id, name, elements } of [...project.screens, ...(project.components ?? [])]) {
    names.set(id, name);
    for (const element of elements) {
      names.set(`${id} ${element.id}`, `${name} · ${element.name}`);
      names.set(`${id} ${element.id} ${TOOLTIP}`, `${name} · ${element.name} · tooltip`);
    }
  }
  names.set(PROJECT, 'The whole project');
  for (const { id, name } of project.areas) names.set(id, name);
  for (const { id, from, to, effects } of project.links) {
    const tell = (screen: Id, key: string): void => {
      const told = screenById(project, screen)?.name ?? '';
      names.set(key, `${names.get(from) ?? ''} · what ${told} is told`);
    };
    if (to && 'screen' in to) tell(to.screen, id);
    for (const screen of effects.map(showsOf)) if (screen !== null) tell(screen, `${id} ${screen}`);
  }
  for (const value of project.values) names.set(value.id, value.name);
  for (const speaker of project.speakers ?? []) names.set(speaker.id, `The name of ${speaker.name}`);
  for (const { id, name, steps } of [...(project.conversations ?? []), ...(project.routines ?? [])]) {
    names.set(id, name);
    everyStep(steps).forEach((step, i) =>
      names.set(`${id} ${step.id}`, `${name} · ${stepName(project, step, i)}`),
    );
  }
  return (key, owner) => {
    for (let at = key; at !== ''; at = at.slice(0, Math.max(0, at.lastIndexOf(' ')))) {
      const found = names.get(at);
      if (found !== undefined) return found;
    }
    return names.get(owner) ?? '';
  };
}

function stepName(project: Project, step: Step, i: number): string {
  const speaker = 'speaker' in step ? withId(project.speakers, step.speaker)?.name : undefined;
  const what = step.step === 'choice' ? 'choice' : 'line';
  return `${what} ${i + 1}${speaker === undefined ? '' : `, ${speaker}`}`;
}
