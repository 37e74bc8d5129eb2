import {
  isPicture,
  STATES,
  type Asset,
  type BoxLook,
  type FacePicture,
  type Id,
  type PARTS,
  type PartName,
  type Project,
  type StateName,
} from '../model';
import { dressed } from './dressed';

/** What artists call the states of a control at the end of a picture's name. */
const WORDS: Record<StateName, readonly string[]> = {
  hovered: ['hovered', 'hover', 'over'],
  focused: ['focused', 'focus', 'selected'],
  pressed: ['pressed', 'press', 'down', 'active'],
  on: ['on', 'checked', 'toggled'],
  disabled: ['disabled', 'inactive', 'locked'],
};
const NORMAL = ['normal', 'idle', 'default', 'up'];

const wordsOf = (name: string): string[] =>
  name
    .replace(/([a-z])([A-Z])/g, '$1 $2')
    .toLowerCase()
    .split(/[^\p{L}\p{N}]+/u)
    .filter((word) => word !== '');

/**
 * Pictures that are the same thing in its states, by their names: for `button` or `button_normal` those of `button_hover`,
 * `Button Pressed`, `buttonDisabled` …
 * @param picture the id of the one for the normal face
 */
export function kitOf(assets: readonly Asset[], picture: Id): Partial<Record<StateName, Id>> {
  const normal = assets.find(({ id }) => id === picture);
  if (!normal) return {};
  const own = wordsOf(normal.name);
  const stem = (NORMAL.includes(own.at(-1) ?? '') && own.length > 1 ? own.slice(0, -1) : own).join(' ');
  const kit: Partial<Record<StateName, Id>> = {};
  for (const { id, name, media } of assets) {
    const words = wordsOf(name);
    const last = words.pop();
    if (id === picture || last === undefined || words.join(' ') !== stem || !isPicture({ media })) continue;
    const state = STATES.find((each) => WORDS[each].includes(last));
    if (state) kit[state] ??= id;
  }
  return kit;
}

/** What pictures are for, by their names. */
export type KitMatch =
  /** The faces of a box style: its normal one, and those of its states. Null: no style goes by the name. */
  | { match: 'faces'; style: Id | null; normal: Id; states: Partial<Record<StateName, Id>> }
  /** A part of every control of a type. */
  | { match: 'part'; type: keyof typeof PARTS; part: PartName; picture: Id };

/** What those controls are called in the names of pictures, and what their parts are called there. */
const CONTROLS: {
  [T in keyof typeof PARTS]: { called: string[]; parts: Record<(typeof PARTS)[T][number], string[]> };
} = {
  panel: {
    called: ['scroll', 'scrollbar'],
    parts: { scrollTrack: ['track', 'groove', 'bar'], scrollThumb: ['thumb', 'handle'] },
  },
  slider: {
    called: ['slider', 'range'],
    parts: {
      track: ['track', 'groove', 'bar'],
      filled: ['filled', 'fill'],
      thumb: ['thumb', 'handle', 'knob'],
    },
  },
  switch: {
    called: ['switch', 'toggle'],
    parts: { track: ['track', 'groove'], knob: ['knob', 'thumb', 'handle'] },
  },
  choice: {
    called: ['choice', 'select', 'stepper'],
    parts: { left: ['left', 'previous'], right: ['right', 'next'] },
  },
  tabs: { called: ['tabs', 'tab'], parts: { strip: ['strip', 'bar'], mark: ['mark', 'line'] } },
  list: { called: ['list'], parts: { row: ['row', 'item'] } },
  entry: {
    called: ['entry', 'input', 'field'],
    parts: { selection: ['selection', 'highlight'], caret: ['caret', 'cursor'] },
  },
  stick: { called: ['stick', 'joystick'], parts: { knob: ['knob', 'thumb', 'handle'] } },
};

/** What the pictures of a kit are for: parts of controls, and faces in their states, each picture once. */
export function kitMatches({ styles }: Pick<Project, 'styles'>, kit: readonly Asset[]): KitMatch[] {
  const pictures = kit.filter(isPicture);
  const faces = pictures.flatMap(({ id, name }): KitMatch[] => {
    const states = kitOf(pictures, id);
    if (Object.keys(states).length === 0) return [];
    return [{ match: 'faces', style: styleCalled(styles.box, name), normal: id, states }];
  });
  const used = new Set(
    faces.flatMap((face) => (face.match === 'faces' ? [face.normal, ...Object.values(face.states)] : [])),
  );
  return [...faces, ...pictures.filter(({ id }) => !used.has(id)).flatMap(partCalled)];
}

function partCalled({ id, name }: Asset): KitMatch[] {
  const words = wordsOf(name);
  const [control, last] = words.slice(-2);
  if (last === undefined) return [];
  for (const [type, { called, parts }] of Object.entries(CONTROLS)) {
    const part = Object.entries(parts).find(([, names]) => (names as string[]).includes(last));
    if (part && called.includes(control!))
      return [{ match: 'part', type: type as keyof typeof PARTS, part: part[0] as PartName, picture: id }];
  }
  return [];
}

/** The box style that a picture of a normal face is called by. */
function styleCalled(styles: Project['styles']['box'], name: string): Id | null {
  const own = wordsOf(name);
  const stem = (NORMAL.includes(own.at(-1) ?? '') ? own.slice(0, -1) : own).join(' ');
  return styles.find((style) => wordsOf(style.name).join(' ') === stem)?.id ?? null;
}

/** What changes of a look when each state gets its picture of a kit, laid as the normal one is. */
export function dressedInKit(
  look: BoxLook,
  picture: FacePicture,
  kit: Readonly<Partial<Record<StateName, Id>>>,
): Partial<BoxLook> {
  const change: Partial<BoxLook> = {};
  for (const state of STATES) {
    const asset = kit[state];
    if (asset !== undefined) Object.assign(change, dressed(look, state, { ...picture, asset }));
  }
  return change;
}
