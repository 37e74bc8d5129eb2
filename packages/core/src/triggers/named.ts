import { componentById, elementAt } from '../component';
import { screenById, type Element, type Id, type Project } from '../model';
import { condition, id } from '../walk';

/** Where triggers of several types name things and ask. */

const gone = { drop: 'links' } as const;

export const element = id('element', { gone, within: (walk) => walk.owner });
export const action = id('action');
export const event = id('event', { gone });
export const screen = id('screen');
export const outcome = id('outcome', { within: (walk) => walk.beside });
export { condition };

/** What is pressed on a screen, or in a component. */
export const pressed = (project: Project, from: Id, element: Id): Element | undefined =>
  elementAt(project, (screenById(project, from) ?? componentById(project, from))?.elements, element);
