import { areasAround, byId, FORMAT, fitScalar, type Element, type Id, type Project } from '../model';
import { changed, componentById } from '../component';
import { MAX_ITEMS, MAX_LINKS, pastLimits } from '../limits';
import { eachPlace } from '../references';
import { elementSchema } from './elements';
import { refusal, type Problem, type Refusal } from '../refusal';
import { explain, placeOf, type Detail } from './explain';
import { migrate } from './migrate';

import { frameSchema, itemSchemas } from './joi';

export type ReadResult = { project: Project } | { problems: Problem[] };

/** The largest document that is read, in characters, and the deepest nesting. */
export const LARGEST = 50_000_000;
export const DEEPEST = 40;

/** Reads a project document from text. Nothing comes of it unless all of it is right. */
export function readProject(text: string): ReadResult {
  if (text.length > LARGEST)
    return problem('the whole file', refusal('too many characters', { max: LARGEST }));
  let value: unknown;
  try {
    value = JSON.parse(text);
  } catch (error) {
    return { problems: [syntaxProblem(text, error as Error)] };
  }
  return readDocument(value);
}

/** Reads a project document that has been parsed already, such as one kept in the browser. */
export function readDocument(value: unknown): ReadResult {
  const unsafe = findUnsafe(value, '', 0);
  if (unsafe) return { problems: [unsafe] };
  if (typeof value !== 'object' || value === null || Array.isArray(value) || !('format' in value))
    return problem('the whole file', refusal('no project'));
  const { format } = value;
  if (typeof format !== 'number') return problem('format', refusal('no number'));
  if (format > FORMAT) return problem('format', refusal('newer format', { format, known: FORMAT }));
  const current = migrate(value as Record<string, unknown>, format);
  const wrong = shapeProblems(current);
  if (wrong.length > 0) return { problems: wrong };
  const project = current as unknown as Project;
  const past = pastLimits(project);
  const problems = [...integrity(project), ...(past ? [past] : [])];
  return problems.length > 0 ? { problems: problems.slice(0, MAX_PROBLEMS) } : { project };
}

/** How many problems are told of: more would not be read. */
const MAX_PROBLEMS = 20;
const OPTIONS = { convert: false, abortEarly: false } as const;

/** What is wrong by the schema: first the document itself, then each thing in its lists, until enough is found. */
function shapeProblems(document: Record<string, unknown>): Problem[] {
  const { error } = frameSchema.validate(document, OPTIONS);
  const problems = error?.details.map((detail) => explain(detail as Detail)) ?? [];
  for (const [list, schema] of itemSchemas) {
    const things = document[list];
    if (!Array.isArray(things) || problems.some(({ place }) => place === list)) continue;
    for (const [i, thing] of things.entries()) {
      if (problems.length >= MAX_PROBLEMS) break;
      const found = schema.validate(thing, OPTIONS).error;
      if (found) problems.push(...found.details.map((detail) => explain(detail as Detail, [list, i])));
    }
  }
  return problems.slice(0, MAX_PROBLEMS);
}

const problem = (place: string, why: Refusal): ReadResult => ({ problems: [{ ...why, place }] });

function syntaxProblem(text: string, error: Error): Problem {
  const position = faultAt(text, error);
  const before = text.slice(0, position).split('\n');
  const place = `line ${before.length}, column ${before.at(-1)!.length + 1}`;
  if (text.trim() === '') return { ...refusal('empty'), place };
  if (position >= text.trimEnd().length) return { ...refusal('cut short'), place };
  const [found = ''] = text.slice(position, position + 12).split('\n');
  return { ...refusal('no JSON', { text: found }), place };
}

/**
 * Where the text stops being JSON. Engines say so in different words, or not at all; then the text is halved until it
 * shows.
 */
function faultAt(text: string, error: Error): number {
  const said = /position (\d+)/.exec(error.message)?.[1];
  if (said !== undefined) return Number(said);
  if (ENDS_EARLY.test(error.message)) return text.length;
  let good = 0;
  let bad = text.length;
  while (bad - good > 1) {
    const middle = (good + bad) >> 1;
    if (couldGoOn(text.slice(0, middle))) good = middle;
    else bad = middle;
  }
  return good;
}

const ENDS_EARLY = /end of (JSON|data)|unterminated/i;

function couldGoOn(text: string): boolean {
  try {
    JSON.parse(text);
    return true;
  } catch (error) {
    return ENDS_EARLY.test((error as Error).message);
  }
}

