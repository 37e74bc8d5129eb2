import { holdsOf, playOf } from '../elements';
import {
  type RenderState,
  heldBy,
  indexOf,
  group,
  pictured,
  plain,
  type GroupItem,
  type Item,
} from '../drawing';
import type { CompiledScreen, Flow } from '../compile';
import type { Rect } from '../geometry';
import { withId, type Background, type Element, type Id, type Project, type Shadow } from '../model';
import { scrollOf } from '../run';
import { paintElement } from './element';
import { keptItems } from './kept';
import { scrollBarItems, scrollBarsOf } from './scroll-bar';
import { boxLook, colourOf, gradientOf } from '../style';

export interface ScreenPicture {
  background: Item[];
  content: Item[];
  /** What lies on the screen itself, one after another. */
  pieces: { id: Id; rect: Rect; items: Item[] }[];
  /** Both together. */
  all: Item[];
}

/** A screen at rest. */
export function paintScreen(flow: Flow, compiled: CompiledScreen, looks: RenderState): ScreenPicture {
  const { project, frame } = flow;
  const { screen, layout } = compiled;
  const background = paintBackground(
    project,
    screen.background,
    { x: 0, y: 0, width: frame.width, height: frame.height },
    looks.grain,
  );
  // What never has the focus shows which key presses its buttons.
  const unfocused = screen.layer === 'notice' || screen.layer === 'hud';
  const { hidden } = looks;
  const paint = (element: Element): Item[] => {
    if (hidden.includes(element.id)) return [];
    const rect = layout.get(element.id)!;
    const own = keptItems(flow, compiled, element, looks, () =>
      paintElement(flow, element, rect, looks, unfocused),
    );
    const inner = heldIn(project, compiled, element, looks).flatMap(paint);
    const items = asOne(project, element, rect, [
      ...own,
      ...clipped(flow, compiled, element, rect, inner, looks),
      ...barsOn(flow, compiled, element, looks),
    ]);
    // What is held by something and moves by itself can be found again.
    return element.animations && element.parent !== null
      ? [group(items, { part: { id: element.id, rect } })]
      : items;
  };
  const pieces = (compiled.tree.get(null) ?? []).map((element) => ({
    id: element.id,
    rect: layout.get(element.id)!,
    items: paint(element),
  }));
  const content = pieces.flatMap((piece) => piece.items);
  return { background, pieces, content, all: [...background, ...content] };
}

/** What an element holds, as it is drawn now; of tabs only what belongs to the one that is up. */
function heldIn(
  project: Project,
  { tree }: CompiledScreen,
  element: Element,
  looks: RenderState,
): readonly Element[] {
  const held = tree.get(element.id) ?? [];
  const { pages } = holdsOf(element);
  if (pages === undefined) return held;
  const up = indexOf(heldBy(project, element, looks.holds), pages);
  return held.slice(up, up + 1);
}

function clipped(
  { project }: Flow,
  compiled: CompiledScreen,
  element: Element,
  rect: Rect,
  inner: Item[],
  { scrollTo, scrolled }: RenderState,
): Item[] {
  const { overflow } = holdsOf(element);
  if (overflow === undefined || inner.length === 0) return inner;
  const by = overflow === 'scrolls' ? scrollOf(compiled, element.id, scrollTo, scrolled) : { x: 0, y: 0 };
  const items = by.x === 0 && by.y === 0 ? inner : [group(inner, by)];
  const corner = 'box' in element ? boxLook(project, element.box).corner : 0;
  const cut = playOf(element).outline?.(element, rect, corner);
  return [group(items, cut === undefined ? { clip: { ...rect, corner } } : { cut })];
}

const barsOn = ({ project }: Flow, compiled: CompiledScreen, element: Element, looks: RenderState): Item[] =>
  scrollBarItems(project, element, scrollBarsOf(project, compiled, element, looks.scrollTo, looks.scrolled));

/** What an element holds is tinted, masked, shadowed, faded, turned and blended with it, as one. */
function asOne(project: Project, element: Element, rect: Rect, items: Item[]): Item[] {
  const { opacity = 1, turn = 0, blend = 'normal', shadow } = element;
  if (items.length === 0) return items;
  const inner = masked(project, element, rect, items);
  if (opacity >= 1 && turn === 0 && blend === 'normal' && !shadow) return inner;
  const middle = { angle: turn, x: rect.x + rect.width / 2, y: rect.y + rect.height / 2 };
  return [
    group(inner, {
      id: element.id,
      opacity,
      ...(turn === 0 ? {} : { turn: middle }),
      ...(blend === 'normal' ? {} : { blend }),
      ...(shadow ? { shadow: shadowOf(project, shadow, rect) } : {}),
    }),
  ];
}

function masked(project: Project, { tint, mask }: Element, rect: Rect, items: Item[]): Item[] {
  const tinted = tint ? [group(items, { tint: colourOf(project, tint) })] : items;
  const asset = mask && withId(project.assets, mask.asset);
  return asset ? [group(tinted, { mask: pictured(null, asset, rect, mask.fit) })] : tinted;
}

/** A shadow with room for all of it, however soft and far off. */
function shadowOf(
  project: Project,
  { colour, ...shadow }: Shadow,
  { width, height }: Rect,
): GroupItem['shadow'] {
  const far = Math.max(Math.abs(shadow.x), Math.abs(shadow.y)) + 2 * shadow.blur;
  const reach = Math.min(50, 0.1 + far / Math.max(1, Math.min(width, height)));
  return { ...shadow, colour: colourOf(project, colour), reach };
}

function paintBackground(
  project: Project,
  { colour, gradient, picture, fit = 'cover', grain }: Background,
  frame: Rect,
  shift: number,
): Item[] {
  const items: Item[] = [];
  const fill = colourOf(project, colour);
  if (gradient || fill.length !== 9 || !fill.endsWith('00'))
    items.push({
      ...plain(null, frame, fill),
      ...(gradient ? { gradient: gradientOf(project, gradient) } : {}),
    });
  const behind = withId(project.assets, picture);
  if (behind) items.push(pictured(null, behind, frame, fit));
  if (grain && grain.amount > 0)
    items.push({ kind: 'grain', rect: frame, amount: grain.amount, shift: grain.moves ? shift : 0 });
  return items;
}
