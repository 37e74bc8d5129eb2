import {
  PARTS,
  type ElementBase,
  type PartName,
  type PartUse,
  type TextFrame,
  type TextFrames,
} from '../model';
import {
  animation,
  axis,
  boxUse,
  colour,
  condition,
  id,
  list,
  mask,
  message,
  own,
  plain,
  record,
  shadow,
  textUse,
  words,
  type Fields,
  type Part,
} from '../walk';

/** Where elements of several types name things, ask and speak. */

/** The looks of a control's parts, by their names. */
export const parts = (type: keyof typeof PARTS) =>
  record(Object.fromEntries(PARTS[type].map((name) => [name, boxUse])) as never) as Part<
    Partial<Record<PartName, PartUse>>
  >;

export const held = id('element', { within: (walk) => walk.holder });
export const action = id('action');
export const asset = id('asset', { gone: { put: null } });
export const sound = id('asset', { gone: 'left out' });
export const value = id('value', { use: 'both' });
const fromParameter = id('parameter', { gone: 'left out', within: (walk) => walk.holder });
const fromValue = id('value', { gone: 'left out' });
/** The link whose time it shows. */
export const timer = id('link', { gone: 'left out' });
/** A parameter of the screen or component it is in, or a value of the project. */
export const from: Part<string> = (of, walk) =>
  walk.around.parameters.some(({ id }) => id === of) || !walk.values.has(of)
    ? fromParameter(of, walk)
    : fromValue(of, walk);

/** How the key of a tooltip goes on from that of its element. */
export const TOOLTIP = 'tooltip';

export const base: Fields<ElementBase> = {
  id: own('element', (walk) => walk.holder),
  name: plain,
  parent: held,
  place: record<ElementBase['place']>({ x: axis, y: axis }),
  tint: colour,
  shadow,
  mask,
  shownWhen: condition,
  enabledWhen: condition,
  tooltip: message(({ key }) => `${key} ${TOOLTIP}`),
  animations: list(animation),
  editing: plain,
  notes: plain,
  layer: plain,
};
export const spoken = { text: message(), look: textUse };
export const pressable = { ...base, ...spoken, box: boxUse, sound };
export const control = { ...pressable, value, sample: plain };

/** One of several words of an element, by its number. */
export const each = (name: string): Part<readonly string[]> =>
  list(words(({ key, path }) => `${key} ${name} ${path.at(-1)}`));

export const frame = record<TextFrame>({
  text: message(({ key, path }) => (path.at(-2) === 'last' ? `${key} last` : `${key} frame ${path.at(-2)}`)),
  hold: plain,
});
export const frames = record<TextFrames>({ frames: list(frame), last: frame });
