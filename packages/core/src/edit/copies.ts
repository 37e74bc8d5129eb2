import {
  areasAround,
  freeName,
  freshId,
  identifierOf,
  FORMAT,
  type Id,
  type Link,
  type Project,
  type Screen,
} from '../model';

const copyOf = <T>(value: T): T => JSON.parse(JSON.stringify(value)) as T;

/**
 * Some screens as a small project of their own: with the links that set out from them, and all the events, actions,
 * values, styles, areas and assets those use. Links to screens left behind become gaps with their names.
 */
export function takeScreens(project: Project, ids: readonly Id[]): Project {
  const chosen = new Set(ids);
  const screens = project.screens.filter((screen) => chosen.has(screen.id));
  const links = copyOf(project.links.filter((link) => chosen.has(link.from)));
  const names = new Map(project.screens.map((screen) => [screen.id, screen.name]));
  for (const link of links)
    if (link.to && 'screen' in link.to && !chosen.has(link.to.screen))
      link.to = { gap: names.get(link.to.screen) ?? 'Somewhere' };
  const areas = new Set(screens.flatMap((screen) => areasAround(project, screen.area)));
  // What is named anywhere in them by its id, or in an expression by its name, goes with them.
  const said = JSON.stringify([screens, links, project.areas.filter((area) => areas.has(area.id))]);
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
    styles: { text: used(project.styles.text), box: used(project.styles.box) },
    assets: used(project.assets),
    screens: copyOf(screens),
    links,
  };
  const expressions = JSON.stringify([taken.screens, taken.links]);
  taken.values = taken.values.filter(
    ({ id, name }) => expressions.includes(id) || expressions.includes(identifierOf(name)),
  );
  return taken;
}

/**
 * Puts screens into a project, with fresh ids and free names. Actions, events, values, styles and areas of the same name
 * are taken for the same; the others come too. Returns the ids of the new screens.
 */
export function putScreens(project: Project, from: Project): Id[] {
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
  join(project.assets, from.assets, 'i', (a, b) => a.id === b.id);
  const before = project.areas.length;
  join(project.areas, from.areas, 'r');
  for (const area of project.areas.slice(before))
    area.parent = area.parent === null ? null : (fresh.get(area.parent) ?? null);
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
  const known = new Map(project.screens.map((screen) => [screen.name.toLowerCase(), screen]));
  for (const link of from.links) {
    const twin = renewed(copyOf(link), fresh) as Link;
    twin.id = freshId('l');
    // What was left behind is here under its name, perhaps.
    const there = twin.to && 'gap' in twin.to ? known.get(twin.to.gap.toLowerCase()) : undefined;
    if (there) twin.to = { screen: there.id };
    project.links.push(twin);
  }
  project.start ??= project.screens.find((screen) => screen.layer === 'base')?.id ?? null;
  return made;
}

/** Texts that people wrote stay as they are; everywhere else an old id becomes the new one. */
const WRITTEN = new Set(['name', 'text', 'when', 'shownWhen', 'slot', 'label']);

function renewed(value: unknown, fresh: ReadonlyMap<Id, Id>, key = ''): unknown {
  if (typeof value === 'string') return WRITTEN.has(key) ? value : (fresh.get(value) ?? value);
  if (Array.isArray(value)) return value.map((each) => renewed(each, fresh, key));
  if (typeof value !== 'object' || value === null) return value;
  return Object.fromEntries(
    Object.entries(value).map(([name, each]) => [fresh.get(name) ?? name, renewed(each, fresh, name)]),
  );
}
