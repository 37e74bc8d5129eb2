import { freeName, freshId, type Id, type Link, type Project } from '../model';
import type { Thing } from '../references';
import { LISTS, type Listed } from './lists';
import { ownerById, putIn } from './owners';
import { carryTexts, Fresh, remapIds } from './remap';

/**
 * Puts elements taken from this or another project on a screen. Gives the ids of those that nothing else of them
 * holds.
 */
export function pasteElements(project: Project, screen: Id, from: Project): Id[] {
  const owner = ownerById(project, screen);
  const [source] = from.screens;
  if (!owner || !source) return [];
  const fresh = mergeShared(project, from);
  fresh.set('screen', source.id, owner.id);
  for (const { id } of source.elements) fresh.set('element', id, freshId('e'), source.id);
  const only = { ...from, screens: [source] };
  const copy = remapIds(only, fresh, only);
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

/**
 * Puts the first skin of another project in, under a free name, with what it names that is not here by the same name.
 * Gives its id.
 */
export function putSkin(project: Project, from: Project): Id | undefined {
  const [skin] = from.skins ?? [];
  if (!skin) return undefined;
  const fresh = mergeShared(project, from);
  fresh.set('skin', skin.id, freshId('k'));
  const copy = remapIds(from, fresh, from);
  putShared(project, copy);
  const skins = (project.skins ??= []);
  const [made] = copy.skins!;
  skins.push({
    ...made!,
    name: freeName(
      made!.name,
      skins.map(({ name }) => name),
    ),
  });
  return made!.id;
}

/** A screen that was not copied may exist here under the same name. */
function backHome(project: Project, link: Link): void {
  const { to } = link;
  const there =
    to && 'gap' in to && project.screens.find((screen) => screen.name.toLowerCase() === to.gap.toLowerCase());
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
function mergeShared(project: Project, from: Project): Fresh {
  const fresh = new Fresh();
  const join = (
    of: Thing,
    prefix: string,
    here: readonly Named[],
    there: readonly Named[],
    same: (a: Named, b: Named) => boolean = sameName,
  ): void => {
    for (const thing of there) {
      const known = here.find((named) => same(named, thing));
      const free = here.every((named) => named.id !== thing.id);
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
    const known = new Set(into.map((item) => item.id));
    const added = things?.filter((thing) => !known.has(thing.id)) ?? [];
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
  const made = new Set(add((project.components ??= []), copy.components).map((component) => component.id));
  for (const link of copy.links) if (made.has(link.from)) project.links.push({ ...link, id: freshId('l') });
}

/**
 * Puts screens into a project, with fresh ids and free names. What they use is taken for what goes by the same name here; the
 * rest comes too. Returns the ids of the new screens.
 */
export function putScreens(project: Project, from: Project): Id[] {
  const fresh = mergeShared(project, from);
  for (const { id, elements, parameters = [], outcomes = [] } of from.screens) {
    fresh.set('screen', id, freshId('s'));
    for (const element of elements) fresh.set('element', element.id, freshId('e'), id);
    for (const parameter of parameters) fresh.set('parameter', parameter.id, freshId('q'), id);
    for (const outcome of outcomes) fresh.set('outcome', outcome.id, freshId('o'), id);
  }
  // A link's words go by its id in other languages.
  const components = new Set(from.components?.map((component) => component.id));
  for (const { id, from: source } of from.links)
    if (!components.has(source)) fresh.set('link', id, freshId('l'));
  const copy = remapIds(from, fresh, from);
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
