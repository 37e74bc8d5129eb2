import {
  fitScalar,
  freeName,
  freshId,
  identifierOf,
  titleCase,
  type SAVED_PARTS,
  withId,
  type Component,
  type ComponentParameter,
  type Element,
  type Field,
  type FieldType,
  type Id,
  type ListValue,
  type Project,
  type Row,
  type SavedPart,
  type TextUse,
} from '../model';
import { letGo } from '../references';
import { freeIdentifier, LIST_WORDS, namesOfValues, renameList, renameListField } from './names';
import { assign, namedPlaces, removeWhere, type Made } from './parts';

export interface WantedList {
  name: string;
  section?: string;
  fields?: Field[];
}

/** A list under a free name that holds nothing, and that nothing writes to. */
export const blankList = (project: Project, name: string, section?: string): ListValue => ({
  id: freshId('y'),
  name: freeIdentifier(name, namesOfValues(project), LIST_WORDS),
  section: section ?? project.lists?.at(-1)?.section ?? project.values.at(-1)?.section ?? 'Game',
  life: 'session',
  fields: [],
  default: [],
  samples: [],
});

/** Edits of lists: their fields, and the rows that they hold at first or that are worked with. */
export const listCommands = {
  'add list': (project: Project, { name, section, fields }: WantedList): Made => {
    const made: ListValue = {
      ...blankList(project, name, section),
      byGame: true,
      fields: fields ?? [{ id: freshId('f'), name: 'name', type: 'text' }],
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
  /** A component that rows of a list can be: each field as a text or a picture, one beside the other. */
  'make row': (
    project: Project,
    { list, width, height, look }: { list: Id; width: number; height: number; look: TextUse },
  ): Made => {
    const found = withId(project.lists, list);
    if (!found) return;
    const made = rowOf(found, { width, height, look });
    const names = (project.components ?? []).map(({ name }) => name);
    project.components = [...(project.components ?? []), { ...made, name: freeName(made.name, names) }];
    return made.id;
  },
  'change rows': (
    project: Project,
    { list, of, rows }: { list: Id; of: 'default' | 'samples'; rows: Row[] },
  ): Made => {
    const found = withId(project.lists, list);
    if (found) found[of] = rows;
  },
};

/** Each field at its place in a row, from the left: pictures as high as the row, the rest in columns alike. */
function rowOf(
  found: ListValue,
  { width, height, look }: { width: number; height: number; look: TextUse },
): Component {
  const { name, fields, saved } = found;
  const side = Math.max(1, height - 2 * ROW_PAD);
  const pictures = fields.filter(({ type }) => type === 'picture').length;
  const column = Math.max(
    1,
    (width - ROW_PAD - pictures * (side + ROW_PAD)) / Math.max(1, fields.length - pictures) - ROW_PAD,
  );
  const parameters: ComponentParameter[] = [];
  const elements: Element[] = [];
  let x = ROW_PAD;
  for (const field of fields) {
    const own = { id: freshId('q'), name: field.name };
    const base = { id: freshId('e'), name: titleCase(field.name), parent: null };
    const place = (size: number): Element['place'] => ({
      x: { at: 'start', offset: x, size },
      y: { at: 'centre', offset: 0, size: side },
    });
    if (field.type === 'picture') {
      parameters.push({ ...own, type: 'picture', default: '' });
      elements.push({
        ...base,
        type: 'picture',
        place: place(side),
        asset: null,
        from: own.id,
        fit: 'contain',
      });
      x += side + ROW_PAD;
      continue;
    }
    if (field.type === 'on/off') parameters.push({ ...own, type: 'on/off', default: false });
    else if (!isPart(saved?.holds[field.id], 'when')) parameters.push({ ...own, type: 'text', default: '' });
    elements.push({
      ...base,
      type: 'text',
      place: place(column),
      look: { ...look, stand: 'middle' },
      ...said(field, found),
    });
    x += column + ROW_PAD;
  }
  return { id: freshId('k'), name: `${titleCase(name)} row`, width, height, parameters, elements };
}
/** What tells of a field, and when it is there: of a game that is not there nothing can be told. */
function said({ id, ...field }: Field, { fields, saved }: ListValue): { text: string; shownWhen?: string } {
  const of = identifierOf(field.name);
  const part = saved?.holds[id];
  if (isPart(part, 'when'))
    return { text: `{row.${of}, date, short} {row.${of}, time, short}`, shownWhen: `row.${of} > 0` };
  if (field.type === 'on/off') return { text: field.on ?? titleCase(field.name), shownWhen: of };
  const state = fields.find((other) => isPart(saved?.holds[other.id], 'state'));
  return {
    text: `{${of}}`,
    ...(state && part && 'value' in part ? { shownWhen: `row.${identifierOf(state.name)} == "saved"` } : {}),
  };
}
const isPart = (part: SavedPart | undefined, is: (typeof SAVED_PARTS)[number]): boolean =>
  part !== undefined && 'part' in part && part.part === is;
/** Design pixels between what stands in a row, and to its edges. */
const ROW_PAD = 12;
