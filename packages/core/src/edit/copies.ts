import { elementOf } from '../triggers';
import {
  byId,
  childrenOf,
  FORMAT,
  freeName,
  freshId,
  identifierOf,
  type Element,
  type Id,
  type Link,
  type Project,
  type Screen,
  type Cue,
} from '../model';
import { namesIn } from '../message';
import { placesOf, type Thing } from '../references';
import { freeNameIn, ownerById, type Owner } from './owners';
import { asWritten, copyOf } from './parts';
import { carryTexts, Fresh, renewed } from './renew';

/** The lists of a project, and what stands in them. */
const LISTS = {
  screen: 'screens',
  link: 'links',
  area: 'areas',
  component: 'components',
  action: 'actions',
  event: 'events',
  value: 'values',
  motion: 'motions',
  asset: 'assets',
  speaker: 'speakers',
  conversation: 'conversations',
  routine: 'routines',
} as const satisfies Partial<Record<Thing, keyof Project>>;
type Listed = keyof typeof LISTS;
const STYLES = { 'text style': 'text', 'box style': 'box', colour: 'colours' } as const;

/**
 * Some screens as a small project of their own: with the links that set out from them, and all that those name, by id in any
 * place and by name in expressions and texts. Links to screens left behind become gaps with their names.
 */
export function takeScreens(project: Project, ids: readonly Id[]): Project {
  const whole = asWritten(project);
  const known = Object.fromEntries(
    Object.entries(LISTS).map(([of, list]) => [of, byId(whole[list] as { id: Id }[] | undefined)]),
  ) as Record<Listed, ReadonlyMap<Id, { id: Id }>>;
  const styles = Object.fromEntries(
    Object.entries(STYLES).map(([of, list]) => [of, byId<{ id: Id }>(whole.styles[list])]),
  ) as Record<keyof typeof STYLES, ReadonlyMap<Id, { id: Id }>>;
  const values = new Map(whole.values.map((each) => [identifierOf(each.name), each.id]));

  const chosen = new Set(ids);
  const taken = new Map<string, Set<Id>>();
  const has = (of: Thing, id: Id): boolean => taken.get(of)?.has(id) ?? false;
  let next: { of: Listed | keyof typeof STYLES; id: Id }[] = [];
  const take = (of: Thing, id: Id): void => {
    const list =
      of in LISTS ? known[of as Listed] : of in STYLES ? styles[of as keyof typeof STYLES] : undefined;
    if (!list?.has(id) || has(of, id) || (of === 'screen' && !chosen.has(id))) return;
    taken.set(of, (taken.get(of) ?? new Set()).add(id));
    next.push({ of: of as Listed, id });
  };
  const takeNamed = (names: Iterable<string>): void => {
    for (const name of names) {
      const value = values.get(name);
      if (value !== undefined) take('value', value);
    }
  };
  for (const id of ids) take('screen', id);
  while (next.length > 0) {
    const part = partOf(whole, next);
    next = [];
    for (const { id } of part.links ?? []) take('link', id);
    for (const place of placesOf(whole, { part, untranslated: true })) {
      if (place.is === 'id') take(place.of, place.id);
      if (place.is === 'expression') takeNamed(place.text.match(/[\p{L}_$][\p{L}\p{N}_$]*/gu) ?? []);
      if (place.is === 'text' && place.message) takeNamed(namesIn(place.text));
    }
  }
  return cutOut(whole, has);
}

/** Some things as a part of a project, with the links that set out from them. */
function partOf(
  project: Project,
  things: readonly { of: Listed | keyof typeof STYLES; id: Id }[],
): Partial<Project> {
  const wanted = new Map<string, Set<Id>>();
  for (const { of, id } of things) wanted.set(of, (wanted.get(of) ?? new Set()).add(id));
  const pick = <T extends { id: Id }>(of: Thing, list: readonly T[] | undefined): T[] =>
    list?.filter(({ id }) => wanted.get(of)?.has(id)) ?? [];
  const lists = Object.entries(LISTS).map(([of, list]) => [
    list,
    pick(of as Thing, project[list] as { id: Id }[]),
  ]);
  const sources = new Set([...(wanted.get('screen') ?? []), ...(wanted.get('component') ?? [])]);
  const { text, box, colours } = project.styles;
  return {
    ...Object.fromEntries(lists),
    links: project.links.filter(({ from }) => sources.has(from)),
    styles: { text: pick('text style', text), box: pick('box style', box), colours: pick('colour', colours) },
  };
}

