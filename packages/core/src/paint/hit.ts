import type { CompiledScreen, Flow } from '../compile';
import type { Rect } from '../layout';
import type { Element, Id } from '../model';
import { awayOn, reachable, sampleInstance, type RunState, type Spot } from '../run';
import { stackLift } from './run';
import { scrollOf } from './scroll';

/**
 * What a press at a point (design pixels) lands on: the topmost element that can be pressed, on the screens a press may
 * reach, where motion has them at this time. A modal overlay catches all that misses its elements.
 */
export function hitTest(flow: Flow, state: RunState, x: number, y: number): Spot | null {
  const { width, height } = flow.frame;
  for (const level of reachable(flow, state)) {
    const screen = flow.screens.get(level.screen)!;
    const sample = sampleInstance(level, state.now);
    if (!sample) continue;
    const at = {
      x: x - (sample.x + sample.contentX) * width,
      y: y - (sample.y + sample.contentY) * height - stackLift(flow, level),
    };
    const { hidden, disabled } = awayOn(flow, state, level);
    const hit = elementsAt(screen, at, hidden, level.focus).find((id) => screen.pressable.has(id));
    const element = hit === undefined ? undefined : screen.pressable.get(hit);
    // What is disabled takes the press and does nothing with it.
    if (element) return { serial: level.serial, element: disabled.includes(element) ? null : element };
    if (screen.modal) return { serial: level.serial, element: null };
  }
  return { serial: state.base.serial, element: null };
}

interface Point {
  x: number;
  y: number;
}

/**
 * The elements of a screen at a point of the frame, topmost first: turned as they are drawn, cut off where what holds
 * them cuts them off.
 */
export function elementsAt(
  screen: Pick<CompiledScreen, 'tree' | 'layout' | 'byId'>,
  point: Point,
  hidden: readonly Id[] = [],
  focus: Id | null = null,
): Id[] {
  const { tree, layout } = screen;
  const found: Id[] = [];
  const look = (element: Element, at: Point): void => {
    if (hidden.includes(element.id)) return;
    const rect = layout.get(element.id)!;
    const own = element.turn ? turned(at, rect, -element.turn) : at;
    const inside = contains(rect, own.x, own.y);
    if (inside) found.unshift(element.id);
    if (!inside && element.type === 'panel' && element.overflow !== undefined) return;
    const by =
      element.type === 'panel' && element.overflow === 'scrolls'
        ? scrollOf(screen, element.id, focus)
        : { x: 0, y: 0 };
    for (const each of tree.get(element.id) ?? []) look(each, { x: own.x - by.x, y: own.y - by.y });
  };
  for (const element of tree.get(null) ?? []) look(element, point);
  return found;
}

/** A point turned about the middle of a rect, in degrees. */
export function turned({ x, y }: Point, rect: Rect, angle: number): Point {
  const turn = (angle * Math.PI) / 180;
  const [cx, cy] = [rect.x + rect.width / 2, rect.y + rect.height / 2];
  const [dx, dy] = [x - cx, y - cy];
  return {
    x: cx + dx * Math.cos(turn) - dy * Math.sin(turn),
    y: cy + dx * Math.sin(turn) + dy * Math.cos(turn),
  };
}

export const contains = (rect: Rect, x: number, y: number): boolean =>
  x >= rect.x && x <= rect.x + rect.width && y >= rect.y && y <= rect.y + rect.height;
