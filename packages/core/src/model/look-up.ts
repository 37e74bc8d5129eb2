import type { Element } from './element';
import type { Id, Layer, Link, Project, Screen, Target } from './types';

/**
 * What is in a list, by id; of two of one id the first. Made once for a list that can no longer change, such as every list of a
 * project that is open.
 */
export function byId<T extends { id: Id }>(list: readonly T[] | undefined): ReadonlyMap<Id, T> {
  if (!list) return NOTHING;
  const known = Object.isFrozen(list) ? indexes.get(list) : undefined;
  if (known) return known as ReadonlyMap<Id, T>;
  const made = new Map<Id, T>();
  for (const item of list) if (!made.has(item.id)) made.set(item.id, item);
  if (Object.isFrozen(list)) indexes.set(list, made);
  return made;
}
const indexes = new WeakMap<readonly { id: Id }[], ReadonlyMap<Id, { id: Id }>>();
const NOTHING: ReadonlyMap<Id, never> = new Map<Id, never>();

/** What has an id in a list: by its index where that is long and can no longer change, else looked for. */
export function withId<T extends { id: Id }>(
  list: readonly T[] | undefined,
  id: Id | null | undefined,
): T | undefined {
  if (!list || id === null || id === undefined) return undefined;
  if (list.length > SHORT && Object.isFrozen(list)) return byId(list).get(id);
  for (const item of list) if (item.id === id) return item;
  return undefined;
}
/** So few are looked through faster than they are looked up. */
const SHORT = 8;

export const screenById = (project: Project, id: Id | null | undefined): Screen | undefined =>
  withId(project.screens, id);

export const elementById = (screen: Screen | undefined, id: Id | null | undefined): Element | undefined =>
  withId(screen?.elements, id);

/** The links of one source, in their order. */
export function linksFrom({ links }: Project, from: Id): readonly Link[] {
  // What may still be written to is looked through; the rest is sorted once.
  if (!Object.isFrozen(links)) return links.filter((link) => link.from === from);
  let known = sorted.get(links);
  if (!known) sorted.set(links, (known = bySource(links)));
  return known.get(from) ?? NONE;
}
const sorted = new WeakMap<readonly Link[], ReadonlyMap<Id, readonly Link[]>>();
const NONE: readonly Link[] = [];

/** Links by what they set out from, in their order. */
export function bySource<L extends { from: Id }>(links: readonly L[]): Map<Id, L[]> {
  const groups = new Map<Id, L[]>();
  for (const link of links) {
    const group = groups.get(link.from);
    if (group) group.push(link);
    else groups.set(link.from, [link]);
  }
  return groups;
}

/** An element and all it holds, itself first. */
export function childrenOf(screen: { elements: Element[] }, id: Id): Element[] {
  const found = screen.elements.filter((element) => element.id === id);
  for (let i = 0; i < found.length; i++)
    found.push(...screen.elements.filter((element) => element.parent === found[i]!.id));
  return found;
}

/** What a target is called, a gap's name included. */
export function targetName(project: Project, to: Target | undefined): string {
  if (!to) return '';
  return 'gap' in to ? to.gap : (screenById(project, to.screen)?.name ?? 'a screen that is gone');
}

/** `game over` → `Game over`. */
export const titleCase = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

/** What a layer is called within a sentence. */
export const layerWord = (layer: Layer): string => (layer === 'hud' ? 'HUD' : layer);
/** What a layer is called as a heading. */
export const layerName = (layer: Layer): string => titleCase(layerWord(layer));