function cutOut(project: Project, has: (of: Thing, id: Id) => boolean): Project {
  const { styles } = project;
  const of = <T extends { id: Id }>(thing: Thing, list: readonly T[]): T[] =>
    copyOf(list.filter(({ id }) => has(thing, id)));
  const taken: Project = { ...project, format: FORMAT };
  for (const [thing, list] of Object.entries(LISTS)) {
    const held = project[list] as { id: Id }[] | undefined;
    const kept = of(thing as Thing, held ?? []);
    // What may be absent is, where nothing is in it.
    if (kept.length > 0 || ALWAYS.has(list)) Object.assign(taken, { [list]: kept });
    else delete taken[list];
  }
  taken.start = has('screen', project.start ?? '') ? project.start : null;
  taken.styles = {
    text: of('text style', styles.text),
    box: of('box style', styles.box),
    ...(styles.colours ? { colours: of('colour', styles.colours) } : {}),
  };
  const names = byId(project.screens);
  for (const link of taken.links)
    if (link.to && 'screen' in link.to && !has('screen', link.to.screen))
      link.to = { gap: names.get(link.to.screen)?.name ?? 'Somewhere' };
  return { ...taken, ...textsOf(project, taken) };
}

const ALWAYS: ReadonlySet<keyof Project> = new Set([
  'screens',
  'links',
  'areas',
  'actions',
  'events',
  'values',
  'assets',
]);

/** What some of a project's texts are in other languages. */
function textsOf(project: Project, taken: Project): Pick<Project, 'texts' | 'translated' | 'wordings'> {
  const keys = new Set(placesOf(taken, { only: ['text'], untranslated: true }).map(({ key }) => key));
  const kept = <T>(byKey: Record<string, T>): Record<string, T> =>
    Object.fromEntries(Object.entries(byKey).filter(([key]) => keys.has(key)));
  const everywhere = <T>(byCode: Record<string, Record<string, T>>): Record<string, Record<string, T>> =>
    Object.fromEntries(Object.entries(byCode).map(([code, byKey]) => [code, kept(byKey)]));
  const { texts, translated, wordings } = project;
  return {
    ...(texts ? { texts: everywhere(texts) } : {}),
    ...(translated ? { translated: everywhere(translated) } : {}),
    ...(wordings ? { wordings: kept(wordings) } : {}),
  };
}

/** A screen of nothing, that elements are carried on. */
const BARE = { kind: 'custom', layer: 'base', background: { colour: '#00000000' } } as const;
const rootOf = (path: Id): Id => path.split('/')[0]!;

/**
 * Some elements of a screen or component as a small project: one screen with them, all they hold, and the links that
 * pressing them sets off.
 */
export function takeElements(project: Project, screen: Id, ids: readonly Id[]): Project | null {
  const owner = ownerById(project, screen);
  if (!owner) return null;
  const chosen = new Set(ids.flatMap((id) => childrenOf(owner, id).map((each) => each.id)));
  const elements = owner.elements
    .filter((each) => chosen.has(each.id))
    .map((each) => (chosen.has(each.parent ?? '') ? each : { ...each, parent: null }));
  const bare: Screen = { ...BARE, id: owner.id, name: owner.name, elements };
  const links = project.links.filter(
    ({ from, cue }) => from !== screen || isPressed(cue, (id) => chosen.has(id)),
  );
  const screens = [bare, ...project.screens.filter((each) => each.id !== screen)];
  const taken = takeScreens({ ...project, screens, links }, [screen]);
  return { ...taken, start: null };
}

/** Puts elements taken from this or another project on a screen. Gives the ids of those that nothing else of them holds. */
export function pasteElements(project: Project, screen: Id, from: Project): Id[] {
  const owner = ownerById(project, screen);
  const [source] = from.screens;
  if (!owner || !source) return [];
  const fresh = joinShared(project, from);
  fresh.set('screen', source.id, owner.id);
  for (const { id } of source.elements) fresh.set('element', id, freshId('e'), source.id);
  const only = { ...from, screens: [source] };
  const copy = renewed(only, fresh, only);
  putShared(project, copy);
  const { elements } = copy.screens[0]!;
  putIn(owner, elements);
  for (const link of copy.links)
    if (link.from === owner.id) {
      backHome(project, link);
      project.links.push({ ...link, id: freshId('l') });
    }
  carryTexts(project, { part: only, whole: only }, { part: copy, whole: copy });
  return elements.flatMap(({ id }, i) => (source.elements[i]!.parent === null ? [id] : []));
}

/** What was left behind is here under its name, perhaps. */
function backHome(project: Project, link: Link): void {
  const { to } = link;
  const there =
    to && 'gap' in to && project.screens.find((each) => each.name.toLowerCase() === to.gap.toLowerCase());
  if (there) link.to = { screen: there.id };
}

/** What comes with screens and elements, by its letter; what is here under the same name is taken for the same. */
const SHARED = {
  action: 'a',
  event: 'g',
  value: 'v',
  area: 'r',
  motion: 'm',
  component: 'k',
  speaker: 'p',
  routine: 'r',
  conversation: 'c',
} as const satisfies Partial<Record<Listed, string>>;

type Named = { id: Id; name: string; direction?: string };
const sameName = (a: Named, b: Named): boolean =>
  a.name.toLowerCase() === b.name.toLowerCase() && a.direction === b.direction;

