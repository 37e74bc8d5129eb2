import {
  identifierOf,
  valuesOf,
  type Action,
  type FieldType,
  type Id,
  type ListValue,
  type Project,
  type Scalar,
  type Screen,
} from '../model';

/** What a name in an expression stands for. */
export interface Known {
  /** `each`: a field of the row that is just asked about; `row`: of the row that all of it is about. */
  what: 'value' | 'parameter' | 'field' | 'each' | 'row';
  id: Id;
  /** As people call it. */
  name: string;
  type: FieldType;
  /** The list whose rows have it. */
  list?: Id;
  /** What it holds, where that is known for good. */
  held?: Scalar;
}

/** The names that may stand in an expression: those nearer to it hide the others. */
export interface Scope {
  names: ReadonlyMap<string, Known>;
  /** Lists, by identifier. A nearer name hides one, as it does a value. */
  lists?: ReadonlyMap<string, KnownList>;
  /** What can be named as `row.name`. Absent: it is about no row. */
  row?: ReadonlyMap<string, Known>;
  /** The link whose time a text can show as `{remaining}`. Absent: none. */
  timer?: Id;
  /** By identifier and by name in small letters. */
  screens: ReadonlyMap<string, { id: Id; name: string }>;
  /** By identifier: texts show the keys of these, where no value or parameter goes by that name. */
  actions?: ReadonlyMap<string, Action>;
}

export interface KnownList {
  id: Id;
  name: string;
  /** The fields of its rows, by identifier. */
  fields: ReadonlyMap<string, Known>;
}

interface Shared {
  lists: Project['lists'];
  actions: Project['actions'];
  values: Project['values'];
  languages: Project['languages'];
  screens: Project['screens'];
  names: Map<string, Known>;
  scope: Scope;
}
let last: Shared | null = null;

/** What every expression of a project may name. Kept for the last project asked about. */
function shared(project: Project): Shared {
  const { values, languages, lists } = project;
  if (
    last?.values === values &&
    last.lists === lists &&
    last.languages === languages &&
    last.screens === project.screens &&
    last.actions === project.actions
  )
    return last;
  const names = new Map<string, Known>();
  for (const value of valuesOf(project))
    names.set(identifierOf(value.name), { what: 'value', id: value.id, name: value.name, type: value });
  const screens = new Map<string, { id: Id; name: string }>();
  for (const { id, name } of project.screens) {
    screens.set(name.toLowerCase(), { id, name });
    screens.set(identifierOf(name), { id, name });
  }
  const actions = new Map(project.actions.map((action) => [identifierOf(action.name), action]));
  const scope: Scope = { names, screens, actions, ...(lists ? { lists: knownLists(lists) } : {}) };
  last = { values, languages, lists, actions: project.actions, screens: project.screens, names, scope };
  return last;
}

/** The fields of rows, as they are named. */
export const knownFields = (
  { id: list, fields }: Pick<ListValue, 'id' | 'fields'>,
  what: 'each' | 'row',
  held?: Readonly<Record<Id, Scalar>>,
): ReadonlyMap<string, Known> =>
  new Map(
    fields.map((field): [string, Known] => {
      const known = { what, id: field.id, name: field.name, type: field, list };
      return [identifierOf(field.name), held ? { ...known, held: held[field.id] } : known];
    }),
  );

const knownLists = (lists: readonly ListValue[]): ReadonlyMap<string, KnownList> =>
  new Map(
    lists.map((list) => {
      const { id, name } = list;
      return [identifierOf(name), { id, name, fields: knownFields(list, 'each') }];
    }),
  );

/** The list that a name stands for. */
export const listCalled = ({ names, lists }: Scope, name: string): KnownList | undefined =>
  names.has(name) ? undefined : lists?.get(name);

/** A scope in which one row after another is asked about: its fields can be named by themselves. */
export const scopeOfEach = (scope: Scope, fields: ReadonlyMap<string, Known>): Scope => ({
  ...scope,
  names: new Map([...scope.names, ...fields]),
});

/** The scope of a text that shows how long it is until a link is due: its own names come first. */
export const scopeWithTime = (scope: Scope, link: Id): Scope => ({ ...scope, timer: link });

/** The scope of expressions of a screen: its parameters, then the project's values. */
export const scopeOfScreen = (project: Project, screen: Screen | undefined): Scope =>
  scopeWith(project, screen?.parameters);

/** The scope where these parameters can be named besides what can be everywhere. */
export function scopeWith(
  project: Project,
  parameters: readonly (FieldType & { id: Id; name: string })[] = [],
): Scope {
  const { names, scope } = shared(project);
  if (parameters.length === 0) return scope;
  const own = new Map(names);
  for (const parameter of parameters)
    own.set(identifierOf(parameter.name), {
      what: 'parameter',
      id: parameter.id,
      name: parameter.name,
      type: parameter,
    });
  return { ...scope, names: own };
}
