import { scopeOfScreen, type Scope } from '../expression';
import { identifierOf, screenById, type Link, type Project } from '../model';
import { triggerOf } from './registry';

/** The scope of a link's condition, effects and arguments: what comes with its trigger first. */
export function scopeOfLink(project: Project, { from, trigger }: Pick<Link, 'from' | 'trigger'>): Scope {
  const scope = scopeOfScreen(project, screenById(project, from));
  const fields = triggerOf(trigger).brings?.(trigger, project);
  if (!fields?.length) return scope;
  const names = new Map(scope.names);
  for (const field of fields)
    names.set(identifierOf(field.name), { what: 'field', id: field.id, name: field.name, type: field });
  return { names, screens: scope.screens };
}
