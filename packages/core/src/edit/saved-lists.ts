import {
  freeName,
  freshId,
  SLOT_STATES,
  titleCase,
  withId,
  type Field,
  type Id,
  type ListValue,
  type Project,
  type SavedPart,
  type Value,
  type ValueType,
} from '../model';
import { removeWhere, type Made } from './parts';
import { blankList } from './value-lists';

/** Edits of lists that show saved games. */
export const savedListCommands = {
  /** With a few slots, and for each its name, when it was saved and how it is. */
  'add saved games list': (project: Project, { name, section }: { name: string; section?: string }): Made => {
    const options = SLOT_STATES.map((state) => ({ id: state, label: titleCase(state) }));
    const slot = freshId('f');
    const when = freshId('f');
    const state = freshId('f');
    const made: ListValue = {
      ...blankList(project, name, section),
      fields: [
        { id: slot, name: 'slot', type: 'text' },
        { id: when, name: 'when', type: 'number', min: 0, max: LATEST },
        { id: state, name: 'state', type: 'choice', options },
      ],
      key: slot,
      saved: {
        slots: ['1', '2', '3'],
        holds: { [slot]: { part: 'slot' }, [when]: { part: 'when' }, [state]: { part: 'state' } },
      },
    };
    project.lists = [...(project.lists ?? []), made];
    return made.id;
  },
  /** Which slots have a row whether or not anything is saved in them. */
  'name slots': (project: Project, { list, slots }: { list: Id; slots: string[] }): Made => {
    const saved = withId(project.lists, list)?.saved;
    if (saved) saved.slots = [...new Set(slots)];
  },
  /** Whether rows tell what a value was in each game. */
  'tell of saved value': (
    project: Project,
    { list, value, told }: { list: Id; value: Id; told: boolean },
  ): Made => {
    const found = withId(project.lists, list);
    const of = withId(project.values, value);
    if (!found?.saved) return;
    const { holds } = found.saved;
    const known = found.fields.filter(({ id }) => isValue(holds[id], value));
    if (!told) {
      for (const { id } of known) delete holds[id];
      removeWhere(found.fields, (field) => known.includes(field));
    } else if (of && known.length === 0) {
      const names = found.fields.map(({ name }) => name);
      const made = { id: freshId('f'), name: freeName(of.name, names), ...typeOf(of) } as Field;
      found.fields.push(made);
      holds[made.id] = { value };
      return made.id;
    }
  },
};

/** The last moment that can be written as a date, in milliseconds since 1970 (ECMA-262, time values). */
const LATEST = 8.64e15;

const isValue = (part: SavedPart | undefined, value: Id): boolean =>
  part !== undefined && 'value' in part && part.value === value;

/** Fields that tell of a value are of its type. */
export function followType(project: Project, value: Value): void {
  for (const { fields, saved } of project.lists ?? [])
    fields.forEach(({ id, name }, i) => {
      if (isValue(saved?.holds[id], value.id)) fields[i] = { id, name, ...typeOf(value) } as Field;
    });
}

function typeOf(value: Value): ValueType {
  const { id: _i, name: _n, section: _s, life: _l, byGame: _b, default: _d, ...type } = value;
  return type.type === 'choice' ? { ...type, options: type.options.map((option) => ({ ...option })) } : type;
}
