import { componentById, expand } from '../component';
import { innerRoom, solveLayout } from '../layout';
import type { Solved, Span } from '../geometry';
import {
  freeName,
  screenById,
  type Component,
  type Element,
  type Id,
  type PlacedElement,
  type Project,
  type Screen,
  withId,
} from '../model';

/** What has elements of its own: a screen, or a component. */
export type Owner = Screen | Component;

export const ownerById = (project: Project, id: Id): Owner | undefined =>
  screenById(project, id) ?? componentById(project, id);

/** What an element stands in where it is nobody's child: the design's frame, with its margin, or its component's size. */
export const frameIn = (
  project: Project,
  owner: Owner,
): { width: number; height: number; margin?: number } => ('width' in owner ? owner : project.design);

export const layoutIn = (project: Project, owner: Owner): Solved =>
  solveLayout(expand(project, owner.elements).elements, frameIn(project, owner));

/** The room that a parent, or the frame, gives on one axis. */
export function roomIn(
  project: Project,
  owner: Owner,
  layout: Solved,
  parent: Id | null,
  axis: 'x' | 'y',
): Span {
  const rect = parent === null ? undefined : layout.get(parent);
  const held = withId(owner.elements, parent);
  const frame = frameIn(project, owner);
  if (!rect || !held) return { start: 0, size: axis === 'x' ? frame.width : frame.height };
  const span = axis === 'x' ? { start: rect.x, size: rect.width } : { start: rect.y, size: rect.height };
  return innerRoom(held, span, axis);
}

/** An element by its id or path, what owns it, and the placed component it is seen through, if any. */
export interface Reached {
  owner: Owner;
  element: Element;
  placed: PlacedElement | null;
}

/** Each element that a path names on its way, by what owns it. */
export function alongPath(project: Project, owner: Owner | undefined, path: Id): { owner: Owner; id: Id }[] {
  const found: { owner: Owner; id: Id }[] = [];
  let at = owner;
  for (const id of path.split('/')) {
    if (!at) break;
    found.push({ owner: at, id });
    const element: Element | undefined = withId(at.elements, id);
    at = element?.type === 'component' ? componentById(project, element.component) : undefined;
  }
  return found;
}

export function reach(project: Project, owner: Owner | undefined, path: Id): Reached | null {
  let at: Owner | undefined = owner;
  let placed: PlacedElement | null = null;
  const parts = path.split('/');
  for (const [i, id] of parts.entries()) {
    const element: Element | undefined = withId(at?.elements, id);
    if (!at || !element) return null;
    if (i === parts.length - 1) return { owner: at, element, placed };
    if (element.type !== 'component') return null;
    placed = element;
    at = componentById(project, element.component);
  }
  return null;
}

export const freeNameIn = (owner: Owner, name: string): string =>
  freeName(
    name,
    owner.elements.map((element) => element.name),
  );

/** Puts elements on a screen or component, each under a free name. */
export function putIn(owner: Owner, elements: readonly Element[]): void {
  for (const element of elements) owner.elements.push({ ...element, name: freeNameIn(owner, element.name) });
}
