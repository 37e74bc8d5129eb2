import { around, reparentAxis, spanOf, tidy } from '../layout';
import type { Axis, Rect } from '../geometry';
import { freshId, withId, type Arrange, type Element, type Id, type Placement, type Project } from '../model';
import { freshElement } from '../starter';
import { detach, topmostOf } from './elements';
import { freeNameIn, layoutIn, ownerById, roomIn, type Owner } from './owners';
import { asWritten, type Made } from './parts';

/** Between one element and the next where they lie on one another, in design pixels. */
const GAP = 24;
const CLEAR = '#00000000';
/** How far apart two edges may be that are taken for one, in design pixels. */
const NEAR = 0.5;

/**
 * The elements that can be stacked together: of those named the topmost ones, where they stand in the same parent and
 * that does not place them itself. Fewer than two are none.
 */
export function stackable(owner: Owner, ids: readonly Id[]): Element[] {
  const tops = topmostOf(owner, [...new Set(ids)]).map((id) => withId(owner.elements, id)!);
  const parent = withId(owner.elements, tops[0]?.parent);
  const placed = parent?.type === 'panel' && parent.arrange !== undefined;
  const together = tops.length > 1 && tops.every((element) => element.parent === tops[0]!.parent);
  return together && !placed ? tops : [];
}

export const stackCommands = {
  /**
   * Puts elements into a clear panel that places them in a column or row: in the order they stand in, at the gap they
   * had, lined up as they were. Gives the panel.
   */
  'stack elements': (
    project: Project,
    { screen, elements, by }: { screen: Id; elements: Id[]; by: 'column' | 'row' },
  ): Made => {
    const owner = ownerById(project, screen);
    const tops = owner ? stackable(owner, elements) : [];
    if (!owner || tops.length === 0) return;
    const layout = layoutIn(project, owner);
    const rectOf = ({ id }: Element): Rect => layout.get(id)!;
    const along: Axis = by === 'column' ? 'y' : 'x';
    const across: Axis = by === 'column' ? 'x' : 'y';
    const sorted = [...tops].sort((a, b) => spanOf(rectOf(a), along).start - spanOf(rectOf(b), along).start);
    const rects = sorted.map(rectOf);
    const gap = usualGap(rects, along);

    const first = owner.elements.find((element) => tops.includes(element))!;
    const whole = around(rects);
    const length = rects.reduce((sum, rect) => sum + spanOf(rect, along).size + gap, -gap);
    const moved = new Set(tops.map(({ id }) => id));
    detach(project, owner, moved, ({ id }) => !moved.has(id));
    const spans = { [along]: { ...spanOf(whole, along), size: length }, [across]: spanOf(whole, across) };
    const placed = (axis: Axis): Placement => {
      const room = roomIn(project, owner, layout, first.parent, axis);
      const { min: _min, max: _max, ...own } = reparentAxis(sorted[0]!.place[axis], spans[axis]!, room);
      return own;
    };
    const plain = freshElement(asWritten(project), 'panel') as Element & { type: 'panel' };
    const arrange: Arrange = { by, gap, across: edgeOf(rects, across) };
    const panel: Element = {
      ...plain,
      id: freshId('e'),
      name: freeNameIn(owner, by === 'column' ? 'Column' : 'Row'),
      parent: first.parent,
      place: { x: placed('x'), y: placed('y') },
      box: { ...plain.box, fill: CLEAR, border: CLEAR },
      arrange,
    };
    owner.elements.splice(owner.elements.indexOf(first), 0, panel);
    for (const [i, element] of sorted.entries()) {
      element.parent = panel.id;
      for (const axis of ['x', 'y'] as const) {
        const { min, max } = element.place[axis];
        element.place[axis] = {
          at: 'start',
          offset: 0,
          size: tidy(spanOf(rects[i]!, axis).size),
          ...(min === undefined ? {} : { min }),
          ...(max === undefined ? {} : { max }),
        };
      }
    }
    // They are placed in the order they are drawn in.
    const rest = owner.elements.filter(({ id }) => !moved.has(id));
    rest.splice(rest.indexOf(panel) + 1, 0, ...sorted);
    owner.elements = rest;
    return panel.id;
  },
};

/** The gap that is in the middle of all there are, in whole design pixels. */
function usualGap(rects: readonly Rect[], along: Axis): number {
  const spans = rects.map((rect) => spanOf(rect, along));
  const gaps = spans.slice(1).map(({ start }, i) => start - spans[i]!.start - spans[i]!.size);
  const middle = gaps.sort((a, b) => a - b)[Math.floor(gaps.length / 2)]!;
  return middle < 0 ? GAP : Math.round(middle);
}

/** Which edge elements have in common across their column or row; both, where they are as wide as each other. */
function edgeOf(rects: readonly Rect[], across: Axis): NonNullable<Arrange['across']> {
  const spans = rects.map((rect) => spanOf(rect, across));
  const alike = (point: (span: { start: number; size: number }) => number): boolean =>
    spans.every((span) => Math.abs(point(span) - point(spans[0]!)) <= NEAR);
  const [starts, ends] = [alike(({ start }) => start), alike(({ start, size }) => start + size)];
  if (starts && ends) return 'stretch';
  if (starts) return 'start';
  if (ends) return 'end';
  return alike(({ start, size }) => start + size / 2) ? 'centre' : 'start';
}
