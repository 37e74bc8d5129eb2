import type { Flow } from '../compile';
import { beating, group, statesOf, type GroupItem, type Item, type RenderState } from '../drawing';
import { playOf } from '../elements';
import { isUsed } from '../focus';
import { movesWords } from '../marks';
import type { Rect } from '../geometry';
import type { Element, Id, StateName } from '../model';
import { boxLook, inStates, type DrawnBox } from '../style';

/** One element by itself, without what it holds. `unfocused`: it is on a screen that never has the focus. */
export function paintElement(
  { project, reduced }: Pick<Flow, 'project' | 'reduced'>,
  element: Element,
  rect: Rect,
  looks: RenderState,
  unfocused: boolean,
): Item[] {
  const said = looks.texts[element.id] ?? ('text' in element ? element.text : '');
  const paint = (as: RenderState): Item[] => {
    const items = playOf(element).paint(element, { project, rect, looks: as, unfocused, said });
    return as.beat === null || !movesWords(said) ? items : beating(items, as.beat);
  };
  if (!('box' in element) || !isUsed(element)) return paint(looks);
  const own = boxLook(project, element.box);
  // Where the player asks for less motion nothing grows or is nudged.
  const movedBy = (states: readonly StateName[]): Moved => (reduced ? AT_REST : movedIn(own, states));
  const now = statesOf(element.id, looks);
  const going = looks.faces[element.id];
  if (!going) return placed(rect, movedBy(now), paint(looks));
  // The new look comes over the old one, which stays beneath until it is covered.
  const before = paint(inThose(looks, element.id, going.was));
  const items = [...before, group(paint(looks), { opacity: going.p })];
  const [from, to] = [movedBy(going.was), movedBy(now)];
  const part = (name: keyof Moved): number => from[name] + (to[name] - from[name]) * going.p;
  return placed(rect, { grow: part('grow'), x: part('x'), y: part('y') }, items);
}

interface Moved {
  grow: number;
  x: number;
  y: number;
}

const AT_REST: Moved = { grow: 1, x: 0, y: 0 };

function movedIn(look: DrawnBox, states: readonly StateName[]): Moved {
  const { grow = 1, nudge = { x: 0, y: 0 } } = inStates(look, states);
  return { grow, ...nudge };
}

/** Drawn larger about the middle of its rect, and away from it. */
function placed(rect: Rect, { grow, x, y }: Moved, items: Item[]): Item[] {
  if (grow === 1 && x === 0 && y === 0) return items;
  const change: Partial<GroupItem> = { x, y };
  if (grow !== 1) change.scale = { by: grow, x: rect.x + rect.width / 2, y: rect.y + rect.height / 2 };
  return [group(items, change)];
}

const inThose = (looks: RenderState, id: Id, states: readonly StateName[]): RenderState => {
  const is = (name: StateName): Id | null => (states.includes(name) ? id : null);
  return {
    ...looks,
    hovered: is('hovered'),
    focus: is('focused'),
    pressed: states.includes('pressed') ? [id] : [],
    disabled: states.includes('disabled') ? [id] : [],
  };
};
