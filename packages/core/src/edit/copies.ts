import {
  areasAround,
  childrenOf,
  freeName,
  freshId,
  identifierOf,
  everyStep,
  FORMAT,
  type Asset,
  type Component,
  type Conversation,
  type Element,
  type Id,
  type Link,
  type Project,
  type Routine,
  type Screen,
  type Speaker,
} from '../model';
import { copyOf, putElements } from './elements';
import { ownerById } from './owners';

/**
 * Some screens as a small project of their own: with the links that set out from them, and all the events, actions,
 * values, styles, areas and assets those use. Links to screens left behind become gaps with their names.
 */
export function takeScreens(project: Project, ids: readonly Id[]): Project {
  const chosen = new Set(ids);
  const screens = project.screens.filter((screen) => chosen.has(screen.id));
  const components = componentsIn(project, screens);
  const links = copyOf(
    project.links.filter(
      ({ from }) => chosen.has(from) || components.some((component) => component.id === from),
    ),
  );
  const names = new Map(project.screens.map((screen) => [screen.id, screen.name]));
  for (const link of links)
    if (link.to && 'screen' in link.to && !chosen.has(link.to.screen))
      link.to = { gap: names.get(link.to.screen) ?? 'Somewhere' };
  const areas = new Set(screens.flatMap((screen) => areasAround(project, screen.area)));
  // What is named anywhere in them by its id, or in an expression by its name, goes with them.
  const around = project.areas.filter((area) => areas.has(area.id));
  const talks = talksOf(project, [...screens, ...links]);
  const styled = JSON.stringify([screens, components]);
  const shared = [...project.styles.text, ...project.styles.box].filter((style) => styled.includes(style.id));
  const said = JSON.stringify([screens, links, around, components, shared, talks]);
  const used = <T extends { id: Id }>(things: readonly T[]): T[] =>
    copyOf(things.filter((each) => said.includes(JSON.stringify(each.id))));
  const taken: Project = {
    ...project,
    format: FORMAT,
    start: chosen.has(project.start ?? '') ? project.start : null,
    actions: used(project.actions),
    events: used(project.events),
    values: copyOf(project.values),
    areas: copyOf(project.areas.filter((area) => areas.has(area.id))),
    styles: {
      text: used(project.styles.text),
      box: used(project.styles.box),
      ...(project.styles.colours ? { colours: used(project.styles.colours) } : {}),
    },
    assets: withFiner(project, used(project.assets)),
    ...(components.length > 0 ? { components: copyOf(components) } : {}),
    ...copyOf(talks),
    screens: copyOf(screens),
    links,
  };
  const expressions = JSON.stringify([taken.screens, taken.links, components, talks]);
  taken.values = taken.values.filter(
    ({ id, name }) => expressions.includes(id) || expressions.includes(identifierOf(name)),
  );
  if (components.length === 0) delete taken.components;
  for (const key of ['conversations', 'routines', 'speakers'] as const)
    if (talks[key].length === 0) delete taken[key];
  return taken;
}

/** The conversations that screens and links ask for, and what those call in turn; with who speaks in them. */
function talksOf(
  project: Project,
  askers: readonly { says?: Id }[],
): { conversations: Conversation[]; routines: Routine[]; speakers: Speaker[] } {
  const wanted = new Set(askers.flatMap(({ says }) => (says === undefined ? [] : [says])));
  const conversations = new Set<Conversation>();
  for (const id of wanted) {
    const found = project.conversations?.find((each) => each.id === id);
    if (!found) continue;
    conversations.add(found);
    for (const step of everyStep(found.steps))
      if (step.step === 'conversation') wanted.add(step.conversation);
  }
  const named = JSON.stringify([...conversations]);
  // Set-ups call set-ups.
  const routines: Routine[] = [];
  for (let said = named; ;) {
    const more = (project.routines ?? []).filter(
      (each) => !routines.includes(each) && said.includes(JSON.stringify(each.id)),
    );
    if (more.length === 0) break;
    routines.push(...more);
    said = JSON.stringify(more);
  }
  const said = named + JSON.stringify(routines);
  const speakers = (project.speakers ?? []).filter((each) => said.includes(JSON.stringify(each.id)));
  return { conversations: [...conversations], routines, speakers };
}

