import { scopeWith, type Scope } from '../expression';
import { identifierOf, type Field, type FieldType, type Project } from '../model';
import type { Around, Nearby } from '../walk';

/** What may be named around a place, by what stands for it in expressions and texts. */
export function scopeAround(project: Project, { parameters, fields }: Around): Scope {
  const scope = scopeWith(project, parameters.map(typed));
  if (fields.length === 0) return scope;
  const names = new Map(scope.names);
  for (const each of fields)
    names.set(identifierOf(each.name), { what: 'field', id: each.id, name: each.name, type: typed(each) });
  return { names, screens: scope.screens };
}

/** What a set-up is told of a speaker or a face is said as a text. */
const typed = (each: Nearby): FieldType & Pick<Field, 'id' | 'name'> =>
  each.type === 'speaker' || each.type === 'face'
    ? { id: each.id, name: each.name, type: 'text' }
    : (each as Field);
