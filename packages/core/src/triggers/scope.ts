import { knownFields, scopeOfScreen, type Scope } from '../expression';
import { listPressed } from '../lists';
import { identifierOf, linksFrom, screenById, type Link, type ListValue, type Project } from '../model';
import { triggerOf } from './registry';

/**
 * The list that `row` is of in a link: the one whose row is pressed; where it waits for an answer, the one whose row was pressed to
 * ask.
 */
export function listInLink(
  project: Project,
  { from, trigger }: Pick<Link, 'from' | 'trigger'>,
): ListValue | undefined {
  if (!project.lists?.length) return undefined;
  const type = triggerOf(trigger);
  if (!type || type.life !== 'followed' || type.follows !== 'answer')
    return listPressed(project, from, type?.element?.of(trigger) ?? null);
  const asked = type.key?.(trigger);
  const asking = linksFrom(project, from).filter(
    ({ to, trigger: { on } }) => on !== trigger.on && to && 'screen' in to && to.screen === asked,
  );
  const [first, ...others] = new Set(asking.map((link) => listInLink(project, link)));
  return others.length === 0 ? first : undefined;
}

/** The scope of a link's condition, effects and arguments: what comes with its trigger first. */
export function scopeOfLink(project: Project, { from, trigger }: Pick<Link, 'from' | 'trigger'>): Scope {
  const type = triggerOf(trigger);
  const list = listInLink(project, { from, trigger });
  const own = scopeOfScreen(project, screenById(project, from));
  const scope = list ? { ...own, row: knownFields(list, 'row') } : own;
  const fields = type.brings?.(trigger, project);
  if (!fields?.length) return scope;
  const names = new Map(scope.names);
  for (const field of fields)
    names.set(identifierOf(field.name), { what: 'field', id: field.id, name: field.name, type: field });
  return { ...scope, names };
}
