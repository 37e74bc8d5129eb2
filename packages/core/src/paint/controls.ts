import {
  indexOf,
  shareOf,
  wordsOf,
  type Face,
  type Held,
  type Item,
  box,
  inset,
  plain,
  text,
} from '../drawing';
import type { Rect } from '../geometry';
import {
  type ChoiceElement,
  type Element,
  type EntryElement,
  type Id,
  type Project,
  type ProgressElement,
  type SliderElement,
  type SwitchElement,
  type TabsElement,
  type TextLook,
} from '../model';
import { boxLook, inStates } from '../style';

/** Room between a control's edge and its words, as a share of its height. */
const EDGE = 0.3;

/** Its name to the left; the rest of it stands in the room that is given back. */
function named({ project, rect, ink, said }: Face, id: Id, share: number): { items: Item[]; room: Rect } {
  const edge = rect.height * EDGE;
  const room = besideName(rect, said !== '', share);
  if (said === '') return { items: [], room };
  const inner = inset(rect, { top: 0, right: edge, bottom: 0, left: edge });
  const name = { ...inner, width: inner.width * share - edge / 2 };
  return { items: text(project, id, name, said, { ...ink, align: 'start' }, 'middle'), room };
}

/**
 * The part of a control that is pressed or dragged along: a slider's track, a choice beside its name, the bar of its tabs. Null
 * for other elements.
 */
export function alongOf(element: Element, rect: Rect, words: string): Rect | null {
  if (element.type === 'tabs') return { ...rect, height: element.bar };
  if (element.type !== 'slider' && element.type !== 'choice') return null;
  const room = besideName(rect, element.text !== '', 0.42);
  return element.type === 'slider' ? trackIn(room, rect, words) : room;
}

function trackIn(room: Rect, rect: Rect, words: string): Rect {
  const wordsWidth = widthOf(words, room);
  const width = room.width - wordsWidth - (wordsWidth > 0 ? 16 : 0);
  return { x: room.x, y: rect.y + rect.height / 2 - 4, width, height: 8 };
}

const widthOf = (words: string, room: Rect): number => (words === '' ? 0 : Math.min(room.width * 0.34, 150));

/** What is left for a control beside its name, if it has one. */
function besideName(rect: Rect, hasName: boolean, share: number): Rect {
  const edge = rect.height * EDGE;
  const inner = inset(rect, { top: 0, right: edge, bottom: 0, left: edge });
  if (!hasName) return inner;
  const rest = inner.width * (1 - share) - edge / 2;
  return { ...inner, x: inner.x + inner.width - rest, width: rest };
}

export function paintSwitch(element: SwitchElement, face: Face): Item[] {
  const { project, rect, look, ink, held } = face;
  const on = held.scalar === true;
  const { items, room } = named(face, element.id, 0.6);
  const height = Math.min(room.height * 0.5, 48);
  const pill = {
    x: room.x + room.width - height * 1.9,
    y: rect.y + (rect.height - height) / 2,
    width: height * 1.9,
    height,
  };
  const knob = height * 0.72;
  const gap = (height - knob) / 2;
  const lit = on ? inStates(look, ['on']) : look;
  const mark = look.ink ?? ink.colour;
  return [
    ...box(element.id, rect, look),
    ...items,
    ...text(
      project,
      element.id,
      { ...room, width: room.width - pill.width - gap * 3 },
      wordsOf(held),
      { ...ink, align: 'end' },
      'middle',
    ),
    { ...plain(null, pill, on ? lit.fill : CLEAR), corner: height / 2, border: mark, borderWidth: 3 },
    {
      ...plain(
        null,
        {
          x: on ? pill.x + pill.width - knob - gap : pill.x + gap,
          y: pill.y + gap,
          width: knob,
          height: knob,
        },
        mark,
      ),
      corner: knob / 2,
    },
  ];
}

const CLEAR = '#00000000';

