import type { Project } from '../model';

/**
 * A project as an exported page plays it: without notes, status, map places and editing flags, and without its texts in other
 * languages, which the page carries as changes.
 */
export function played(project: Project): Project {
  const { texts: _, translated: _how, wordings: _told, ...rest } = project;
  return {
    ...rest,
    screens: project.screens.map(({ status: _s, notes: _n, row: _r, order: _o, ...screen }) => ({
      ...screen,
      elements: screen.elements.map(bare),
    })),
    ...(project.components && {
      components: project.components.map((one) => ({ ...one, elements: one.elements.map(bare) })),
    }),
    links: project.links.map(bare),
  };
}

/** An element or a link without its notes and editing flags. */
function bare<T extends { notes?: unknown; editing?: unknown }>(one: T): T {
  const { notes: _n, editing: _e, ...rest } = one;
  return rest as T;
}