/** Keys that reach into JavaScript itself, and nesting that no project has. */
function findUnsafe(value: unknown, place: string, depth: number): Problem | null {
  if (typeof value !== 'object' || value === null) return null;
  if (depth > DEEPEST) return { ...refusal('too deep', { max: DEEPEST }), place };
  if (Array.isArray(value)) {
    const max = place === 'links' ? MAX_LINKS : MAX_ITEMS;
    if (value.length > max) return { ...refusal('too many', { max, has: value.length }), place };
    for (let i = 0; i < value.length; i++) {
      const found = findUnsafe(value[i], `${place}[${i}]`, depth + 1);
      if (found) return found;
    }
    return null;
  }
  for (const key of Object.keys(value)) {
    const here = place === '' ? key : `${place}.${key}`;
    if (key === '__proto__' || key === 'constructor' || key === 'prototype')
      return { ...refusal('forbidden key', { key }), place: here };
    const found = findUnsafe((value as Record<string, unknown>)[key], here, depth + 1);
    if (found) return found;
  }
  return null;
}

/** What a schema cannot say: ids are unique, and nothing holds itself. */
function integrity(project: Project): Problem[] {
  const problems = twins(project);
  project.values.forEach((value, i) => {
    if (fitScalar(value, value.default) === null)
      problems.push({ ...refusal('no fit', { name: value.name }), place: `values[${i}].default` });
  });
  project.areas.forEach((area, i) => {
    const around = areasAround(project, area.parent);
    if (around.includes(area.id))
      problems.push({ ...refusal('holds itself', { what: 'area' }), place: `areas[${i}].parent` });
  });
  const languages = new Set<string>();
  project.languages?.forEach(({ code }, i) => {
    if (languages.has(code))
      problems.push({ ...refusal('there twice', { text: code }), place: `languages[${i}].code` });
    languages.add(code);
  });
  const held: [string, { elements: Element[] }[]][] = [
    ['screens', project.screens],
    ['components', project.components ?? []],
  ];
  for (const [list, owners] of held)
    owners.forEach((owner, i) => {
      const place = `${list}[${i}].elements`;
      problems.push(...inCircles(owner, place), ...badChanges(project, owner, [list, i, 'elements']));
    });
  return problems;
}

/** Things that are told apart by one id although they are of different sorts, since either may stand in one place. */
const TOGETHER: Record<string, string> = {
  screen: 'source',
  area: 'source',
  component: 'source',
  event: 'teller',
  list: 'teller',
  conversation: 'talk',
  routine: 'talk',
};

/** Ids that are used twice, wherever one stands. */
function twins(project: Project): Problem[] {
  const problems: Problem[] = [];
  const seen = new Set<string>(['source,,project']);
  const doubled = new Set<Id>();
  eachPlace(
    project,
    ({ is, path, ...place }) => {
      if (is !== 'own' || !('of' in place) || place.of === 'section') return;
      const key = [TOGETHER[place.of] ?? place.of, place.within ?? '', place.id].join();
      // Problems inside a duplicate are not reported again.
      if (doubled.has(place.within?.split(' ')[0] ?? '')) return;
      if (seen.has(key)) {
        problems.push({ ...refusal('used twice', { id: place.id }), place: placeOf(path) });
        doubled.add(place.id);
      }
      seen.add(key);
    },
    { only: ['own'] },
  );
  return problems;
}

/** Elements that hold themselves. Each is followed up to one that is known to be held by none of those it holds. */
function inCircles({ elements }: { elements: Element[] }, place: string): Problem[] {
  const problems: Problem[] = [];
  const known = byId(elements);
  const fine = new Set<Id>();
  elements.forEach((element, i) => {
    const way: Id[] = [];
    const seen = new Set<Id>();
    for (let at: Element | undefined = element; at && !fine.has(at.id); at = known.get(at.parent ?? '')) {
      if (seen.has(at.id)) {
        problems.push({ ...refusal('holds itself', { what: 'element' }), place: `${place}[${i}].parent` });
        return;
      }
      seen.add(at.id);
      way.push(at.id);
    }
    for (const id of way) fine.add(id);
  });
  return problems;
}

/** An element with its overrides applied has to be valid. */
function badChanges(
  project: Project,
  { elements }: { elements: Element[] },
  path: readonly (string | number)[],
): Problem[] {
  return elements.flatMap((element, i) => {
    if (element.type !== 'component' || !element.changes) return [];
    const inner = byId(componentById(project, element.component)?.elements);
    return Object.entries(element.changes).flatMap(([id, change]) => {
      const own = inner.get(id);
      const wrong = own && elementSchema.validate(changed(own, change), OPTIONS).error;
      return (wrong?.details ?? []).map((detail) => explain(detail as Detail, [...path, i, 'changes', id]));
    });
  });
}
