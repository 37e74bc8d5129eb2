import type { Element, ElementType, Id, Place, Project } from '../model';
import { at, centre } from './pieces';

/** What each type of element is called. */
export const TYPE_WORDS: Record<ElementType, string> = {
  button: 'Button',
  text: 'Text',
  panel: 'Panel',
  picture: 'Picture',
  switch: 'Switch',
  slider: 'Slider',
  choice: 'Choice',
  tabs: 'Tabs',
  list: 'List',
  progress: 'Progress',
  entry: 'Text entry',
  binding: 'Key row',
  portrait: 'Portrait',
  bubble: 'Speech bubble',
  spoken: 'Dialogue text',
  prompt: 'Key prompt',
  address: 'Web address',
  touch: 'Touch area',
  component: 'Component',
};

const SIZES: Record<ElementType, [number, number]> = {
  button: [440, 84],
  text: [600, 60],
  panel: [720, 480],
  picture: [480, 270],
  switch: [720, 84],
  slider: [720, 84],
  choice: [720, 84],
  tabs: [900, 480],
  list: [600, 320],
  progress: [600, 28],
  entry: [560, 84],
  binding: [720, 84],
  portrait: [280, 280],
  bubble: [760, 220],
  spoken: [900, 180],
  prompt: [320, 56],
  address: [520, 52],
  touch: [300, 300],
  component: [400, 100],
};

/** An element of a type as it is when first made: in the middle of what holds it, at a sensible size, in the house's styles. */
export function freshElement(
  project: Project,
  type: Exclude<ElementType, 'component'>,
  place: Place = at(centre(0, SIZES[type][0]), centre(0, SIZES[type][1])),
): Element {
  const base = { id: '', name: TYPE_WORDS[type], parent: null, place };
  const text = (wanted: Id): { style: Id } => ({ style: known(project.styles.text, wanted) });
  const box = (wanted: Id): { style: Id } => ({ style: known(project.styles.box, wanted) });
  const pressed = { look: text('t-button'), box: box('b-button') };
  switch (type) {
    case 'button':
      return { ...base, type, text: 'Button', ...pressed };
    case 'text':
    case 'spoken':
      return { ...base, type, text: TYPE_WORDS[type], look: text('t-body') };
    case 'panel':
      return { ...base, type, box: box('b-panel') };
    case 'picture':
      return { ...base, type, asset: null, fit: 'contain' };
    case 'portrait':
      return { ...base, type, asset: null, fit: 'cover', box: box('b-panel') };
    case 'switch':
      return { ...base, type, text: 'Switch', sample: false, ...pressed };
    case 'slider':
      return { ...base, type, text: 'Slider', sample: 60, least: 0, most: 100, ...pressed };
    case 'choice':
      return { ...base, type, text: 'Choice', sample: 0, options: ['One', 'Two'], ...pressed };
    case 'entry':
      return { ...base, type, text: 'Write here', ...pressed };
    case 'binding':
      return { ...base, type, text: '', action: project.actions[0]?.id ?? null, device: 'keys', ...pressed };
    case 'tabs':
      return { ...base, type, text: '', tabs: ['First', 'Second'], bar: 76, ...pressed };
    case 'list':
      return {
        ...base,
        type,
        rows: ['First', 'Second', 'Third'],
        rowHeight: 72,
        look: text('t-body'),
        box: box('b-panel'),
      };
    case 'progress':
      return {
        ...base,
        type,
        sample: 0.6,
        box: box('b-panel'),
        bar: { ...box('b-button'), fill: '#f0c25a', borderWidth: 0 },
      };
    case 'bubble':
      return {
        ...base,
        type,
        shape: 'speech',
        text: 'Somebody says this.',
        look: text('t-body'),
        box: box('b-panel'),
        area: { top: 28, right: 36, bottom: 28, left: 36 },
        tail: { side: 'bottom', at: 0.25 },
      };
    case 'prompt':
      return {
        ...base,
        type,
        action: project.actions[0]?.id ?? null,
        text: 'Select',
        look: text('t-body'),
        box: box('b-button'),
      };
    case 'address':
      return {
        ...base,
        type,
        text: 'saltwick.example',
        url: 'https://saltwick.example',
        look: text('t-body'),
      };
    case 'touch':
      return { ...base, type };
  }
}

/** The style of that id, or the first there is. */
const known = (styles: readonly { id: Id }[], wanted: Id): Id =>
  (styles.find((each) => each.id === wanted) ?? styles[0])?.id ?? wanted;
