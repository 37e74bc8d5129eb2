import { byId, type Project } from '../model';
import { scopeAround, type Around } from '../references';
import type { Scope } from '../expression';

/**
 * What may be named at a place. In a component or routine that includes the parameters of every screen that shows it.
 */
export function scopeAt(project: Project, around: Around): Scope {
  const { of } = around;
  if (of === null || !(byId(project.components).has(of) || byId(project.routines).has(of)))
    return scopeAround(project, around);
  const beyond = project.screens.flatMap((screen) => screen.parameters ?? []);
  return scopeAround(
    project,
    beyond.length === 0 ? around : { ...around, parameters: [...beyond, ...around.parameters] },
  );
}

/** The beginning of a sentence about something: its owner's name. */
export const leading = (name: string | undefined): string => (name ? `${name}: ` : '');
