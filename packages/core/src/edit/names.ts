import { fieldUses, renameIn } from '../expression';
import { renameInText } from '../message';
import { byId, freeName, identifierOf, type Id, type Project, valuesOf, withId } from '../model';
import {
  ownerNames,
  placesOf,
  put,
  scopeAround,
  type Around,
  type ExpressionPlace,
  type TextPlace,
} from '../references';
import { asWritten } from './parts';

/** Names that expressions and texts call things by, and what is rewritten when one is called otherwise. */

type Naming = ExpressionPlace | TextPlace;

const namingPlaces = (project: Project): Naming[] => placesOf(project, { only: ['expression', 'text'] });

const names = (place: Naming, identifier: string): boolean =>
  place.text.includes(identifier) && (place.is === 'expression' || place.message);

const has = (things: readonly { name: string }[], identifier: string): boolean =>
  things.some((thing) => identifierOf(thing.name) === identifier);

/** A field of the event, or a parameter, is nearer than a value of the same name. */
const hides = ({ fields, parameters }: Around, identifier: string): boolean =>
  has(fields, identifier) || has(parameters, identifier);

function rewrite(draft: Project, place: Naming, what: 'name' | 'screen', from: string, to: string): void {
  const now =
    place.is === 'expression'
      ? renameIn(place.text, what, from, to, fieldsIn(draft, place))
      : what === 'name'
        ? renameInText(place.text, from, to)
        : place.text;
  if (now !== place.text) put(draft, place.path, now);
}

/** Where fields of rows are named in an expression: no other name stands there. */
const fieldsIn = (project: Project, { text, around }: ExpressionPlace): ReadonlySet<number> =>
  new Set(
    project.lists ? fieldUses(text, scopeAround(asWritten(project), around)).map(({ from }) => from) : [],
  );

/**
 * A name that can be told from all that are taken, by what stands for it in expressions: a number is added where it cannot.
 * `nearby` are identifiers that would mean something else from then on.
 */
export function freeIdentifier(
  name: string,
  taken: readonly string[],
  nearby: ReadonlySet<string> = new Set(),
): string {
  const used = new Set([...taken.map(identifierOf), ...nearby]);
  let now = freeName(name, taken);
  for (const tried = [...taken]; used.has(identifierOf(now)); now = freeName(name, tried)) tried.push(now);
  return now;
}

/** What the names around places could be taken for. */
function namedAround(places: readonly Naming[]): Set<string> {
  return new Set(
    places.flatMap(({ around }) =>
      [...around.parameters, ...around.fields].map((nearby) => identifierOf(nearby.name)),
    ),
  );
}

/** All that could be a name in some places. */
function saidIn(places: readonly Naming[]): Set<string> {
  const said = new Set<string>();
  for (const { text } of places)
    for (const [word] of text.matchAll(/[\p{L}_$][\p{L}\p{N}_$]*/gu)) said.add(word);
  return said;
}

/** Calls a screen otherwise: expressions go on meaning it. Gives the name it has then. */
export function renameScreen(draft: Project, id: Id, name: string): string {
  const project = asWritten(draft);
  const from = byId(project.screens).get(id)!.name;
  const others = project.screens.filter((screen) => screen.id !== id).map((screen) => screen.name);
  const to = freeIdentifier(name, others);
  const short = identifierOf(from);
  for (const place of placesOf(project, { only: ['expression'] }))
    if (place.text.includes(short) || place.text.toLowerCase().includes(from.toLowerCase()))
      rewrite(draft, place, 'screen', from, to);
  return to;
}

/** Calls a value otherwise: expressions and texts go on meaning it, in every language. Gives the name it has then. */
export function renameValue(draft: Project, id: Id, name: string): string {
  const project = asWritten(draft);
  const from = byId(project.values).get(id)!.name;
  const old = identifierOf(from);
  const places = namingPlaces(project).filter(
    (namingPlace) => names(namingPlace, old) && !hides(namingPlace.around, old),
  );
  const to = freeIdentifier(name, namesOfValues(project, id), namedAround(places));
  for (const place of places) rewrite(draft, place, 'name', from, to);
  return to;
}

/** Calls a list otherwise: expressions go on meaning it. Gives the name it has then. */
export function renameList(draft: Project, id: Id, name: string): string {
  const project = asWritten(draft);
  const from = byId(project.lists).get(id)!.name;
  const old = identifierOf(from);
  const places = placesOf(project, { only: ['expression'] }).filter(
    (place) => place.text.includes(old) && !hides(place.around, old),
  );
  const to = freeIdentifier(
    name,
    namesOfValues(project, id),
    new Set([...namedAround(places), ...LIST_WORDS]),
  );
  for (const place of places) rewrite(draft, place, 'name', from, to);
  return to;
}

/** What a list cannot be called, since expressions have another use for it. */
export const LIST_WORDS: ReadonlySet<string> = new Set(['row', 'true', 'false']);

/** What values and lists are called, but one: none of them can go by the name of another. */
export const namesOfValues = (project: Project, but?: Id): string[] =>
  [...valuesOf(project), ...(project.lists ?? [])].flatMap(({ id, name }) => (id === but ? [] : [name]));

