import type { CompiledScreen } from '../compile';
import type { Rect } from '../layout';
import type { Action, BoxFace, BoxLook, Element, Id, Project, TextLook } from '../model';
import { keyName, padName } from '../words';
import { breakLines, faceName, houseFont } from '../text';
import type { Anchor, Item, PlacedLine } from './items';
import { boxLook, textLook } from './looks';

/** Which elements look other than normal. */
export interface Looks {
  focus: Id | null;
  hovered: Id | null;
  pressed: Id | null;
  /** What texts with names in them say, by element. */
  texts: Record<Id, string>;
  /** Pictures that a parameter gives, by element. */
  assets: Record<Id, Id>;
  /** Whether prompts show keys or pad buttons. */
  device: 'keys' | 'pad';
}
export const NORMAL: Looks = {
  focus: null,
  hovered: null,
  pressed: null,
  texts: {},
  assets: {},
  device: 'keys',
};

export interface ScreenPicture {
  background: Item[];
  content: Item[];
  /** Both together. */
  all: Item[];
}

/** A screen at rest. */
export function paintScreen(project: Project, compiled: CompiledScreen, looks: Looks): ScreenPicture {
  const { screen, layout } = compiled;
  const frame: Rect = { x: 0, y: 0, width: project.design.width, height: project.design.height };
  const background: Item[] = [];
  if (screen.background.colour.length !== 9 || !screen.background.colour.endsWith('00'))
    background.push({
      kind: 'box',
      id: null,
      rect: frame,
      fill: screen.background.colour,
      border: '#00000000',
      borderWidth: 0,
      corner: 0,
    });
  if (screen.background.picture && hasAsset(project, screen.background.picture))
    background.push({
      kind: 'picture',
      id: null,
      rect: frame,
      asset: screen.background.picture,
      fit: 'cover',
    });
  // What never has the focus shows which key presses its buttons.
  const unfocused = screen.layer === 'notice' || screen.layer === 'companion';
  const held = new Map<Id | null, Element[]>();
  const ids = new Set(screen.elements.map((element) => element.id));
  for (const element of screen.elements) {
    const parent = element.parent !== null && ids.has(element.parent) ? element.parent : null;
    held.set(parent, [...(held.get(parent) ?? []), element]);
  }
  const paint = (element: Element): Item[] => {
    const rect = layout.get(element.id)!;
    const own = paintElement(project, element, rect, looks, unfocused);
    const items = [...own, ...(held.get(element.id) ?? []).flatMap(paint)];
    const opacity = element.opacity ?? 1;
    // One group, so that what an element holds fades with it as one.
    return opacity < 1 ? [{ kind: 'group', id: element.id, opacity, x: 0, y: 0, items }] : items;
  };
  const content = (held.get(null) ?? []).flatMap(paint);
  return { background, content, all: [...background, ...content] };
}

const hasAsset = (project: Project, id: Id): boolean => project.assets.some((asset) => asset.id === id);

function paintElement(
  project: Project,
  element: Element,
  rect: Rect,
  looks: Looks,
  prompts: boolean,
): Item[] {
  switch (element.type) {
    case 'panel':
      return [box(element.id, rect, boxLook(project, element.box))];
    case 'text':
      return [
        text(
          element.id,
          rect,
          looks.texts[element.id] ?? element.text,
          textLook(project, element.look),
          'top',
        ),
      ];
    case 'picture': {
      const asset = looks.assets[element.id] ?? element.asset;
      return asset && hasAsset(project, asset)
        ? [{ kind: 'picture', id: element.id, rect, asset, fit: element.fit }]
        : [missingPicture(element.id, rect)];
    }
    case 'button':
      return button(project, element, rect, looks, prompts);
  }
}

function button(
  project: Project,
  element: Element & { type: 'button' },
  rect: Rect,
  looks: Looks,
  prompts: boolean,
): Item[] {
  const plain = boxLook(project, element.box);
  const faces: (Partial<BoxFace> | undefined)[] = [
    looks.hovered === element.id ? plain.hovered : undefined,
    looks.focus === element.id ? plain.focused : undefined,
    looks.pressed === element.id ? plain.pressed : undefined,
  ];
  const look: BoxLook = Object.assign({ ...plain }, ...faces) as BoxLook;
  const ink = textLook(project, element.look);
  const said = looks.texts[element.id] ?? element.text;
  const action = prompts ? project.actions.find((each) => each.id === element.shortcut) : undefined;
  const words = action ? `${promptOf(action, looks.device)}  ${said}` : said;
  const items: Item[] = [
    box(element.id, rect, look),
    text(element.id, rect, words, look.ink ? { ...ink, colour: look.ink } : ink, 'middle'),
  ];
  // Focus is told by a ring besides colour.
  if (looks.focus === element.id) items.push({ kind: 'ring', rect: grown(rect, 8), corner: look.corner + 8 });
  return items;
}

/** The key or pad button of an action, in brackets. */
function promptOf(action: Action, device: 'keys' | 'pad'): string {
  const [key] = action.keys;
  const [button] = action.pad;
  if (device === 'pad' && button !== undefined) return `[${padName(button)}]`;
  return key !== undefined ? `[${keyName(key)}]` : `[${action.name}]`;
}

const box = (id: Id, rect: Rect, look: BoxLook): Item => ({
  kind: 'box',
  id,
  rect,
  fill: look.fill,
  border: look.border,
  borderWidth: look.borderWidth,
  corner: look.corner,
});

const missingPicture = (id: Id, rect: Rect): Item => ({
  kind: 'box',
  id,
  rect,
  fill: '#8899aa33',
  border: '#8899aa',
  borderWidth: 2,
  corner: 0,
});

const ANCHORS: Record<TextLook['align'], Anchor> = { start: 'start', centre: 'middle', end: 'end' };

/** Text broken to its box's width; each line's baseline stands as CSS line boxes put it. */
function text(id: Id, rect: Rect, value: string, look: TextLook, stand: 'top' | 'middle'): Item {
  const font = houseFont(look.font, look.weight);
  const broken = breakLines(value, font, look.size, rect.width);
  const height = look.size * look.line;
  const scale = look.size / font.unitsPerEm;
  const rise = (height - (font.ascender - font.descender) * scale) / 2 + font.ascender * scale;
  const top = stand === 'top' ? rect.y : rect.y + (rect.height - height * broken.length) / 2;
  const x = rect.x + { start: 0, centre: rect.width / 2, end: rect.width }[look.align];
  const lines: PlacedLine[] = broken.map((line, i) => ({ ...line, x, y: top + height * i + rise }));
  return {
    kind: 'text',
    id,
    rect,
    lines,
    face: faceName(look.font, look.weight),
    size: look.size,
    colour: look.colour,
    anchor: ANCHORS[look.align],
  };
}

const grown = (rect: Rect, by: number): Rect => ({
  x: rect.x - by,
  y: rect.y - by,
  width: rect.width + 2 * by,
  height: rect.height + 2 * by,
});