/** What each id of another project will be called here. */
function joinShared(project: Project, from: Project): Fresh {
  const fresh = new Fresh();
  const join = (
    of: Thing,
    prefix: string,
    here: readonly Named[],
    there: readonly Named[],
    same: (a: Named, b: Named) => boolean = sameName,
  ): void => {
    for (const thing of there) {
      const known = here.find((each) => same(each, thing));
      const free = here.every((each) => each.id !== thing.id);
      fresh.set(of, thing.id, known?.id ?? (free ? thing.id : freshId(prefix)));
    }
  };
  for (const [of, prefix] of Object.entries(SHARED)) {
    const list = LISTS[of as keyof typeof SHARED];
    join(of as Thing, prefix, project[list] ?? [], from[list] ?? []);
  }
  join('asset', 'i', project.assets, from.assets, (a, b) => a.id === b.id);
  join('text style', 't', project.styles.text, from.styles.text);
  join('box style', 'b', project.styles.box, from.styles.box);
  join('colour', 'c', project.styles.colours ?? [], from.styles.colours ?? []);
  return fresh;
}

/** Puts in what is not here yet of what screens and elements use, with components' own links. */
function putShared(project: Project, copy: Project): void {
  const add = <T extends { id: Id }>(into: T[], things: readonly T[] | undefined): T[] => {
    const known = new Set(into.map((each) => each.id));
    const added = things?.filter((each) => !known.has(each.id)) ?? [];
    into.push(...added);
    return added;
  };
  const { styles } = project;
  for (const key of ['actions', 'events', 'values', 'areas', 'assets'] as const)
    add<{ id: Id }>(project[key], copy[key]);
  for (const key of ['motions', 'speakers', 'routines', 'conversations'] as const)
    if (copy[key]?.length) add<{ id: Id }>((project[key] ??= []), copy[key]);
  add(styles.text, copy.styles.text);
  add(styles.box, copy.styles.box);
  if (copy.styles.colours?.length) add((styles.colours ??= []), copy.styles.colours);
  if (!copy.components?.length) return;
  const made = new Set(add((project.components ??= []), copy.components).map((each) => each.id));
  for (const link of copy.links) if (made.has(link.from)) project.links.push({ ...link, id: freshId('l') });
}

/**
 * Puts screens into a project, with fresh ids and free names. What they use is taken for what goes by the same name here; the
 * rest comes too. Returns the ids of the new screens.
 */
export function putScreens(project: Project, from: Project): Id[] {
  const fresh = joinShared(project, from);
  for (const { id, elements, parameters = [], outcomes = [] } of from.screens) {
    fresh.set('screen', id, freshId('s'));
    for (const each of elements) fresh.set('element', each.id, freshId('e'), id);
    for (const each of parameters) fresh.set('parameter', each.id, freshId('q'), id);
    for (const each of outcomes) fresh.set('outcome', each.id, freshId('o'), id);
  }
  // A link's words go by its id in other languages.
  const components = new Set(from.components?.map((each) => each.id));
  for (const { id, from: source } of from.links)
    if (!components.has(source)) fresh.set('link', id, freshId('l'));
  const copy = renewed(from, fresh, from);
  putShared(project, copy);
  const names = project.screens.map((screen) => screen.name);
  const made = copy.screens.map((screen) => {
    screen.name = freeName(screen.name, names);
    delete screen.order;
    names.push(screen.name);
    project.screens.push(screen);
    return screen.id;
  });
  const ids = new Set(made);
  for (const link of copy.links) {
    if (!ids.has(link.from)) continue;
    backHome(project, link);
    project.links.push(link);
  }
  carryTexts(project, { part: from, whole: from }, { part: copy, whole: copy });
  project.start ??= project.screens.find((screen) => screen.layer === 'base')?.id ?? null;
  return made;
}

/** Copies of elements beside the originals on their own screen or component, with the links that pressing them sets off. */
export function copyElements(project: Project, screen: Id, ids: readonly Id[]): Element[] {
  const owner = ownerById(project, screen)!;
  const whole = asWritten(project);
  const held = ownerById(whole, screen)!.elements.filter((each) => ids.includes(each.id));
  const part = {
    screens: [{ ...BARE, id: screen, name: owner.name, elements: held }],
    links: whole.links.filter(({ from, cue }) => from === screen && isPressed(cue, (id) => ids.includes(id))),
  };
  const fresh = new Fresh();
  for (const { id } of held) fresh.set('element', id, freshId('e'), screen);
  for (const { id } of part.links) fresh.set('link', id, freshId('l'));
  const copy = renewed(part, fresh, whole);
  const { elements } = copy.screens[0]!;
  putIn(owner, elements);
  project.links.push(...copy.links);
  carryTexts(project, { part, whole }, { part: copy, whole });
  return owner.elements.slice(-elements.length);
}

/** Whether a link is set off by one of these, or by what a component among them holds. */
function isPressed(cue: Cue, among: (element: Id) => boolean): boolean {
  const element = elementOf(cue);
  return element !== null && among(rootOf(element));
}

function putIn(owner: Owner, elements: readonly Element[]): void {
  for (const each of elements) owner.elements.push({ ...each, name: freeNameIn(owner, each.name) });
}
