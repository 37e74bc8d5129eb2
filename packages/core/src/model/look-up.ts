import type { Element } from './element';
import type { Id, Link, Project, Screen, Target } from './types';

export const screenById = (project: Project, id: Id | null | undefined): Screen | undefined =>
  project.screens.find((screen) => screen.id === id);

export const elementById = (screen: Screen | undefined, id: Id | null | undefined): Element | undefined =>
  screen?.elements.find((element) => element.id === id);

/** The links of one source, in their order. */
export const linksFrom = (project: Project, from: Id): Link[] =>
  project.links.filter((link) => link.from === from);

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
