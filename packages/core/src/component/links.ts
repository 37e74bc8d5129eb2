import { linksFrom, type Id, type Link, type Project, type Screen, withId } from '../model';
import { expand } from './expand';

/** The links that the components placed on a screen bring with them. */
export function broughtLinks(project: Project, screen: Screen | undefined): Link[] {
  if (!screen || !project.components) return [];
  return expand(project, screen.elements).components.flatMap(({ id }) => linksFrom(project, id));
}

/** All that leads from a screen: its own links, then those its components bring. */
export const linksOn = (project: Project, screen: Id): Link[] => [
  ...linksFrom(project, screen),
  ...broughtLinks(project, withId(project.screens, screen)),
];
