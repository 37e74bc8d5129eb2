import { compileAnimation, sampleAnimation, withKeyframe } from '@tavu/core/animate';
import type { CompiledScreen } from '@tavu/core/compile';
import type { ElementChange } from '@tavu/core/edit';
import type { Rect } from '@tavu/core/geometry';
import { freshId, type Element, type Id, type Keyframe } from '@tavu/core/model';
import type { Pose } from '@tavu/core/paint';
import { create } from 'zustand';
import { useStudio } from '../store';

/**
 * While keyframes are set: moving an element says where it is at that moment of its screen, and not where it is
 * placed.
 */
export const useKeying = create<{ screen: Id | null; at: number }>(() => ({ screen: null, at: 0 }));

export const isKeying = (screen: Id): boolean => useKeying.getState().screen === screen;

/** An element as its own animations have it at that moment, turned or not. */
function stirredNow(element: Element) {
  const { at } = useKeying.getState();
  const { rates } = useStudio.getState().project;
  const sum = { x: 0, y: 0, scale: 1, turn: 0 };
  for (const animation of element.animations ?? []) {
    if (animation.on !== 'arrival') continue;
    const now = sampleAnimation(compileAnimation(element.id, animation, rates, false), at);
    sum.x += now.x;
    sum.y += now.y;
    sum.scale *= now.scale;
    sum.turn += now.turn;
  }
  return sum;
}

/** Where an element is drawn at that moment, but for its turn. */
export function rectNow(element: Element, { x, y, width, height }: Rect): Rect {
  const now = stirredNow(element);
  const [w, h] = [width * now.scale, height * now.scale];
  return { x: x + now.x + (width - w) / 2, y: y + now.y + (height - h) / 2, width: w, height: h };
}

/** All that is drawn elsewhere than it is placed at that moment, while keyframes are set. */
export function posesNow({ id, elements }: CompiledScreen): ReadonlyMap<Id, Pose> | undefined {
  if (!isKeying(id)) return undefined;
  const moving = elements.filter((element) => element.animations);
  return new Map(moving.map((element) => [element.id, { opacity: 1, blur: 0, ...stirredNow(element) }]));
}

const keyed = (element: Element, change: Partial<Keyframe>): { animations: Element['animations'] } => {
  const { at } = useKeying.getState();
  const { rates } = useStudio.getState().project;
  return { animations: withKeyframe(element.animations, at, change, rates, freshId('a')) };
};

/** The keyframe that has an element at `to` at that moment; `rest` is where it is placed. */
export function keyedAt(path: Id, element: Element, rest: Rect, to: Rect, here: boolean): ElementChange {
  const tidy = (n: number): number => Math.round(n * 100) / 100;
  const now = stirredNow(element);
  const scale = rest.width > 0 ? to.width / rest.width : 1;
  const change: Partial<Keyframe> = {
    x: tidy(to.x + to.width / 2 - rest.x - rest.width / 2),
    y: tidy(to.y + to.height / 2 - rest.y - rest.height / 2),
    ...(Math.abs(scale - now.scale) > 0.001 ? { scale: Math.round(scale * 1000) / 1000 } : {}),
  };
  return { element: path, change: keyed(element, change), here };
}

/** The keyframe that has an element turned by so much more at that moment. */
export const keyedTurn = (element: Element, by: number) =>
  keyed(element, { turn: stirredNow(element).turn + by });
