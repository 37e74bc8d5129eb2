import type { CompiledScreen } from '@tavu/core/compile';
import type { ElementChange } from '@tavu/core/edit';
import { innerRoom, moveAxis, resizeAxis, spanOf } from '@tavu/core/layout';
import type { Rect, Axis } from '@tavu/core/geometry';
import type { Element, Id, Length, Placement } from '@tavu/core/model';
import { isKeying, keyedAt, rectNow } from './keying';
import { liveFlow } from '../run';
import { chosenElements, edit, useStudio, useView } from '../store';

/** The chosen elements where they stand in Live, and what moves and sizes them. */

/** A chosen element as it is drawn: by its path, with what its place says otherwise. */
export interface Reached {
  path: Id;
  element: Element;
  rect: Rect;
}

export function reachedOn(compiled: CompiledScreen | undefined, paths: readonly Id[]): Reached[] {
  return paths.flatMap((path) => {
    const element = compiled?.byId.get(path);
    const rect = compiled?.layout.get(path);
    if (!element || !rect) return [];
    return [{ path, element, rect: isKeying(compiled!.id) ? rectNow(element, rect) : rect }];
  });
}

/** Those of the chosen elements that no other of them holds. */
export function chosenTops(compiled: CompiledScreen | undefined): Reached[] {
  const all = reachedOn(compiled, chosenElements(useStudio.getState().chosen));
  const paths = new Set(all.map((reached) => reached.path));
  return all.filter(({ element }) => {
    for (let up = element.parent; up !== null; up = compiled!.byId.get(up)?.parent ?? null)
      if (paths.has(up)) return false;
    return true;
  });
}

/** What an element is placed in, on one axis, in design pixels. */
export function roomOf(
  compiled: CompiledScreen,
  element: Element,
  axis: Axis,
): { start: number; size: number } {
  const { frame } = liveFlow();
  const parent = element.parent === null ? undefined : compiled.byId.get(element.parent);
  const rect = parent && compiled.layout.get(parent.id);
  if (!parent || !rect) return { start: 0, size: axis === 'x' ? frame.width : frame.height };
  return innerRoom(parent, spanOf(rect, axis), axis);
}

/** The change that brings an element from where it stands to another rect, its anchors and units kept. */
export function toRect(compiled: CompiledScreen, { path, element, rect }: Reached, to: Rect): ElementChange {
  const { here } = useView.getState();
  if (isKeying(compiled.id)) return keyedAt(path, element, compiled.layout.get(path)!, to, here);
  const place = placeWritten(path, element);
  for (const axis of ['x', 'y'] as const) {
    const [a, b] = [spanOf(rect, axis), spanOf(to, axis)];
    const room = roomOf(compiled, element, axis).size;
    const start = b.start - a.start;
    const end = start + b.size - a.size;
    if (start === end) {
      if (start !== 0) place[axis] = moveAxis(place[axis], start, room);
    } else place[axis] = resizeAxis(place[axis], start, end, room);
  }
  return { element: path, change: { place }, here };
}

/** The place of an element as it is written where it belongs: in a component, siblings go by their own ids. */
export function placeWritten(path: Id, { place }: Element): Element['place'] {
  const within = path.lastIndexOf('/') + 1;
  const own = (placement: Placement): Placement =>
    placement.at !== 'stretch' && placement.to !== undefined
      ? { ...placement, to: placement.to.slice(within) }
      : placement;
  return { x: own(place.x), y: own(place.y) };
}

/**
 * Gives several one size on an axis, as one step: design pixels, or a percentage of what each is placed in. Each grows
 * about its pivot; one that is stretched moves its far edge.
 */
export function putSize(
  compiled: CompiledScreen,
  reached: readonly Reached[],
  axis: Axis,
  length: Length,
): void {
  const { here } = useView.getState();
  const changes = reached.map((one): ElementChange => {
    const { path, element, rect } = one;
    if (!isKeying(compiled.id) && element.place[axis].at !== 'stretch') {
      const place = placeWritten(path, element);
      return {
        element: path,
        change: { place: { ...place, [axis]: { ...place[axis], size: length } } },
        here,
      };
    }
    const size = inPixels(length, roomOf(compiled, element, axis).size);
    return toRect(compiled, one, { ...rect, [axis === 'x' ? 'width' : 'height']: size });
  });
  edit('change elements', { screen: compiled.id, changes });
}

const inPixels = (length: Length, room: number): number =>
  typeof length === 'number' ? length : (parseFloat(length) / 100) * room;

/** Brings several to new rects, as one step; edits with the same key join. */
export function putRects(
  compiled: CompiledScreen,
  moves: readonly { reached: Reached; to: Rect }[],
  key?: string,
): void {
  const changes = moves.map(({ reached, to }) => toRect(compiled, reached, to));
  if (changes.length > 0) edit('change elements', { screen: compiled.id, changes }, { key });
}

export const isLocked = (compiled: CompiledScreen, path: Id): boolean => {
  for (let at: Id | null = path; at !== null;) {
    const element: Element | undefined = compiled.byId.get(at);
    if (element?.editing?.locked || element?.editing?.hidden) return true;
    at = element?.parent ?? null;
  }
  return false;
};

/** A rect so many design pixels to the right and further down. */
export const moved = (rect: Rect, x: number, y: number): Rect => ({ ...rect, x: rect.x + x, y: rect.y + y });