export function paintSlider(element: SliderElement, face: Face): Item[] {
  const { project, rect, look, ink, held } = face;
  const { items, room } = named(face, element.id, 0.42);
  const words = wordsOf(held);
  const wordsWidth = widthOf(words, room);
  const mark = look.ink ?? ink.colour;
  const track = trackIn(room, rect, words);
  const { width } = track;
  const share = shareOf(held, element.least, element.most);
  const knob = Math.min(rect.height * 0.4, 30);
  return [
    ...box(element.id, rect, look),
    ...items,
    { ...plain(null, track, `${mark.slice(0, 7)}55`), corner: 4 },
    { ...plain(null, { ...track, width: width * share }, mark), corner: 4 },
    {
      ...plain(
        null,
        {
          x: track.x + (width - knob) * share,
          y: rect.y + (rect.height - knob) / 2,
          width: knob,
          height: knob,
        },
        mark,
      ),
      corner: knob / 2,
    },
    ...text(
      project,
      element.id,
      { ...room, x: room.x + room.width - wordsWidth, width: wordsWidth },
      words,
      { ...ink, align: 'end' },
      'middle',
    ),
  ];
}

export function paintChoice(element: ChoiceElement, face: Face): Item[] {
  const { project, rect, look, ink, held } = face;
  const { items, room } = named(face, element.id, 0.42);
  const words =
    held.type === null ? (element.options?.[indexOf(held, element.options.length)] ?? '') : wordsOf(held);
  const arrow = (side: -1 | 1): Item => {
    const x = side < 0 ? room.x + 10 : room.x + room.width - 10;
    const y = rect.y + rect.height / 2;
    return {
      kind: 'path',
      id: null,
      path: `M${x} ${y - 11}L${x + side * 10} ${y}L${x} ${y + 11}Z`,
      fill: look.ink ?? ink.colour,
      border: CLEAR,
      borderWidth: 0,
    };
  };
  return [
    ...box(element.id, rect, look),
    ...items,
    arrow(-1),
    ...text(
      project,
      element.id,
      inset(room, { top: 0, right: 30, bottom: 0, left: 30 }),
      words,
      { ...ink, align: 'centre' },
      'middle',
    ),
    arrow(1),
  ];
}

/** What is typed, or faintly what is to be typed. */
export function paintEntry(element: EntryElement, face: Face): Item[] {
  const { project, rect, look, ink, held, typing, said } = face;
  const edge = rect.height * EDGE;
  const inner = inset(rect, { top: 0, right: edge, bottom: 0, left: edge });
  const typed = wordsOf(held);
  const style: TextLook = { ...ink, align: 'start', wrap: 'cut' };
  const items = [
    ...box(element.id, rect, look),
    ...text(
      project,
      element.id,
      inner,
      typed === '' ? said : typed,
      typed === '' ? { ...style, colour: `${ink.colour.slice(0, 7)}99` } : style,
      'middle',
    ),
  ];
  const line = items.at(-1);
  const end = typed !== '' && line?.kind === 'text' ? (line.lines[0]?.width ?? 0) : 0;
  if (typing)
    items.push(
      plain(
        null,
        { x: inner.x + end + 3, y: rect.y + rect.height * 0.25, width: 3, height: rect.height * 0.5 },
        look.ink ?? ink.colour,
      ),
    );
  return items;
}

export function paintTabs(element: TabsElement, face: Face): Item[] {
  const { project, rect, look, ink, held } = face;
  const chosen = indexOf(held, element.tabs.length);
  const width = rect.width / Math.max(1, element.tabs.length);
  return element.tabs.flatMap((words, i) => {
    const tab = { x: rect.x + i * width, y: rect.y, width, height: element.bar };
    const up = i === chosen;
    const face = up ? inStates(look, ['on']) : look;
    return [
      ...box(i === 0 ? element.id : null, inset(tab, { top: 0, right: 4, bottom: 0, left: 4 }), face),
      // Which tab is up is told by a bar besides colour.
      ...(up
        ? [
            plain(
              null,
              { x: tab.x + 16, y: tab.y + tab.height - 8, width: width - 32, height: 5 },
              face.ink ?? ink.colour,
            ),
          ]
        : []),
      ...text(
        project,
        element.id,
        tab,
        words,
        { ...ink, align: 'centre', ...(face.ink ? { colour: face.ink } : {}) },
        'middle',
      ),
    ];
  });
}

export function paintProgress(project: Project, element: ProgressElement, rect: Rect, held: Held): Item[] {
  const bar = boxLook(project, element.bar);
  return [
    ...box(element.id, rect, boxLook(project, element.box)),
    ...box(null, { ...rect, width: rect.width * shareOf(held) }, bar),
  ];
}
