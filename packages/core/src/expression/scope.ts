import {
  identifierOf,
  valuesOf,
  type Action,
  type FieldType,
  type Id,
  type Project,
  type Screen,
} from '../model';

/** What a name in an expression stands for. */
export interface Known {
  what: 'value' | 'parameter' | 'field';
  id: Id;
  /** As people call it. */
  name: string;
  type: FieldType;
}

/** The names that may stand in an expression: those nearer to it hide the others. */
export interface Scope {
  names: ReadonlyMap<string, Known>;
  /** By identifier and by name in small letters. */
  screens: ReadonlyMap<string, { id: Id; name: string }>;
  /** By identifier: texts show the keys of these, where no value or parameter goes by that name. */
  actions?: ReadonlyMap<string, Action>;
}

interface Shared {
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
  const { values, languages } = project;
  if (
    last?.values === values &&
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
  const scope = { names, screens, actions };
  last = { values, languages, actions: project.actions, screens: project.screens, names, scope };
  return last;
}

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
