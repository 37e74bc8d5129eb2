import {
  fitScalar,
  freeName,
  freshId,
  screenById,
  zeroOf,
  type Field,
  type FieldType,
  type GameEvent,
  type Id,
  type Parameter,
  type Project,
  type Screen,
  type Value,
  type ValueType,
  withId,
} from '../model';
import { freeIdentifier, namesOfValues, renameField, renameParameter, renameValue } from './names';
import { letGo } from '../references';
import { followType } from './saved-lists';
import { assign, namedPlaces, removeWhere, type Made } from './parts';

export type WantedValue = ValueType & {
  name: string;
  section?: string;
  life?: Value['life'];
  default?: Value['default'];
};

/** Puts a value into a project, under a free name. Gives its id. */
export function addValue(project: Project, wanted: WantedValue): Id {
  const { name, section, default: given, ...type } = wanted;
  const taken = namesOfValues(project);
  const made = {
    id: freshId('v'),
    name: freeIdentifier(name, taken),
    section: section ?? project.values.at(-1)?.section ?? 'Game',
    life: 'session',
    ...type,
    default: given ?? zeroOf(type),
  } as Value;
  project.values.push(made);
  return made.id;
}

/** Edits of values, events with their fields, and of what screens are told and answer. */
export const valueCommands = {
  'add value': (project: Project, wanted: WantedValue): Made => addValue(project, wanted),
  'rename value': (project: Project, { value, name }: { value: Id; name: string }): Made => {
    const found = withId(project.values, value);
    if (!found || found.name === name) return;
    found.name = renameValue(project, value, name);
  },
  'change value': (project: Project, { value, change }: { value: Id; change: Partial<Value> }): Made => {
    const found = withId(project.values, value);
    if (!found) return;
    assign<Value>(found, change);
    // After a change of range or options the default is one that is allowed.
    const fit = fitScalar(found, found.default) ?? zeroOf(found);
    if (fit !== found.default) found.default = fit;
    followType(project, found);
  },
  /** To another type: only what all types share is kept. */
  'change type': (project: Project, { value, type }: { value: Id; type: ValueType }): Made => {
    const at = project.values.findIndex((other) => other.id === value);
    if (at < 0 || project.values[at]!.type === type.type) return;
    const { id, name, section, life, byGame } = project.values[at]!;
    project.values[at] = {
      id,
      name,
      section,
      life,
      ...(byGame ? { byGame } : {}),
      ...type,
      default: zeroOf(type),
    } as Value;
    followType(project, project.values[at]!);
  },
  'delete value': (project: Project, { value }: { value: Id }): Made => {
    removeWhere(project.values, (item) => item.id === value);
  },

  'add event': (project: Project, { name, direction }: Omit<GameEvent, 'id'>): Made => {
    const known = project.events.find((event) => event.direction === direction && event.name === name);
    if (known) return known.id;
    const made: GameEvent = { id: freshId('g'), name, direction };
    project.events.push(made);
    return made.id;
  },
  'rename event': (project: Project, { event, name }: { event: Id; name: string }): Made => {
    const found = withId(project.events, event);
    if (found) found.name = name;
  },
  'delete event': (project: Project, { event }: { event: Id }): Made => {
    letGo(project, namedPlaces(project, 'event', [event]));
    removeWhere(project.events, (gameEvent) => gameEvent.id === event);
  },
  'add field': (
    project: Project,
    { event, name, type }: { event: Id; name: string; type: FieldType },
  ): Made => {
    const found = withId(project.events, event);
    if (!found) return;
    const taken = (found.fields ?? []).map((field) => field.name);
    const made: Field = { id: freshId('f'), name: freeName(name, taken), ...type };
    found.fields = [...(found.fields ?? []), made];
    return made.id;
  },
  'change field': (
    project: Project,
    { event, field, change }: { event: Id; field: Id; change: Partial<Field> },
  ): Made => {
    const fields = withId(project.events, event)?.fields;
    const found = withId(fields, field);
    if (!found) return;
    const renamed = change.name !== undefined && change.name !== found.name;
    const name = renamed ? renameField(project, event, field, change.name!) : found.name;
    assign<Field>(found, { ...change, name });
  },
  'delete field': (project: Project, { event, field }: { event: Id; field: Id }): Made => {
    const found = withId(project.events, event);
    letGo(project, namedPlaces(project, 'field', [field], event));
    if (found?.fields) removeWhere(found.fields, (item) => item.id === field);
    if (found?.fields?.length === 0) delete found.fields;
  },

  'add parameter': (
    project: Project,
    { screen, name, type }: { screen: Id; name: string; type: FieldType },
  ): Made => {
    const found = screenById(project, screen);
    if (!found) return;
    const taken = (found.parameters ?? []).map((parameter) => parameter.name);
    const made: Parameter = { id: freshId('q'), name: freeName(name, taken), ...type };
    found.parameters = [...(found.parameters ?? []), made];
    return made.id;
  },
  'change parameter': (
    project: Project,
    { screen, parameter, change }: { screen: Id; parameter: Id; change: Partial<Parameter> },
  ): Made => {
    const owner = screenById(project, screen);
    const found = withId(owner?.parameters, parameter);
    if (!owner || !found) return;
    const renamed = change.name !== undefined && change.name !== found.name;
    const name = renamed ? renameParameter(project, owner, parameter, change.name!) : found.name;
    assign<Parameter>(found, { ...change, name });
  },
  'delete parameter': (project: Project, { screen, parameter }: { screen: Id; parameter: Id }): Made => {
    const found = screenById(project, screen);
    letGo(project, namedPlaces(project, 'parameter', [parameter], screen));
    dropFrom(found, 'parameters', parameter);
  },
  'add outcome': (project: Project, { screen, name }: { screen: Id; name: string }): Made => {
    const found = screenById(project, screen);
    if (!found) return;
    const known = found.outcomes?.find((outcome) => outcome.name.toLowerCase() === name.toLowerCase());
    if (known) return known.id;
    const made = { id: freshId('o'), name };
    found.outcomes = [...(found.outcomes ?? []), made];
    return made.id;
  },
  'rename outcome': (
    project: Project,
    { screen, outcome, name }: { screen: Id; outcome: Id; name: string },
  ): Made => {
    const found = screenById(project, screen)?.outcomes?.find(
      (screenOutcome) => screenOutcome.id === outcome,
    );
    if (found) found.name = name;
  },
  'delete outcome': (project: Project, { screen, outcome }: { screen: Id; outcome: Id }): Made => {
    letGo(project, namedPlaces(project, 'outcome', [outcome], screen));
    dropFrom(screenById(project, screen), 'outcomes', outcome);
  },
};

function dropFrom(screen: Screen | undefined, what: 'parameters' | 'outcomes', id: Id): void {
  const list: { id: Id }[] | undefined = screen?.[what];
  if (!list) return;
  removeWhere(list, (item) => item.id === id);
  if (list.length === 0) delete screen![what];
}
