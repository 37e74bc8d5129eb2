import {
  fitScalar,
  freeName,
  freshId,
  screenById,
  valueById,
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
} from '../model';
import { renameFieldIn, renameParameterIn, renameValueIn } from './names';
import { assign, takeOut, type Made } from './parts';

/** Edits of values, events with their fields, and of what screens are told and answer. */
export const valueCommands = {
  'add value': (
    project: Project,
    wanted: ValueType & { name: string; section?: string; default?: Value['default'] },
  ): Made => {
    const { name, section, default: given, ...type } = wanted;
    const taken = project.values.map((each) => each.name);
    const made = {
      id: freshId('v'),
      name: freeName(name, taken),
      section: section ?? project.values.at(-1)?.section ?? 'Game',
      life: 'session',
      ...type,
      default: given ?? zeroOf(type),
    } as Value;
    project.values.push(made);
    return made.id;
  },
  'rename value': (project: Project, { value, name }: { value: Id; name: string }): Made => {
    const found = valueById(project, value);
    if (!found || found.name === name) return;
    renameValueIn(project, found.name, name);
    found.name = name;
  },
  'change value': (project: Project, { value, change }: { value: Id; change: Partial<Value> }): Made => {
    const found = valueById(project, value);
    if (!found) return;
    assign<Value>(found, change);
    // A range or options that changed leave no default that cannot stand there.
    const fit = fitScalar(found, found.default) ?? zeroOf(found);
    if (fit !== found.default) found.default = fit;
  },
  /** To another type: only what every value has stays. */
  'change type': (project: Project, { value, type }: { value: Id; type: ValueType }): Made => {
    const at = project.values.findIndex((each) => each.id === value);
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
  },
  'delete value': (project: Project, { value }: { value: Id }): Made => {
    takeOut(project.values, (each) => each.id === value);
  },

  'add event': (project: Project, { name, direction }: Omit<GameEvent, 'id'>): Made => {
    const known = project.events.find((each) => each.direction === direction && each.name === name);
    if (known) return known.id;
    const made: GameEvent = { id: freshId('g'), name, direction };
    project.events.push(made);
    return made.id;
  },
  'rename event': (project: Project, { event, name }: { event: Id; name: string }): Made => {
    const found = project.events.find((each) => each.id === event);
    if (found) found.name = name;
  },
  'delete event': (project: Project, { event }: { event: Id }): Made => {
    takeOut(project.events, (each) => each.id === event);
    takeOut(project.links, (link) => link.cue.on === 'event' && link.cue.event === event);
    for (const link of project.links)
      takeOut(link.effects, (effect) => effect.do === 'send' && effect.event === event);
  },
  'add field': (
    project: Project,
    { event, name, type }: { event: Id; name: string; type: FieldType },
  ): Made => {
    const found = project.events.find((each) => each.id === event);
    if (!found) return;
    const taken = (found.fields ?? []).map((each) => each.name);
    const made: Field = { id: freshId('f'), name: freeName(name, taken), ...type };
    found.fields = [...(found.fields ?? []), made];
    return made.id;
  },
  'change field': (
    project: Project,
    { event, field, change }: { event: Id; field: Id; change: Partial<Field> },
  ): Made => {
    const fields = project.events.find((each) => each.id === event)?.fields;
    const found = fields?.find((each) => each.id === field);
    if (!found) return;
    if (change.name !== undefined && change.name !== found.name)
      renameFieldIn(project, event, found.name, change.name);
    assign<Field>(found, change);
  },
  'delete field': (project: Project, { event, field }: { event: Id; field: Id }): Made => {
    const found = project.events.find((each) => each.id === event);
    if (found?.fields) takeOut(found.fields, (each) => each.id === field);
    if (found?.fields?.length === 0) delete found.fields;
    for (const link of project.links)
      for (const effect of link.effects)
        if (effect.do === 'send' && effect.event === event && effect.fields) delete effect.fields[field];
  },

  'add parameter': (
    project: Project,
    { screen, name, type }: { screen: Id; name: string; type: FieldType },
  ): Made => {
    const found = screenById(project, screen);
    if (!found) return;
    const taken = (found.parameters ?? []).map((each) => each.name);
    const made: Parameter = { id: freshId('q'), name: freeName(name, taken), ...type };
    found.parameters = [...(found.parameters ?? []), made];
    return made.id;
  },
  'change parameter': (
    project: Project,
    { screen, parameter, change }: { screen: Id; parameter: Id; change: Partial<Parameter> },
  ): Made => {
    const found = screenById(project, screen)?.parameters?.find((each) => each.id === parameter);
    if (!found) return;
    if (change.name !== undefined && change.name !== found.name)
      renameParameterIn(project, screen, found.name, change.name);
    assign<Parameter>(found, change);
  },
  'delete parameter': (project: Project, { screen, parameter }: { screen: Id; parameter: Id }): Made => {
    const found = screenById(project, screen);
    dropFrom(found, 'parameters', parameter);
    for (const link of project.links) {
      if (link.to && 'screen' in link.to && link.to.screen === screen && link.args)
        delete link.args[parameter];
      for (const effect of link.effects)
        if (effect.do === 'notice' && effect.screen === screen && effect.args) delete effect.args[parameter];
    }
  },
  'add outcome': (project: Project, { screen, name }: { screen: Id; name: string }): Made => {
    const found = screenById(project, screen);
    if (!found) return;
    const known = found.outcomes?.find((each) => each.name.toLowerCase() === name.toLowerCase());
    if (known) return known.id;
    const made = { id: freshId('o'), name };
    found.outcomes = [...(found.outcomes ?? []), made];
    return made.id;
  },
  'rename outcome': (
    project: Project,
    { screen, outcome, name }: { screen: Id; outcome: Id; name: string },
  ): Made => {
    const found = screenById(project, screen)?.outcomes?.find((each) => each.id === outcome);
    if (found) found.name = name;
  },
  'delete outcome': (project: Project, { screen, outcome }: { screen: Id; outcome: Id }): Made => {
    dropFrom(screenById(project, screen), 'outcomes', outcome);
    for (const link of project.links) if (link.outcome === outcome) delete link.outcome;
  },
};

function dropFrom(screen: Screen | undefined, what: 'parameters' | 'outcomes', id: Id): void {
  const list: { id: Id }[] | undefined = screen?.[what];
  if (!list) return;
  takeOut(list, (each) => each.id === id);
  if (list.length === 0) delete screen![what];
}