/** Calls a field of a list's rows otherwise. Gives the name it has then. */
export function renameListField(draft: Project, list: Id, field: Id, name: string): string {
  const project = asWritten(draft);
  const { fields } = byId(project.lists).get(list)!;
  const others = fields.filter((other) => other.id !== field).map((item) => item.name);
  const places = placesOf(project, { only: ['expression'] }).flatMap((place) => {
    const uses = fieldUses(place.text, scopeAround(project, place.around));
    return uses.some((use) => use.list === list) ? [{ place, uses }] : [];
  });
  const from = withId(fields, field)!.name;
  const nearby = saidIn(places.map(({ place }) => place));
  nearby.delete(identifierOf(from));
  const to = freeIdentifier(name, others, nearby);
  for (const { place, uses } of places) {
    const own = uses.filter((use) => use.list === list && use.field === field);
    const now = own.reduceRight(
      (text, at) => text.slice(0, at.from) + identifierOf(to) + text.slice(at.to),
      place.text,
    );
    if (now !== place.text) put(draft, place.path, now);
  }
  return to;
}

interface Told {
  id: Id;
  parameters?: readonly { id: Id; name: string }[];
}

/**
 * Calls a parameter of a screen, component or routine otherwise. Gives the name it has then: the old one where a component or
 * routine by that name means something else on another screen too.
 */
export function renameParameter(draft: Project, owner: Told, parameter: Id, name: string): string {
  const project = asWritten(draft);
  const parameters = owner.parameters ?? [];
  const from = withId(parameters, parameter)!.name;
  if (boundBy(project, owner, from) !== null) return from;
  const old = identifierOf(from);
  const places = placesWithin(project, owner.id, old);
  const others = parameters.filter((other) => other.id !== parameter).map((item) => item.name);
  // Under the new name it would hide a value here, or be hidden by a nearer field.
  const nearby = new Set([...saidIn(places), ...namedAround(places)]);
  nearby.delete(old);
  const to = freeIdentifier(name, others, nearby);
  for (const place of places) if (names(place, old)) rewrite(draft, place, 'name', from, to);
  return to;
}

/** Where a parameter of an owner of this name can be named: on it, and in what comes to be shown on it. */
function placesWithin(project: Project, owner: Id, name: string): Naming[] {
  const within = shownOn(project, owner);
  return namingPlaces(project).filter(({ around }) => {
    if (has(around.fields, name)) return false;
    return around.of === owner || (within.has(around.of ?? '') && !has(around.parameters, name));
  });
}

/**
 * The component or routine, by name, that calls a parameter of a screen by a name which means something else where it is shown
 * too; null when there is none, and the parameter can be called otherwise.
 */
export function boundBy(project: Project, owner: Told, name: string): string | null {
  const old = identifierOf(name);
  const naming = placesWithin(project, owner.id, old).filter(
    (other) => names(other, old) && other.around.of !== null && other.around.of !== owner.id,
  );
  if (naming.length === 0) return null;
  const known = has(valuesOf(project), old);
  for (const other of project.screens) {
    if (other.id === owner.id || !(known || has(other.parameters ?? [], old))) continue;
    const shown = shownOn(project, other.id);
    const shared = naming.find(({ around }) => shown.has(around.of!));
    if (shared) return ownerNames(project).get(shared.around.of!) ?? null;
  }
  return null;
}

/** Calls a field of an event otherwise. Gives the name it has then. */
export function renameField(draft: Project, event: Id, field: Id, name: string): string {
  const project = asWritten(draft);
  const fields = byId(project.events).get(event)!.fields!;
  const from = withId(fields, field)!.name;
  const old = identifierOf(from);
  const places = namingPlaces(project).filter((namingPlace) => namingPlace.around.event === event);
  const others = fields.filter((other) => other.id !== field).map((item) => item.name);
  const nearby = saidIn(places);
  nearby.delete(old);
  const to = freeIdentifier(name, others, nearby);
  for (const place of places) if (names(place, old)) rewrite(draft, place, 'name', from, to);
  return to;
}

/**
 * The components and routines that come to be said on a screen, or within a component: they can name its parameters
 * too.
 */
function shownOn(project: Project, owner: Id): ReadonlySet<Id> {
  const holds = new Map<Id, Id[]>();
  const note = (by: Id, id: Id): void => void holds.set(by, [...(holds.get(by) ?? []), id]);
  const screenOf = new Map(
    (project.conversations ?? []).map((conversation) => [conversation.id, conversation.screen]),
  );
  for (const { of, id, owner: by } of placesOf(project, { only: ['id'] })) {
    if (of === 'component') note(by, id);
    if (of === 'routine') note(screenOf.get(by) ?? by, id);
  }
  const found = new Set<Id>();
  for (const next = [...(holds.get(owner) ?? [])]; next.length > 0;) {
    const id = next.pop()!;
    if (found.has(id)) continue;
    found.add(id);
    next.push(...(holds.get(id) ?? []));
  }
  return found;
}

/** Steps go on meaning an element of a screen that is called otherwise, and motions one of its name. */
export function renameElement(draft: Project, screen: Id, from: string, to: string): void {
  const project = asWritten(draft);
  const calls = shownOn(project, screen);
  for (const { of, id, within, owner, path } of placesOf(project, { only: ['id'] }))
    if (of === 'element name' && id === from && (within === screen || calls.has(owner))) put(draft, path, to);
}
