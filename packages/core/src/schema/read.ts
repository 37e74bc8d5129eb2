import { areasAround, FORMAT, fitScalar, type Element, type Id, type Project } from '../model';
import { changed, componentById } from '../component';
import { elementSchema } from './elements';
import { projectSchema } from './joi';

/** Where a document is wrong and why, in words for the person who opened it. */
export interface Problem {
  /** Such as `screens[2].elements[0].place`, or `line 12, column 4`. */
  place: string;
  reason: string;
}

export type ReadResult = { project: Project } | { problems: Problem[] };

/** The largest document that is read, in characters, and the deepest nesting. */
export const LARGEST = 50_000_000;
export const DEEPEST = 40;

/** Reads a project document from text. Nothing comes of it unless all of it is right. */
export function readProject(text: string): ReadResult {
  if (text.length > LARGEST)
    return problem('the whole file', `It is larger than ${LARGEST / 1_000_000} million characters.`);
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
    return problem(
      'the whole file',
      'It is not a Tavu project: a project is an object with a “format” number.',
    );
  const { format } = value;
  if (typeof format !== 'number') return problem('format', 'It should be a number.');
  if (format > FORMAT)
    return problem(
      'format',
      `It is format ${format}; this version reads up to ${FORMAT}. Open it with a newer Tavu.`,
    );
  const current = migrate(value as Record<string, unknown>, format);
  const { error } = projectSchema.validate(current, { convert: false, abortEarly: false });
  if (error) return { problems: error.details.slice(0, 20).map(toProblem) };
  const project = current as unknown as Project;
  const problems = integrity(project);
  return problems.length > 0 ? { problems } : { project };
}

/** What older formats lack is filled in. */
function migrate(value: Record<string, unknown>, format: number): Record<string, unknown> {
  const known = format === 1 ? { values: [], areas: [], ...value } : value;
  return format < FORMAT ? { ...known, format: FORMAT } : known;
}

const problem = (place: string, reason: string): ReadResult => ({ problems: [{ place, reason }] });

function syntaxProblem(text: string, error: Error): Problem {
  const position = faultAt(text, error);
  const before = text.slice(0, position).split('\n');
  const place = `line ${before.length}, column ${before.at(-1)!.length + 1}`;
  if (text.trim() === '') return { place, reason: 'The file is empty.' };
  if (position >= text.trimEnd().length)
    return { place, reason: 'The file ends in the middle. It may not have been copied whole.' };
  return {
    place,
    reason: `This is not JSON: “${text.slice(position, position + 12).split('\n')[0]}” cannot stand here.`,
  };
}

/** Where the text stops being JSON. Engines say so in different words, or not at all; then the text is halved until it shows. */
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
  if (depth > DEEPEST) return { place, reason: `It is nested more than ${DEEPEST} deep.` };
  for (const key of Object.keys(value)) {
    const here = Array.isArray(value) ? `${place}[${key}]` : place === '' ? key : `${place}.${key}`;
    if (key === '__proto__' || key === 'constructor' || key === 'prototype')
      return { place: here, reason: `A key named “${key}” is not allowed.` };
    const found = findUnsafe((value as Record<string, unknown>)[key], here, depth + 1);
    if (found) return found;
  }
  return null;
}

interface Detail {
  message: string;
  path: (string | number)[];
}

function toProblem({ message, path }: Detail): Problem {
  const place = path.map((part) => (typeof part === 'number' ? `[${part}]` : `.${part}`)).join('');
  // Joi's messages begin with the quoted path, which stands in `place` already.
  return {
    place: place.replace(/^\./, '') || 'the whole file',
    reason: message.replace(/^"[^"]*" /, 'It ').slice(0, 300),
  };
}

/** What a schema cannot say: ids are unique, and no element holds itself. */
function integrity(project: Project): Problem[] {
  const problems: Problem[] = [];
  const unique = (items: readonly { id: Id }[], place: string): void => {
    const seen = new Set<Id>();
    items.forEach(({ id }, i) => {
      if (seen.has(id)) problems.push({ place: `${place}[${i}].id`, reason: `“${id}” is used twice.` });
      seen.add(id);
    });
  };
  unique(project.screens, 'screens');
  unique(project.links, 'links');
  unique(project.actions, 'actions');
  unique(project.events, 'events');
  unique(project.assets, 'assets');
  unique(project.values, 'values');
  unique(project.areas, 'areas');
  project.values.forEach((value, i) => {
    if (fitScalar(value, value.default) === null)
      problems.push({ place: `values[${i}].default`, reason: `It cannot stand in ${value.name}.` });
  });
  project.areas.forEach((area, i) => {
    const around = areasAround(project, area.parent);
    if (around.includes(area.id))
      problems.push({ place: `areas[${i}].parent`, reason: 'The area holds itself.' });
  });
  unique(project.components ?? [], 'components');
  unique(project.styles.colours ?? [], 'styles.colours');
  const held: [string, { elements: Element[] }[]][] = [
    ['screens', project.screens],
    ['components', project.components ?? []],
  ];
  for (const [list, owners] of held)
    owners.forEach((owner, i) => {
      const place = `${list}[${i}].elements`;
      problems.push(...inCircles(owner, place), ...badChanges(project, owner, place));
    });
  return problems;
}

/** Ids of elements are unique on their screen, and none holds itself. */
function inCircles({ elements }: { elements: Element[] }, place: string): Problem[] {
  const problems: Problem[] = [];
  const parents = new Map<Id, Id | null>();
  elements.forEach(({ id, parent }, i) => {
    if (parents.has(id)) problems.push({ place: `${place}[${i}].id`, reason: `“${id}” is used twice.` });
    parents.set(id, parent);
  });
  elements.forEach((element, j) => {
    const seen = new Set<Id>([element.id]);
    for (let up = element.parent; up !== null; up = parents.get(up) ?? null) {
      if (seen.has(up)) {
        problems.push({ place: `${place}[${j}].parent`, reason: 'The element holds itself.' });
        return;
      }
      seen.add(up);
    }
  });
  return problems;
}

/** What a place says otherwise of its component's elements has to leave them elements. */
function badChanges(project: Project, { elements }: { elements: Element[] }, place: string): Problem[] {
  return elements.flatMap((element, i) => {
    if (element.type !== 'component' || !element.changes) return [];
    const inner = componentById(project, element.component)?.elements ?? [];
    return Object.entries(element.changes).flatMap(([id, change]) => {
      const own = inner.find((each) => each.id === id);
      const wrong = own && elementSchema.validate(changed(own, change), { convert: false }).error;
      return wrong
        ? [
            {
              place: `${place}[${i}].changes.${id}`,
              reason: 'It says something that cannot be said of that element.',
            },
          ]
        : [];
    });
  });
}