/** The components placed on some screens, and those placed in them. */
function componentsIn(project: Project, screens: readonly Screen[]): Component[] {
  const found = new Set<Component>();
  const look = (elements: readonly Element[]): void => {
    for (const element of elements) {
      if (element.type !== 'component') continue;
      const component = project.components?.find((each) => each.id === element.component);
      if (!component || found.has(component)) continue;
      found.add(component);
      look(component.elements);
    }
  };
  for (const screen of screens) look(screen.elements);
  return [...found];
}

/** A picture's finer versions go where it goes. */
const withFiner = (project: Project, assets: Asset[]): Asset[] => {
  const finer = new Set(assets.flatMap((asset) => asset.finer?.map((each) => each.asset) ?? []));
  const more = project.assets.filter(
    (each) => finer.has(each.id) && !assets.some(({ id }) => id === each.id),
  );
  return [...assets, ...copyOf(more)];
};

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
  const bare: Screen = {
    id: owner.id,
    name: owner.name,
    kind: 'custom',
    layer: 'base',
    background: { colour: '#00000000' },
    elements,
  };
  const links = project.links.filter(
    ({ from, cue }) => from !== screen || (cue.on === 'press' && chosen.has(cue.element.split('/')[0]!)),
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
  const elements = renewed(copyOf(source.elements), fresh) as Element[];
  const links = (renewed(copyOf(from.links), fresh) as Link[]).filter((link) => link.from === source.id);
  for (const link of links) backHome(project, link);
  const tops = source.elements.filter((each) => each.parent === null).map((each) => each.id);
  const made = putElements(project, owner, elements, links);
  return made.filter((_, i) => tops.includes(source.elements[i]!.id));
}

/** What was left behind is here under its name, perhaps. */
function backHome(project: Project, link: Link): void {
  const { to } = link;
  const there =
    to && 'gap' in to && project.screens.find((each) => each.name.toLowerCase() === to.gap.toLowerCase());
  if (there) link.to = { screen: there.id };
}

/**
 * Puts in what elements and links use: actions, events, values, styles, colours, areas and components of the same name are
 * taken for the same, the others come too. Gives what each id of the other project is called here.
 */
function joinShared(project: Project, from: Project): Map<Id, Id> {
  const fresh = new Map<Id, Id>();
  const join = <T extends { id: Id; name: string }>(
    into: T[],
    things: readonly T[],
    prefix: string,
    same: (a: T, b: T) => boolean = (a, b) => a.name.toLowerCase() === b.name.toLowerCase(),
  ): void => {
    for (const thing of things) {
      const known = into.find((each) => same(each, thing));
      if (known) {
        fresh.set(thing.id, known.id);
        continue;
      }
      const id = into.some((each) => each.id === thing.id) ? freshId(prefix) : thing.id;
      fresh.set(thing.id, id);
      into.push({ ...copyOf(thing), id });
    }
  };
  join(project.actions, from.actions, 'a');
  join(
    project.events,
    from.events,
    'g',
    (a, b) => a.direction === b.direction && a.name.toLowerCase() === b.name.toLowerCase(),
  );
  join(project.values, from.values, 'v');
  join(project.styles.text, from.styles.text, 't');
  join(project.styles.box, from.styles.box, 'b');
  if (from.styles.colours) join((project.styles.colours ??= []), from.styles.colours, 'c');
  join(project.assets, from.assets, 'i', (a, b) => a.id === b.id);
  const before = project.areas.length;
  join(project.areas, from.areas, 'r');
  for (const area of project.areas.slice(before))
    area.parent = area.parent === null ? null : (fresh.get(area.parent) ?? null);
  joinComponents(project, from, fresh);
  joinTalks(project, from, fresh);
  return fresh;
}

