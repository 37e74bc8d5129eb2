import type { Element, Id, Project, Screen } from '../model';
import { compile, type CompileOptions } from './compile';
import type { Flow } from './types';

/** What cannot be compiled, and what was thrown: an element of a screen, a screen, or nothing that can be named. */
export interface Fault {
  screen: Id | null;
  element: Id | null;
  message: string;
}

/**
 * Compiles a project, whatever is in it. What cannot be compiled is left out: an element, all that is on a screen, or in the end
 * everything; what that was is told.
 */
export function compileSafely(
  project: Project,
  previous: Flow | undefined,
  options: CompileOptions,
): { flow: Flow; faults: Fault[] } {
  try {
    return { flow: compile(project, previous, options), faults: [] };
  } catch (error) {
    const faults: Fault[] = [];
    const screens = project.screens.map((screen) => {
      const broken = faultOf(project, screen, options);
      if (!broken) return screen;
      faults.push(broken.fault);
      return { ...screen, elements: broken.rest };
    });
    if (faults.length === 0) faults.push({ screen: null, element: null, message: messageOf(error) });
    return { flow: lastly(project, screens, options), faults };
  }
}

/** As much as can be compiled, but for what is known to break it. */
function lastly(project: Project, screens: Screen[], options: CompileOptions): Flow {
  const bare = { ...project, screens, links: [], components: [], conversations: [], routines: [] };
  for (const attempt of [{ ...project, screens }, { ...bare, links: project.links }, bare]) {
    try {
      return compile(attempt, undefined, options);
    } catch {
      // Leaves out one more part and tries again.
    }
  }
  return compile({ ...bare, screens: [], areas: [], values: [], motions: [] }, undefined, options);
}

/** The first thing on a screen without which it can be compiled, and what is left; null when all of it can. */
function faultOf(
  project: Project,
  screen: Screen,
  options: CompileOptions,
): { fault: Fault; rest: Element[] } | null {
  const thrown = (elements: Element[]): string | null => {
    try {
      compile({ ...project, screens: [{ ...screen, elements }], links: [], start: null }, undefined, options);
      return null;
    } catch (error) {
      return messageOf(error);
    }
  };
  const message = thrown(screen.elements);
  if (message === null) return null;
  const { elements } = screen;
  let [fine, broken] = [0, elements.length];
  while (broken - fine > 1) {
    const half = (fine + broken) >> 1;
    if (thrown(elements.slice(0, half)) === null) fine = half;
    else broken = half;
  }
  if (elements.length === 0 || thrown([]) !== null)
    return { fault: { screen: screen.id, element: null, message }, rest: [] };
  const rest = elements.filter((_, i) => i !== fine);
  return {
    fault: { screen: screen.id, element: elements[fine]!.id, message },
    rest: thrown(rest) === null ? rest : [],
  };
}

export const messageOf = (error: unknown): string => (error instanceof Error ? error.message : String(error));
