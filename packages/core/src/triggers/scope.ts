import { knownFields, scopeOfScreen, type Scope } from '../expression';
import { listPressed } from '../lists';
import { identifierOf, screenById, type Link, type Project } from '../model';
import { triggerOf } from './registry';

/** The scope of a link's condition, effects and arguments: what comes with its trigger first. */
export function scopeOfLink(project: Project, { from, trigger }: Pick<Link, 'from' | 'trigger'>): Scope {
  const type = triggerOf(trigger);
  const list = listPressed(project, from, type.element?.of(trigger) ?? null);
  const own = scopeOfScreen(project, screenById(project, from));
  const scope = list ? { ...own, row: knownFields(list, 'row') } : own;
  const fields = type.brings?.(trigger, project);
  if (!fields?.length) return scope;
  const names = new Map(scope.names);
  for (const field of fields)
    names.set(identifierOf(field.name), { what: 'field', id: field.id, name: field.name, type: field });
  return { ...scope, names };
}