/** Speakers and set-ups of the same name are taken for the same. What conversations are called here is settled; they come with their screens. */
function joinTalks(project: Project, from: Project, fresh: Map<Id, Id>): void {
  for (const key of ['speakers', 'routines', 'conversations'] as const) {
    const known: readonly { id: Id; name: string }[] = project[key] ?? [];
    for (const { id, name } of from[key] ?? []) {
      const same = known.find((each) => each.name.toLowerCase() === name.toLowerCase());
      fresh.set(id, same?.id ?? (known.some((each) => each.id === id) ? freshId('c') : id));
      if (same || key === 'conversations') continue;
      const thing = from[key]!.find((each) => each.id === id)!;
      const into = (project[key] ??= []) as (Speaker | Routine)[];
      into.push(renewed(copyOf(thing), fresh) as Speaker | Routine);
    }
  }
}

/** The conversations of screens that have been put in. */
function putTalks(project: Project, from: Project, fresh: ReadonlyMap<Id, Id>): void {
  for (const each of from.conversations ?? []) {
    const id = fresh.get(each.id);
    if (project.conversations?.some((known) => known.id === id)) continue;
    (project.conversations ??= []).push(renewed(copyOf(each), fresh) as Conversation);
  }
}

/** A component of the same name is taken for the same, with its own links. */
function joinComponents(project: Project, from: Project, fresh: Map<Id, Id>): void {
  if (!from.components) return;
  const known = (project.components ??= []);
  const added: Component[] = [];
  for (const component of from.components) {
    const same = known.find((each) => each.name.toLowerCase() === component.name.toLowerCase());
    fresh.set(
      component.id,
      same?.id ?? (known.some(({ id }) => id === component.id) ? freshId('k') : component.id),
    );
    if (!same) added.push(component);
  }
  for (const component of added) {
    known.push(renewed(copyOf(component), fresh) as Component);
    for (const link of from.links)
      if (link.from === component.id)
        project.links.push({ ...(renewed(copyOf(link), fresh) as Link), id: freshId('l') });
  }
}

/**
 * Puts screens into a project, with fresh ids and free names. Actions, events, values, styles and areas of the same name
 * are taken for the same; the others come too. Returns the ids of the new screens.
 */
export function putScreens(project: Project, from: Project): Id[] {
  const fresh = joinShared(project, from);
  const names = project.screens.map((screen) => screen.name);
  for (const screen of from.screens) {
    fresh.set(screen.id, freshId('s'));
    for (const element of screen.elements) fresh.set(element.id, freshId('e'));
    for (const each of [...(screen.parameters ?? []), ...(screen.outcomes ?? [])])
      fresh.set(each.id, freshId('q'));
  }
  const made = from.screens.map((screen) => {
    const copy = renewed(copyOf(screen), fresh) as Screen;
    copy.name = freeName(screen.name, names);
    delete copy.order;
    names.push(copy.name);
    project.screens.push(copy);
    return copy.id;
  });
  const components = new Set(from.components?.map((each) => each.id));
  for (const link of from.links) {
    if (components.has(link.from)) continue;
    const twin = { ...(renewed(copyOf(link), fresh) as Link), id: freshId('l') };
    backHome(project, twin);
    project.links.push(twin);
  }
  putTalks(project, from, fresh);
  project.start ??= project.screens.find((screen) => screen.layer === 'base')?.id ?? null;
  return made;
}

/** Texts that people wrote stay as they are; everywhere else an old id becomes the new one. */
const WRITTEN = new Set([
  'name',
  'text',
  'when',
  'shownWhen',
  'enabledWhen',
  'slot',
  'label',
  'rows',
  'tabs',
  'options',
  'url',
]);

function renewed(value: unknown, fresh: ReadonlyMap<Id, Id>, key = ''): unknown {
  const called = (id: Id): Id => fresh.get(id) ?? id;
  if (typeof value === 'string') return WRITTEN.has(key) ? value : value.split('/').map(called).join('/');
  if (Array.isArray(value)) return value.map((each) => renewed(each, fresh, key));
  if (typeof value !== 'object' || value === null) return value;
  return Object.fromEntries(
    Object.entries(value).map(([name, each]) => [
      BY_ID.has(key) ? called(name) : name,
      renewed(each, fresh, name),
    ]),
  );
}

/** What holds things by their ids. */
const BY_ID = new Set(['args', 'fields', 'changes']);
