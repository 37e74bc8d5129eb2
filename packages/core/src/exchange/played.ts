import type { Project } from '../model';

/**
 * A project as a page plays it: without what only its makers read, and without its texts in other languages, which a
 * page takes along as what they change.
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

/** One of them without its notes and how it is treated while editing. */
function bare<T extends { notes?: unknown; editing?: unknown }>(one: T): T {
  const { notes: _n, editing: _e, ...rest } = one;
  return rest as T;
}
