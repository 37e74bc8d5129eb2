import {
  freshId,
  identifierOf,
  LANGUAGE,
  languageValue,
  type Element,
  type Project,
  type Value,
  type ValueType,
} from '../model';
import { freshElement } from './fresh';
import { at, centre, end, start } from './pieces';

/** Elements that are put on a screen together; the first holds the others. */
export interface ReadySet {
  label: string;
  /** Other words it is looked for by. */
  words: string;
  /** Values it shows or sets, by what expressions call them. One of that name and type is taken where there is one. */
  values?: readonly (ValueType & { name: string; life: Value['life']; default: Value['default'] })[];
  /** Whether a project has a use for it. Absent: every one has. */
  suits?: (project: Project) => boolean;
  /** @param value each of its values, by name: what it is called in the project may differ */
  make: (project: Project, value: (name: string) => Pick<Value, 'id' | 'name'>) => Element[];
}

const PAD = 40;
const GAP = 24;
const ROW = 84;

type Over = Partial<Omit<Element, 'type'>> & Record<string, unknown>;

/** Elements of a panel that stacks them, each as wide as it. */
function stacked(
  project: Project,
  name: string,
  width: number,
  rows: readonly [Parameters<typeof freshElement>[1], Over][],
): Element[] {
  const height = rows.length * ROW + (rows.length - 1) * GAP + 2 * PAD;
  const panel = {
    ...freshElement(project, 'panel', at(centre(0, width), centre(0, height))),
    id: freshId('e'),
    name,
    arrange: { by: 'column', gap: GAP, pad: PAD, across: 'stretch' },
  } as Element;
  const place = at(start(0, width - 2 * PAD), start(0, ROW));
  return [panel, ...rows.map(([type, over]) => within(panel, freshElement(project, type, place), over))];
}

const within = (panel: Element, element: Element, over: Over): Element =>
  ({ ...element, id: freshId('e'), parent: panel.id, ...over }) as Element;
/** What stands on a control, which is called by it. */
const called = (text: string): Over => ({ name: text, text });

/** Every ready set, in the order it is offered. */
export const SETS: Record<string, ReadySet> = {
  menu: {
    label: 'Menu of three buttons',
    words: 'start options quit buttons column',
    make: (project) =>
      stacked(project, 'Menu', 520, [
        ['button', called('Start')],
        ['button', called('Options')],
        ['button', called('Quit')],
      ]),
  },
  options: {
    label: 'Rows of options',
    words: 'settings switch slider choice volume subtitles difficulty',
    values: [
      { name: 'subtitles', type: 'on/off', life: 'settings', default: true },
      { name: 'volume', type: 'number', min: 0, max: 100, step: 10, life: 'settings', default: 70 },
      {
        name: 'difficulty',
        type: 'choice',
        options: ['Easy', 'Normal', 'Hard'].map((label) => ({ id: label.toLowerCase(), label })),
        life: 'settings',
        default: 'normal',
      },
    ],
    make: (project, value) =>
      stacked(project, 'Option rows', 800, [
        ['switch', { ...called('Subtitles'), value: value('subtitles').id }],
        ['slider', { ...called('Volume'), value: value('volume').id }],
        ['choice', { ...called('Difficulty'), value: value('difficulty').id }],
      ]),
  },
  language: {
    label: 'Row for the language',
    words: 'languages translation german player options settings',
    suits: (project) => languageValue(project) !== null,
    make: (project) => [
      {
        ...freshElement(project, 'choice'),
        id: freshId('e'),
        ...called('Language'),
        value: LANGUAGE,
      } as Element,
    ],
  },
  score: {
    label: 'Score',
    words: 'points counter hud',
    values: [{ name: 'score', type: 'number', life: 'session', default: 0 }],
    make: (project, value) => [
      {
        ...freshElement(project, 'text', at(centre(0, 360), centre(0, 60))),
        id: freshId('e'),
        name: 'Score',
        text: `Score {${identifierOf(value('score').name)}}`,
      } as Element,
    ],
  },
  health: {
    label: 'Health bar',
    words: 'life lives energy progress hud',
    values: [{ name: 'health', type: 'number', min: 0, max: 100, life: 'session', default: 100 }],
    make: (project, value) => {
      const panel = {
        ...freshElement(project, 'panel', at(centre(0, 520), centre(0, 110))),
        id: freshId('e'),
        name: 'Health',
      } as Element;
      return [
        panel,
        within(panel, freshElement(project, 'text', at(start(24, 470), start(8, 48))), {
          name: 'Health text',
          text: `Health {${identifierOf(value('health').name)}}`,
        }),
        within(panel, freshElement(project, 'progress', at(centre(0, 472), end(18, 28))), {
          name: 'Health bar',
          value: value('health').id,
        }),
      ];
    },
  },
  dialogue: {
    label: 'Dialogue box',
    words: 'speech talk conversation says name',
    make: (project) => {
      const panel = {
        ...freshElement(project, 'panel', at(centre(0, 1536), centre(0, 270))),
        id: freshId('e'),
        name: 'Box',
      } as Element;
      return [
        panel,
        within(panel, freshElement(project, 'text', at(start(40, 700), start(18, 50))), {
          name: 'Name',
          text: 'Who speaks',
          role: 'name',
        }),
        within(panel, freshElement(project, 'spoken', at(centre(0, 1456), end(34, 160))), {
          name: 'Says',
          text: 'What is said.',
        }),
      ];
    },
  },
  map: {
    label: 'Map with pins',
    words: 'places world level select',
    make: (project) => {
      const panel = {
        ...freshElement(project, 'panel', at(centre(0, 1000), centre(0, 600))),
        id: freshId('e'),
        name: 'Map',
      } as Element;
      const pin = (name: string, x: string, y: string): Element =>
        within(panel, freshElement(project, 'button', at(start(x, 220), start(y, ROW))), called(name));
      return [panel, pin('Harbour', '12%', '58%'), pin('Forest', '40%', '20%'), pin('Tower', '66%', '46%')];
    },
  },
};

/** The ready sets that a project has a use for. */
export const setsFor = (project: Project): [name: string, set: ReadySet][] =>
  Object.entries(SETS).filter(([, { suits }]) => suits?.(project) !== false);

/** The value of a project that a set means by a name: one that is called so and of that type. */
export const valueMeant = (project: Project, wanted: ValueType & { name: string }): Value | undefined =>
  project.values.find(({ name, type }) => identifierOf(name) === wanted.name && type === wanted.type);
