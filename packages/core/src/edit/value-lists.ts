import {
  fitScalar,
  freeName,
  freshId,
  withId,
  type Field,
  type FieldType,
  type Id,
  type ListValue,
  type Project,
  type Row,
} from '../model';
import { letGo } from '../references';
import { freeIdentifier, LIST_WORDS, namesOfValues, renameList, renameListField } from './names';
import { assign, namedPlaces, removeWhere, type Made } from './parts';

export interface WantedList {
  name: string;
  section?: string;
  fields?: Field[];
}

/** Edits of lists: their fields, and the rows that they hold at first or that are worked with. */
export const listCommands = {
  'add list': (project: Project, { name, section, fields }: WantedList): Made => {
    const made: ListValue = {
      id: freshId('y'),
      name: freeIdentifier(name, namesOfValues(project), LIST_WORDS),
      section: section ?? project.lists?.at(-1)?.section ?? project.values.at(-1)?.section ?? 'Game',
      life: 'session',
      byGame: true,
      fields: fields ?? [{ id: freshId('f'), name: 'name', type: 'text' }],
      default: [],
      samples: [],
    };
    project.lists = [...(project.lists ?? []), made];
    return made.id;
  },
  'rename list': (project: Project, { list, name }: { list: Id; name: string }): Made => {
    const found = withId(project.lists, list);
    if (found && found.name !== name) found.name = renameList(project, list, name);
  },
  'change list': (
    project: Project,
    { list, change }: { list: Id; change: Partial<Omit<ListValue, 'fields'>> },
  ): Made => {
    const found = withId(project.lists, list);
    if (found) assign<ListValue>(found, change);
  },
  'delete list': (project: Project, { list }: { list: Id }): Made => {
    letGo(project, namedPlaces(project, 'list', [list]));
    if (!project.lists) return;
    removeWhere(project.lists, ({ id }) => id === list);
    if (project.lists.length === 0) delete project.lists;
  },
  'add list field': (
    project: Project,
    { list, name, type }: { list: Id; name: string; type: FieldType },
  ): Made => {
    const found = withId(project.lists, list);
    if (!found) return;
    const taken = found.fields.map((field) => field.name);
    const made: Field = { id: freshId('f'), name: freeName(name, taken), ...type };
    found.fields.push(made);
    return made.id;
  },
  /** Rows keep what still fits the field. */
  'change list field': (
    project: Project,
    { list, field, change }: { list: Id; field: Id; change: Partial<Field> },
  ): Made => {
    const found = withId(project.lists, list);
    const old = withId(found?.fields, field);
    if (!found || !old) return;
    const renamed = change.name !== undefined && change.name !== old.name;
    const name = renamed ? renameListField(project, list, field, change.name!) : old.name;
    if (change.type === undefined || change.type === old.type) assign<Field>(old, { ...change, name });
    else found.fields[found.fields.indexOf(old)] = { id: field, ...change, name } as Field;
    const now = withId(found.fields, field)!;
    for (const row of [...found.default, ...found.samples]) {
      if (row[field] === undefined) continue;
      const fit = fitScalar(now, row[field]);
      if (fit === null) delete row[field];
      else if (fit !== row[field]) row[field] = fit;
    }
  },
  /** One field at least stays. */
  'delete list field': (project: Project, { list, field }: { list: Id; field: Id }): Made => {
    const found = withId(project.lists, list);
    if (!found || found.fields.length < 2) return;
    letGo(project, namedPlaces(project, 'field', [field], list));
    removeWhere(found.fields, ({ id }) => id === field);
  },
  'change rows': (
    project: Project,
    { list, of, rows }: { list: Id; of: 'default' | 'samples'; rows: Row[] },
  ): Made => {
    const found = withId(project.lists, list);
    if (found) found[of] = rows;
  },
};
