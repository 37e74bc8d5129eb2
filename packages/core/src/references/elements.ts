import {
  byId,
  type Element,
  type ElementBase,
  type ElementType,
  type PlacedElement,
  type TextFrame,
  type TextFrames,
} from '../model';
import { animation, axis, boxUse, textUse } from './looks';
import {
  choose,
  type Among,
  condition,
  id,
  list,
  message,
  own,
  plain,
  record,
  words,
  type Fields,
  type Part,
} from './shape';

/** Where elements name things, ask and speak: each type's own list over what they have in common. */

const held = id('element', { within: (walk) => walk.holder });
const action = id('action');
const asset = id('asset', { gone: { put: null } });
const sound = id('asset', { gone: 'left out' });
const value = id('value', { use: 'both' });
/** A parameter of the screen or component it is in. */
const from = id('parameter', { gone: 'left out', within: (walk) => walk.holder });

/** How the key of a tooltip goes on from that of its element. */
export const TOOLTIP = 'tooltip';

const base: Fields<ElementBase> = {
  id: own('element', (walk) => walk.holder),
  name: plain,
  parent: held,
  place: record<ElementBase['place']>({ x: axis, y: axis }),
  shownWhen: condition,
  enabledWhen: condition,
  tooltip: message(({ key }) => `${key} ${TOOLTIP}`),
  animations: list(animation),
  editing: plain,
};
const spoken = { text: message(), look: textUse };
const pressable = { ...base, ...spoken, box: boxUse, sound };
const control = { ...pressable, value, sample: plain };

/** One of several words of an element, by its number. */
const each = (name: string): Part<readonly string[]> =>
  list(words(({ key, path }) => `${key} ${name} ${path.at(-1)}`));

const frame = record<TextFrame>({
  text: message(({ key, path }) => (path.at(-2) === 'last' ? `${key} last` : `${key} frame ${path.at(-2)}`)),
  hold: plain,
});
const frames = record<TextFrames>({ frames: list(frame), last: frame });

/** What the parameters of a placed component hold: words are said where it is placed. */
const args: Part<NonNullable<PlacedElement['args']>> = (given, walk) => {
  const component = walk.components.get(walk.beside);
  for (const [parameter, what] of Object.entries(given)) {
    walk.path.push(parameter);
    walk.tell({ is: 'id', of: 'parameter', id: parameter, within: walk.beside, gone: 'left out', key: true });
    const type = component?.parameters.find((one) => one.id === parameter)?.type;
    if (type === 'text' && typeof what === 'string') walk.text(what, `${walk.key} ${parameter}`, true);
    if (type === 'picture' && typeof what === 'string' && what !== '')
      walk.tell({ is: 'id', of: 'asset', id: what, within: null, gone: { put: '' } });
    walk.path.pop();
  }
};

/** What is otherwise where a component is placed: of each of its elements, as much as is said. */
const changes: Part<NonNullable<PlacedElement['changes']>> = (given, walk) => {
  const component = walk.components.get(walk.beside);
  const around = component
    ? { of: component.id, parameters: component.parameters, event: null, fields: [] }
    : walk.around;
  for (const [inner, change] of Object.entries(given)) {
    walk.path.push(inner);
    walk.tell({ is: 'id', of: 'element', id: inner, within: walk.beside, gone: 'left out', key: true });
    const type = component && byId(component.elements).get(inner)?.type;
    if (type)
      walk.with({ holder: component.id, key: `${walk.key}/${inner}`, around, asked: around }, () =>
        (ELEMENTS[type] as Part<object>)(change, walk),
      );
    walk.path.pop();
  }
};

const placedFields = record<PlacedElement>({ ...base, component: id('component'), args, changes });
const component: Part<PlacedElement> = (element, walk) =>
  walk.with({ beside: element.component }, () => placedFields(element, walk));

type Of<T extends ElementType> = Among<Element, 'type', T>;

/** A part for each type of element, which also takes a part of one. */
export const ELEMENTS: { [T in ElementType]: Part<Of<T>> } = {
  panel: record<Of<'panel'>>({ ...base, box: boxUse, arrange: plain }),
  text: record<Of<'text'>>({ ...base, ...spoken, frames }),
  button: record<Of<'button'>>({ ...pressable, shortcut: action }),
  picture: record<Of<'picture'>>({ ...base, asset, from, slice: plain }),
  switch: record<Of<'switch'>>(control),
  slider: record<Of<'slider'>>(control),
  choice: record<Of<'choice'>>({ ...control, options: each('options') }),
  entry: record<Of<'entry'>>(control),
  binding: record<Of<'binding'>>({ ...pressable, action }),
  tabs: record<Of<'tabs'>>({ ...pressable, tabs: each('tabs'), value }),
  list: record<Of<'list'>>({ ...base, rows: each('rows'), look: textUse, box: boxUse }),
  progress: record<Of<'progress'>>({ ...base, value: id('value'), box: boxUse, bar: boxUse }),
  portrait: record<Of<'portrait'>>({ ...base, asset, from, box: boxUse }),
  bubble: record<Of<'bubble'>>({ ...base, ...spoken, box: boxUse, area: plain, tail: plain }),
  spoken: record<Of<'spoken'>>({ ...base, ...spoken }),
  prompt: record<Of<'prompt'>>({ ...base, ...spoken, box: boxUse, action }),
  address: record<Of<'address'>>({ ...base, ...spoken, url: plain }),
  touch: record<Of<'touch'>>(base),
  component,
};

const byType = choose<Element, 'type'>('type', ELEMENTS);

/** The elements of the screen or component the walk is in. */
export const elements: Part<readonly Element[]> = (all, walk) => {
  const { holder } = walk;
  list<Element>((one, at) => at.with({ on: one.id, key: `${holder} ${one.id}` }, () => byType(one, at)))(
    all,
    walk,
  );
};
