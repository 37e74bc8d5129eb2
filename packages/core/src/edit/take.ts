import { placesOf, type Thing } from '../references';
import { calls, namedIn } from '../marks';
import { namesIn } from '../message';
import {
  byId,
  childrenOf,
  FORMAT,
  identifierOf,
  SOMEWHERE,
  type Id,
  type Project,
  type Screen,
  copyOf,
  type Trigger,
  withId,
} from '../model';
import { LISTS, type Listed } from './lists';
import { familyOf } from '../text';
import { elementOf } from '../triggers';
import { ownerById } from './owners';
import { asWritten } from './parts';

/** The things that marks name, by the marks' own words. */
const MARKED = { style: 'text style', colour: 'colour', picture: 'asset' } as const;

const STYLES = { 'text style': 'text', 'box style': 'box', colour: 'colours' } as const;

/**
 * Some screens as a small project of their own: with the links that set out from them, and all that those name, by id in any
 * place and by name in expressions and texts. Links to screens left behind become gaps with their names.
 */
export const takeScreens = (project: Project, ids: readonly Id[]): Project => takeAll(project, ids, []);

/** A skin as a small project of its own, with all it names: styles, pictures, sounds, motions and values. */
export const takeSkin = (project: Project, skin: Id): Project => takeAll(project, [], [skin]);

function takeAll(project: Project, ids: readonly Id[], skins: readonly Id[]): Project {
  const whole = asWritten(project);
  const known = Object.fromEntries(
    Object.entries(LISTS).map(([of, list]) => [of, byId(whole[list] as { id: Id }[] | undefined)]),
  ) as Record<Listed, ReadonlyMap<Id, { id: Id }>>;
  const styles = Object.fromEntries(
    Object.entries(STYLES).map(([of, list]) => [of, byId<{ id: Id }>(whole.styles[list])]),
  ) as Record<keyof typeof STYLES, ReadonlyMap<Id, { id: Id }>>;
  const values = new Map(whole.values.map((value) => [identifierOf(value.name), value.id]));

  const actions = new Map(whole.actions.map((action) => [identifierOf(action.name), action.id]));

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
  /** Bold and italic words are in other fonts of a family. */
  const takeFamily = (id: Id): void => {
    const font = withId(whole.assets, id);
    if (font?.face) for (const other of familyOf(whole, font)) take('asset', other.id);
  };
  const takeSaid = (names: readonly string[]): void => {
    takeNamed(names);
    // Their keys are shown, where no value goes by the name.
    for (const name of names) if (!values.has(name)) take('action', actions.get(name) ?? '');
  };
  const takeMarked = (text: string): void => {
    for (const { of, name } of namedIn(text)) {
      const list = { style: whole.styles.text, colour: whole.styles.colours ?? [], picture: whole.assets }[
        of
      ];
      const thing = list.find((other) => calls(name, other.name));
      if (thing) take(MARKED[of], thing.id);
    }
  };
  for (const id of ids) take('screen', id);
  for (const id of skins) take('skin', id);
  while (next.length > 0) {
    const part = partOf(whole, next);
    next = [];
    for (const { id } of part.links ?? []) take('link', id);
    for (const place of placesOf(whole, { part, untranslated: true })) {
      if (place.is === 'id') take(place.of, place.id);
      if (place.is === 'id' && place.of === 'asset') takeFamily(place.id);
      if (place.is === 'expression') takeNamed(place.text.match(/[\p{L}_$][\p{L}\p{N}_$]*/gu) ?? []);
      if (place.is === 'text') takeMarked(place.text);
      if (place.is === 'text' && place.message) takeSaid(namesIn(place.text));
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
      link.to = { gap: names.get(link.to.screen)?.name ?? SOMEWHERE };
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

/** An empty screen, on which elements are taken along. */
export const EMPTY_SCREEN = { kind: 'custom', layer: 'base', background: { colour: '#00000000' } } as const;

/**
 * Some elements of a screen or component as a small project: one screen with them, all they hold, and the links that
 * pressing them sets off.
 */
export function takeElements(project: Project, screen: Id, ids: readonly Id[]): Project | null {
  const owner = ownerById(project, screen);
  if (!owner) return null;
  const chosen = new Set(ids.flatMap((id) => childrenOf(owner, id).map((child) => child.id)));
  const elements = owner.elements
    .filter((element) => chosen.has(element.id))
    .map((element) => (chosen.has(element.parent ?? '') ? element : { ...element, parent: null }));
  const bare: Screen = { ...EMPTY_SCREEN, id: owner.id, name: owner.name, elements };
  const links = project.links.filter(
    ({ from, trigger }) => from !== screen || isPressOf(trigger, (id) => chosen.has(id)),
  );
  const screens = [bare, ...project.screens.filter((other) => other.id !== screen)];
  const taken = takeScreens({ ...project, screens, links }, [screen]);
  return { ...taken, start: null };
}

/** Whether a link is set off by one of these, or by what a component among them holds. */
export function isPressOf(trigger: Trigger, among: (element: Id) => boolean): boolean {
  const element = elementOf(trigger);
  return element !== null && among(element.split('/')[0]!);
}
