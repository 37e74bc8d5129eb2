import { codeName } from '../keys';
import {
  faceOf,
  typedOut,
  heldBy,
  group,
  type Item,
  type PictureItem,
  ringed,
  codeOn,
  type Looks,
  box,
  bubblePath,
  CLEAR,
  inset,
  plain,
  text,
} from '../drawing';
import type { Rect } from '../geometry';
import type { Element, Id, PictureElement, PortraitElement, Project } from '../model';

import { paintChoice, paintEntry, paintProgress, paintSlider, paintSwitch, paintTabs } from './controls';

import { boxLook, colourOf, textLook } from '../style';

import { bindingRow, prompt } from './keys';

/** One element by itself, without what it holds. `unfocused`: it is on a screen that never has the focus. */
export function paintElement(
  project: Project,
  element: Element,
  rect: Rect,
  looks: Looks,
  unfocused: boolean,
): Item[] {
  const said = (value: string): string => looks.texts[element.id] ?? value;
  switch (element.type) {
    case 'panel':
      return box(element.id, rect, boxLook(project, element.box));
    case 'text':
    case 'spoken': {
      const look = textLook(project, element.look);
      const ink = looks.inks[element.id];
      const coloured = ink === undefined ? look : { ...look, colour: colourOf(project, ink) };
      return typedOut(text(project, element.id, rect, said(element.text), coloured), element.id, looks);
    }
    case 'picture':
      return [picture(project, element, rect, looks)];
    case 'portrait':
      return portrait(project, element, rect, looks);
    case 'button':
      return button(project, element, rect, looks, unfocused);
    case 'switch':
      return ringed(
        project,
        element,
        rect,
        looks,
        paintSwitch(element, faceOf(project, element, rect, looks)),
      );
    case 'slider':
      return ringed(
        project,
        element,
        rect,
        looks,
        paintSlider(element, faceOf(project, element, rect, looks)),
      );
    case 'choice':
      return ringed(
        project,
        element,
        rect,
        looks,
        paintChoice(element, faceOf(project, element, rect, looks)),
      );
    case 'entry':
      return ringed(
        project,
        element,
        rect,
        looks,
        paintEntry(element, faceOf(project, element, rect, looks)),
      );
    case 'tabs':
      return ringed(
        project,
        element,
        { ...rect, height: element.bar },
        looks,
        paintTabs(element, faceOf(project, element, rect, looks)),
      );
    case 'list':
      return list(project, element, rect, looks.rows[element.id]);
    case 'progress':
      return paintProgress(project, element, rect, heldBy(project, element, looks.holds));
    case 'bubble':
      return bubble(project, element, rect, said(element.text), looks);
    case 'prompt':
      return prompt(project, element, rect, said(element.text), looks);
    case 'binding':
      return ringed(
        project,
        element,
        rect,
        looks,
        bindingRow(element, faceOf(project, element, rect, looks), looks),
      );
    case 'address':
      return address(project, element, rect, said(element.text), looks);
    case 'touch':
    case 'component':
      return [];
  }
}

function button(
  project: Project,
  element: Element & { type: 'button' },
  rect: Rect,
  looks: Looks,
  prompts: boolean,
): Item[] {
  const { look, ink, said } = faceOf(project, element, rect, looks);
  const action = prompts ? project.actions.find((each) => each.id === element.shortcut) : undefined;
  const code = action && codeOn(project, action.id, looks);
  const words = code ? `[${codeName(code)}]  ${said}` : said;
  return ringed(project, element, rect, looks, [
    ...box(element.id, rect, look),
    ...text(project, element.id, rect, words, ink, ink.stand ?? 'middle'),
  ]);
}

function address(
  project: Project,
  element: Element & { type: 'address' },
  rect: Rect,
  said: string,
  looks: Looks,
): Item[] {
  const look = textLook(project, element.look);
  const items = text(project, element.id, rect, said, look, look.stand ?? 'middle');
  // That it can be followed is told by a line beneath.
  const under = items.flatMap((item): Item[] =>
    item.kind === 'text'
      ? item.lines.map((line) =>
          plain(
            null,
            {
              x: line.x - { start: 0, middle: line.width / 2, end: line.width }[item.anchor],
              y: line.y + item.size * 0.12,
              width: line.width,
              height: Math.max(2, item.size * 0.06),
            },
            item.colour,
          ),
        )
      : [],
  );
  return ringed(project, element, rect, looks, [...items, ...under]);
}

