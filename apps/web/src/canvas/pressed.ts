import type { CompiledScreen } from '@tavu/core/compile';
import type { Rect } from '@tavu/core/geometry';
import { screenById, type Id, type Screen } from '@tavu/core/model';
import { elementsAt } from '@tavu/core/paint';
import { liveFlow, useRun } from '../run';
import { chosenElements, useStudio } from '../store';
import type { Point } from './drag';
import { posesNow } from './keying';
import { isLocked, reachedOn, type Reached } from './reach';
import { editedOf } from './topmost';

/** What a press on the held picture is on. */

/** The screen that is edited now, and what is chosen on it: the chosen one, unless the run has covered it since. */
export function edited(): { screen?: Screen; compiled?: CompiledScreen; all: Reached[] } {
  const { project, chosen } = useStudio.getState();
  const { up } = useRun.getState();
  const screen = screenById(project, editedOf(up));
  const compiled = screen && liveFlow().screens.get(screen.id);
  return { screen, compiled, all: reachedOn(compiled, chosenElements(chosen)) };
}

export interface Pressed {
  screen: Id;
  element: Id;
  /** It is on another screen than the chosen one: nothing of it is moved unasked. */
  isAnother: boolean;
}

/**
 * What a press at a point is on: the topmost element there, unless that is of another screen than the chosen one and
 * something chosen lies under it. Null where there is no element.
 * @param at in design pixels
 */
export function pressedAt(up: readonly Id[], at: Point): Pressed | null {
  const { chosen } = useStudio.getState();
  const { screen, all } = edited();
  const top = elementAt(up, at, chosenElements(chosen));
  if (!top) return null;
  const isAnother = chosen.screen === screen?.id && top.screen !== chosen.screen;
  const under = isAnother ? all.find(({ rect }) => contains(rect, at)) : undefined;
  return under ? { screen: screen!.id, element: under.path, isAnother: false } : { ...top, isAnother };
}

const contains = (rect: Rect, { x, y }: Point): boolean =>
  x >= rect.x && x <= rect.x + rect.width && y >= rect.y && y <= rect.y + rect.height;

/**
 * The topmost element at a point, on the topmost screen that has one there. A component is chosen as a whole, until one
 * of its own elements is chosen.
 */
function elementAt(
  up: readonly Id[],
  at: Point,
  chosen: readonly Id[],
): Pick<Pressed, 'screen' | 'element'> | null {
  const { screens } = liveFlow();
  for (const id of [...up].reverse()) {
    const compiled = screens.get(id);
    if (!compiled) continue;
    const found = elementsAt(compiled, at, [], null, posesNow(compiled)).find(
      (path) => !isLocked(compiled, path),
    );
    if (found === undefined) continue;
    const open = chosen.find((path) => path.includes('/'));
    const within = open?.slice(0, open.lastIndexOf('/'));
    const element =
      within !== undefined && found.startsWith(`${within}/`) ? stepInto(within, found) : found.split('/')[0]!;
    return { screen: id, element };
  }
  return null;
}

/** One step from a placed component towards something in it. */
export const stepInto = (placed: Id, inner: Id): Id =>
  `${placed}/${inner.slice(placed.length + 1).split('/')[0]!}`;
