import { expand } from '../component';
import { solveLayout } from '../layout';
import type { Solved } from '../geometry';
import type { Id, Project, Screen } from '../model';
import { CARD } from './sizes';

export interface Point {
  x: number;
  y: number;
}

/** Layouts of screens as they were last seen, since most edits leave most screens alone. */
const solved = new WeakMap<Screen, Pick<Project, 'design' | 'components'> & { layout: Solved }>();

export function layoutOf(project: Project, screen: Screen): Solved {
  const known = solved.get(screen);
  const { design, components } = project;
  if (known?.design === design && known.components === components) return known.layout;
  const layout = solvedOrNot(project, screen);
  solved.set(screen, { design, components, layout });
  return layout;
}

/** A screen whose layout fails has no controls; its links begin at its card. */
function solvedOrNot(project: Project, screen: Screen): Solved {
  try {
    return solveLayout(expand(project, screen.elements).elements, project.design);
  } catch {
    return new Map();
  }
}

/** Where the right edge of an element stands in a card's picture, from the card's corner; null where it is not laid out. */
export function controlPoint(project: Project, screen: Screen, element: Id): Point | null {
  const rect = layoutOf(project, screen).get(element);
  if (!rect) return null;
  const clamp = (n: number, max: number): number => Math.min(max - 4, Math.max(4, n));
  return {
    x: clamp(((rect.x + rect.width) / project.design.width) * CARD.width, CARD.width),
    y: clamp(((rect.y + rect.height / 2) / project.design.height) * CARD.picture, CARD.picture),
  };
}
