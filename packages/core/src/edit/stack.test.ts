import fc from 'fast-check';
import { buttonOf, link, press, projectOf, screenOf } from '../test/flows';
import type { Element, PanelElement } from '../model';
import { readProject, writeProject } from '../schema';
import { applyCommand, layoutIn, ownerById, stackable } from '.';

interface Box {
  x: number;
  y: number;
  width: number;
  height: number;
}
const standing = (id: string, { x, y, width, height }: Box): Element => ({
  ...buttonOf(id, y),
  place: { x: { at: 'start', offset: x, size: width }, y: { at: 'start', offset: y, size: height } },
});
const flow = (boxes: readonly Box[]) =>
  projectOf(
    [screenOf('s', { elements: boxes.map((box, i) => standing(`b${i}`, box)) }), screenOf('t')],
    [link('s', press('b0'), 'go', 't')],
  );
const stacked = (boxes: readonly Box[], by: 'column' | 'row' = 'column') => {
  const before = flow(boxes);
  const elements = boxes.map((_, i) => `b${i}`);
  const { project, made } = applyCommand(before, 'stack elements', { screen: 's', elements, by });
  const owner = ownerById(project, 's')!;
  const layout = layoutIn(project, owner);
  return {
    project,
    panel: owner.elements.find(({ id }) => id === made) as PanelElement,
    rects: elements.map((id) => layout.get(id)!),
    order: owner.elements.filter(({ parent }) => parent === made).map(({ id }) => id),
  };
};
const size = fc.integer({ min: 20, max: 300 });
const at = fc.integer({ min: 0, max: 800 });
const anyBox: fc.Arbitrary<Box> = fc.record({ x: at, y: at, width: size, height: size });

test('buttons that stood one under another with one gap stay where they are', () => {
  fc.assert(
    fc.property(
      fc.array(fc.tuple(size, size), { minLength: 2, maxLength: 6 }),
      fc.integer({ min: 0, max: 60 }),
      at,
      fc.constantFrom('start', 'end', 'stretch'),
      (sizes, gap, top, edge) => {
        let y = top;
        const boxes = sizes.map(([own, height]) => {
          const width = edge === 'stretch' ? 200 : own;
          const box = { x: edge === 'end' ? 400 - width : 100, y, width, height };
          y += height + gap;
          return box;
        });
        const { rects, panel } = stacked(boxes);
        expect(rects).toEqual(boxes.map((box) => expect.objectContaining(box)));
        const asWide = boxes.every(({ width }) => width === boxes[0]!.width);
        expect(panel.arrange).toMatchObject({ by: 'column', gap, across: asWide ? 'stretch' : edge });
      },
    ),
  );
});

test.each(['column', 'row'] as const)(
  'whatever stands anywhere becomes a %s in the order it stood in',
  (by) => {
    const [from, length] = by === 'column' ? (['y', 'height'] as const) : (['x', 'width'] as const);
    const [side, breadth] = by === 'column' ? (['x', 'width'] as const) : (['y', 'height'] as const);
    fc.assert(
      fc.property(fc.array(anyBox, { minLength: 2, maxLength: 7 }), (boxes) => {
        const { rects, order, panel, project } = stacked(boxes, by);
        const sorted = boxes
          .map((box, i) => ({ box, i }))
          .sort((a, b) => a.box[from] - b.box[from] || a.i - b.i);
        expect(order).toEqual(sorted.map(({ i }) => `b${i}`));
        const inOrder = sorted.map(({ i }) => rects[i]!);
        for (const [i, rect] of inOrder.entries()) {
          expect(rect).toMatchObject({ width: sorted[i]!.box.width, height: sorted[i]!.box.height });
          if (i > 0)
            expect(rect[from] - inOrder[i - 1]![from] - inOrder[i - 1]![length]).toBe(panel.arrange!.gap);
          expect(rect[side]).toBeGreaterThanOrEqual(Math.min(...boxes.map((box) => box[side])));
          expect(rect[side] + rect[breadth]).toBeLessThanOrEqual(
            Math.max(...boxes.map((box) => box[side] + box[breadth])),
          );
        }
        expect(inOrder[0]![from]).toBe(Math.min(...boxes.map((box) => box[from])));
        expect(readProject(writeProject(project))).toMatchObject({ project: {} });
      }),
    );
  },
);

test('one alone, those of other parents, and what a panel places already are not stacked', () => {
  const boxes = [0, 200, 400].map((y) => ({ x: 0, y, width: 100, height: 80 }));
  const { project, panel, order } = stacked(boxes);
  const owner = ownerById(project, 's')!;
  expect(stackable(owner, ['b0'])).toEqual([]);
  expect(stackable(owner, order)).toEqual([]);
  expect(stackable(owner, [panel.id, 'b1'])).toEqual([]);
  expect(stackable(owner, [panel.id, panel.id])).toEqual([]);
  const again = applyCommand(project, 'stack elements', { screen: 's', elements: order, by: 'row' });
  expect(again.project).toBe(project);
});

test('what hung on one of them stays where it is', () => {
  const boxes = [0, 200, 500].map((y) => ({ x: 50, y, width: 100, height: 80 }));
  const before = flow(boxes);
  const hung: Element = {
    ...buttonOf('h', 0),
    place: {
      x: { at: 'start', offset: 30, size: 60, to: 'b2' },
      y: { at: 'end', offset: 12, size: 40, to: 'b2' },
    },
  };
  const project = {
    ...before,
    screens: before.screens.map((screen) =>
      screen.id === 's' ? { ...screen, elements: [...screen.elements, hung] } : screen,
    ),
  };
  const was = layoutIn(project, ownerById(project, 's')!).get('h');
  const { project: now } = applyCommand(project, 'stack elements', {
    screen: 's',
    elements: ['b0', 'b1', 'b2'],
    by: 'column',
  });
  expect(layoutIn(now, ownerById(now, 's')!).get('h')).toEqual(was);
});