/** `live` stands in place of the rows that are written: the last of them, as many as there is room for. */
function list(
  project: Project,
  element: Element & { type: 'list' },
  rect: Rect,
  live: readonly string[] | undefined,
): Item[] {
  const look = boxLook(project, element.box);
  const ink = textLook(project, element.look);
  const edge = Math.max(look.borderWidth, element.rowHeight * 0.3);
  const fitting = Math.floor(rect.height / element.rowHeight);
  return [
    ...box(element.id, rect, look),
    ...(live ? live.slice(-fitting) : element.rows.slice(0, fitting)).flatMap((words, i) => {
      const row = { ...rect, y: rect.y + i * element.rowHeight, height: element.rowHeight };
      const line = { x: rect.x + edge, y: row.y, width: rect.width - 2 * edge, height: 1.5 };
      return [
        ...(i > 0 ? [plain(null, line, look.border)] : []),
        ...text(
          project,
          element.id,
          inset(row, { top: 0, right: edge, bottom: 0, left: edge }),
          words,
          { ...ink, wrap: 'cut', ...(look.ink ? { colour: look.ink } : {}) },
          'middle',
        ),
      ];
    }),
  ];
}

function bubble(
  project: Project,
  drawn: Element & { type: 'bubble' },
  rect: Rect,
  said: string,
  looks: Looks,
): Item[] {
  const shape = looks.shapes[drawn.id];
  const element = shape === undefined ? drawn : { ...drawn, shape };
  const look = boxLook(project, element.box);
  const ink = textLook(project, element.look);
  const { fill, gradient, border, borderWidth, corner } = look;
  return [
    {
      kind: 'path',
      id: element.id,
      path: bubblePath(rect, corner, element),
      fill,
      border,
      borderWidth,
      ...(gradient ? { gradient } : {}),
      ...(element.shape === 'whisper' ? { dashed: true as const } : {}),
    },
    ...typedOut(
      text(
        project,
        element.id,
        inset(rect, element.area),
        said,
        look.ink ? { ...ink, colour: look.ink } : ink,
        ink.stand ?? 'middle',
      ),
      element.id,
      looks,
    ),
  ];
}

function picture(
  project: Project,
  element: PictureElement | PortraitElement,
  rect: Rect,
  looks: Looks,
): Item {
  const id = looks.assets[element.id] ?? element.asset;
  const asset = project.assets.find((each) => each.id === id);
  if (!asset) return missing(element.id, rect);
  const edges = element.type === 'picture' ? element.slice : undefined;
  const item: PictureItem = { kind: 'picture', id: element.id, rect, asset: asset.id, fit: element.fit };
  return edges ? { ...item, slice: { edges, width: asset.width, height: asset.height } } : item;
}

function portrait(project: Project, element: PortraitElement, rect: Rect, looks: Looks): Item[] {
  const look = boxLook(project, element.box);
  const inner = picture(project, element, inset(rect, edges(look.borderWidth)), looks);
  const clip = { ...rect, corner: look.corner };
  const middle = { angle: 0, x: rect.x + rect.width / 2, y: rect.y, flipped: true };
  return [
    ...box(null, rect, { ...look, border: CLEAR, borderWidth: 0 }),
    group([element.flipped ? group([inner], { turn: middle }) : inner], { clip }),
    ...box(element.id, rect, {
      ...look,
      fill: CLEAR,
      gradient: undefined,
      shadow: undefined,
      outline: undefined,
    }),
  ];
}

const edges = (by: number) => ({ top: by, right: by, bottom: by, left: by });

const missing = (id: Id, rect: Rect): Item => ({
  ...plain(id, rect, '#8899aa33'),
  border: '#8899aa',
  borderWidth: 2,
});
