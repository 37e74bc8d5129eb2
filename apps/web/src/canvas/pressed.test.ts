import fc from 'fast-check';
import { choose, edit, openInStudio, useStudio } from '../store';
import { liveFlow, useRun } from '../run';
import { elementById, type Project } from '@tavu/core/model';
import { buttonOf, projectOf, screenOf } from '../../../../packages/core/src/test/flows';
import { edited, pressedAt } from './pressed';
import { moved, putRects, reachedOn } from './reach';

/** A press and a drag over a stack of screens: what they are on, and what they move. */

const [WIDTH, HEIGHT] = [900, 600];
const LAYERS = ['base', 'overlay', 'notice'] as const;
/** A base, an overlay and a notice whose buttons lie over one another. */
const stack = (places: readonly (readonly [number, number])[][]): Project =>
  projectOf(
    places.map((on, i) => ({
      ...screenOf(`s${i}`, { layer: LAYERS[i]! }),
      elements: on.map(([x, y], n) => ({
        ...buttonOf(`e${n}`, y),
        place: {
          x: { at: 'start' as const, offset: x, size: WIDTH },
          y: { at: 'start' as const, offset: y, size: HEIGHT },
        },
      })),
    })),
    [],
  );
const place = fc.tuple(fc.nat(700), fc.nat(400));
const scene = fc.record({
  places: fc.array(fc.array(place, { minLength: 1, maxLength: 4 }), { minLength: 3, maxLength: 3 }),
  screen: fc.nat(2),
  element: fc.option(fc.nat(3)),
  at: fc.tuple(fc.nat(1200), fc.nat(800)),
  by: fc.tuple(fc.integer({ min: -200, max: 200 }), fc.integer({ min: -200, max: 200 })),
});

/** Whether a point lies on the n-th element of a screen, whose place is where it was put. */
const lies = (places: readonly (readonly [number, number])[], n: number, x: number, y: number): boolean => {
  const [left, top] = places[n]!;
  return x >= left && x <= left + WIDTH && y >= top && y <= top + HEIGHT;
};

test('a drag over a stack of screens moves what is chosen, or what lies on top of the chosen screen, and nothing else', () => {
  let [drags, asked] = [0, 0];
  fc.assert(
    fc.property(scene, ({ places, screen, element, at: [x, y], by }) => {
      openInStudio(stack(places), new Map());
      useStudio.setState({ saving: { state: 'kept', at: 1 } });
      const chosen = `s${screen}`;
      const mine = places[screen]!;
      choose({ screen: chosen, element: element === null ? null : `e${element % mine.length}` });
      // As choosing leaves them: a base that is chosen has no overlay over it.
      const up = screen === 1 ? ['s0', 's1', 's2'] : ['s0', 's2'];
      useRun.setState({ up, held: true });
      const { project } = useStudio.getState();
      const covering = [2, 1, 0].find(
        (n) => up.includes(`s${n}`) && places[n]!.some((_, i) => lies(places[n]!, i, x, y)),
      );
      const isOnPicked = element !== null && lies(mine, element % mine.length, x, y);

      const hit = pressedAt(up, { x, y });
      if (covering === undefined) return expect(hit).toBeNull();
      if (covering !== screen && !isOnPicked) {
        asked++;
        return expect(hit).toMatchObject({ screen: `s${covering}`, isAnother: true });
      }
      expect(hit).toMatchObject({ screen: chosen, isAnother: false });
      choose({ element: hit!.element });
      const { compiled, all } = edited();
      expect(all).toEqual(reachedOn(liveFlow().screens.get(chosen), [hit!.element]));
      putRects(
        compiled!,
        all.map((reached) => ({ reached, to: moved(reached.rect, ...by) })),
        'drag',
      );
      drags++;
      const now = useStudio.getState().project;
      for (const [n, was] of project.screens.entries())
        for (const other of was.elements)
          if (was.id !== chosen || other.id !== hit!.element)
            expect(elementById(now.screens[n], other.id)).toBe(other);
    }),
    { numRuns: 900 },
  );
  expect(drags).toBeGreaterThan(200);
  expect(asked).toBeGreaterThan(100);
});

test('where nothing is chosen a press is on what lies on top', () => {
  openInStudio(stack([[[0, 0]], [[100, 50]], [[900, 500]]]), new Map());
  useRun.setState({ up: ['s0', 's1', 's2'], held: true });
  expect(pressedAt(['s0', 's1', 's2'], { x: 150, y: 100 })).toEqual({
    screen: 's1',
    element: 'e0',
    isAnother: false,
  });
  edit('change element', { screen: 's1', element: 'e0', change: { editing: { locked: true } } });
  expect(pressedAt(['s0', 's1', 's2'], { x: 150, y: 100 })).toMatchObject({ screen: 's0' });
});

test('what the run has covered since it was chosen is not edited through what lies over it', () => {
  openInStudio(stack([[[0, 0]], [[0, 0]], []]), new Map());
  choose({ screen: 's0' });
  useRun.setState({ up: ['s0', 's1'], held: true });
  expect(edited().screen?.id).toBe('s1');
  expect(pressedAt(['s0', 's1'], { x: 100, y: 100 })).toEqual({
    screen: 's1',
    element: 'e0',
    isAnother: false,
  });
});
