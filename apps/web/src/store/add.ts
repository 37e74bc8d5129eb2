import type { CompiledScreen } from '@tavu/core/compile';
import { componentById } from '@tavu/core/component';
import { innerRoom, spanOf, tidy } from '@tavu/core/layout';
import type { Rect } from '@tavu/core/geometry';
import type { Asset, Placement, Element, ElementType, Id, Place } from '@tavu/core/model';
import { at, centre, freshElement, whereItBelongs, type Belonging } from '@tavu/core/starter';
import { choose, edit, useStudio } from './store';
import { setView, useView } from './view';

/** Putting elements on a screen: by one key or press, or drawn out. */

export type Tool = NonNullable<ReturnType<typeof useView.getState>['tool']>;

/** What can be put on, in the order it is offered, each with its key. */
export const TOOLS: readonly [Exclude<ElementType, 'component'>, string][] = [
  ['button', 'B'],
  ['text', 'T'],
  ['panel', 'P'],
  ['ellipse', 'Q'],
  ['shape', 'H'],
  ['picture', 'I'],
  ['switch', 'S'],
  ['slider', 'L'],
  ['choice', 'C'],
  ['tabs', 'N'],
  ['list', 'M'],
  ['progress', 'G'],
  ['entry', 'E'],
  ['binding', 'Y'],
  ['portrait', 'R'],
  ['bubble', 'U'],
  ['spoken', 'D'],
  ['prompt', 'K'],
  ['address', 'W'],
  ['touch', 'O'],
  ['stick', 'J'],
];

/** A new one where it belongs, and chosen. */
export function addElement(screen: Id, tool: Tool): void {
  const { project, flow } = useStudio.getState();
  const compiled = flow.screens.get(screen);
  const element = make(tool);
  if (!compiled || !element) return;
  const { elements } = compiled.screen;
  const { moves, ...where } = whereItBelongs(
    { elements, layout: compiled.layout, frame: project.design, isHud: compiled.layer === 'hud' },
    element,
  );
  place(screen, { ...element, ...where }, moves);
}
/** A ready set where it belongs, with the values it shows; the element that holds it is chosen. */
export function addSet(screen: Id, set: string): void {
  const made = edit('add set', { screen, set });
  if (made) choose({ screen, element: made });
}

/**
 * Where it was drawn; a press without a drag puts it there at its usual size. The pointer chooses again after it.
 * @param drawn in design pixels
 * @param point where it was pressed, in design pixels
 */
export function addDrawn(
  compiled: CompiledScreen,
  tool: Tool,
  drawn: Rect | null,
  point: { x: number; y: number },
): void {
  setView({ tool: null });
  const element = make(tool);
  if (!element) return;
  const usual = element.place;
  const size = (placement: Placement): number =>
    placement.at !== 'stretch' && typeof placement.size === 'number' ? placement.size : 100;
  const { width, height } = useStudio.getState().flow.frame;
  // Pressed near an edge, it lies within the frame all the same.
  const within = (at: number, size: number, max: number): number =>
    Math.round(Math.max(0, Math.min(at - size / 2, max - size)));
  const rect = drawn ?? {
    x: within(point.x, size(usual.x), width),
    y: within(point.y, size(usual.y), height),
    width: size(usual.x),
    height: size(usual.y),
  };
  const parent = holderOf(compiled, rect);
  const room = (axis: 'x' | 'y'): number => {
    const held = parent === null ? undefined : compiled.byId.get(parent);
    return held ? innerRoom(held, spanOf(compiled.layout.get(held.id)!, axis), axis).start : 0;
  };
  const axis = (axis: 'x' | 'y'): Placement => {
    const { start, size } = spanOf(rect, axis);
    return { at: 'start', offset: tidy(start - room(axis)), size };
  };
  const drawnPlace: Place = { x: axis('x'), y: axis('y') };
  place(compiled.id, { ...element, parent, place: drawnPlace });
}

/** The innermost panel that a rect lies wholly in. */
function holderOf(compiled: CompiledScreen, rect: Rect): Id | null {
  const inside = compiled.screen.elements.filter((element) => {
    const held = compiled.layout.get(element.id)!;
    return (
      (element.type === 'panel' || element.type === 'tabs') &&
      !element.editing?.locked &&
      !element.editing?.hidden &&
      rect.x >= held.x &&
      rect.y >= held.y &&
      rect.x + rect.width <= held.x + held.width &&
      rect.y + rect.height <= held.y + held.height
    );
  });
  return inside.at(-1)?.id ?? null;
}

function make(tool: Tool): Element | null {
  const { project } = useStudio.getState();
  if (typeof tool === 'string') return freshElement(project, tool);
  const component = componentById(project, tool.component);
  if (!component) return null;
  return {
    id: '',
    name: component.name,
    type: 'component',
    parent: null,
    component: component.id,
    place: at(centre(0, component.width), centre(0, component.height)),
  };
}

function place(screen: Id, element: Element, moves?: Belonging['moves']): void {
  const made = edit('add element', { screen, element, moves });
  if (made) choose({ screen, element: made });
}

/** A picture in the middle of a screen, at its own size or as large as the frame takes. */
export function putPicture(screen: Id, asset: Asset, key?: string): Id | undefined {
  const { design } = useStudio.getState().project;
  const scale = Math.min(1, design.width / asset.width, design.height / asset.height);
  const [width, height] = [Math.round(asset.width * scale), Math.round(asset.height * scale)];
  const element = {
    id: '',
    name: asset.name,
    type: 'picture' as const,
    parent: null,
    place: at(centre(0, width), centre(0, height)),
    asset: asset.id,
    fit: 'contain' as const,
  };
  return edit('add element', { screen, element }, { key });
}
