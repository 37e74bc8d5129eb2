import { knownFields, scopeOfEach, scopeWith, scopeWithTime, type Scope } from '../expression';
import { identifierOf, type Field, type FieldType, type Project } from '../model';
import type { Around, Nearby } from '../walk';

/** What may be named around a place, by what stands for it in expressions and texts. */
export function scopeAround(project: Project, { parameters, fields, rows, timer }: Around): Scope {
  const plain = withFields(scopeWith(project, parameters.map(typed)), fields);
  const scope = timer === undefined ? plain : scopeWithTime(plain, timer);
  if (!rows) return scope;
  const { each, pressed } = rows;
  const about = pressed ? { ...scope, row: knownFields(pressed, 'row') } : scope;
  return each ? scopeOfEach(about, knownFields(each, 'each')) : about;
}

function withFields(scope: Scope, fields: Around['fields']): Scope {
  if (fields.length === 0) return scope;
  const names = new Map(scope.names);
  for (const field of fields)
    names.set(identifierOf(field.name), {
      what: 'field',
      id: field.id,
      name: field.name,
      type: typed(field),
    });
  return { ...scope, names };
}

/** What a routine is told of a speaker or a face is said as a text. */
const typed = (nearby: Nearby): FieldType & Pick<Field, 'id' | 'name'> =>
  nearby.type === 'speaker' || nearby.type === 'face'
    ? { id: nearby.id, name: nearby.name, type: 'text' }
    : (nearby as Field);
