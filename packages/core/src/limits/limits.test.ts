import { compile } from '../compile';
import { findingsOf, findingWords } from '../check';
import { MAX_UNFOLDED, unfoldedSize } from '../component';
import type { Component, Element, Project } from '../model';
import { readDocument } from '../schema';
import { after, buttonOf, link, Play, projectOf, screenOf } from '../test/flows';
import { DEEPEST_ELEMENTS, MAX_IN_ALL, pastLimits } from '.';

const placed = (id: string, component: string): Element => ({
  id,
  name: id,
  type: 'component',
  component,
  parent: null,
  place: buttonOf(id, 0).place,
});
/** Components that place one another so many times, seven deep: ten to the seventh elements from seventy. */
const nest = (times: number): Component[] =>
  Array.from({ length: 7 }, (_, i) => ({
    id: `k${i}`,
    name: `K${i}`,
    width: 9,
    height: 9,
    parameters: [],
    elements: Array.from({ length: times }, (_, n) =>
      i < 6 ? placed(`e${n}`, `k${i + 1}`) : buttonOf(`e${n}`, n),
    ),
  }));
const bomb = (times: number, screens = 1): Project =>
  projectOf(
    Array.from({ length: screens }, (_, i) =>
      screenOf(`s${i}`, { elements: [buttonOf('b', 0), placed('x', 'k0')] }),
    ),
    [],
    { components: nest(times) },
  );

test('what components unfold to is counted without unfolding it', () => {
  expect(unfoldedSize(bomb(10), bomb(10).screens[0]!.elements)).toBe(
    2 + 10 + 100 + 1e3 + 1e4 + 1e5 + 1e6 + 1e7,
  );
  const round = projectOf([screenOf('s', { elements: [placed('x', 'k')] })], [], {
    components: [{ id: 'k', name: 'K', width: 1, height: 1, parameters: [], elements: [placed('y', 'k')] }],
  });
  expect(unfoldedSize(round, round.screens[0]!.elements)).toBe(2);
});

test('past the limit a component is left out where it is placed, in words, and the rest of the screen is there', () => {
  const project = bomb(10);
  expect(
    compile(project)
      .screens.get('s0')!
      .elements.map((element) => element.id),
  ).toEqual(['b', 'x']);
  const found = findingsOf(project).filter(({ where }) => where.source === 's0');
  expect(found.map(findingWords)).toContain(
    'x is left out: with it there would be more than 5000 elements here.',
  );
  const fits = bomb(3);
  expect(compile(fits).screens.get('s0')!.elements).toHaveLength(
    unfoldedSize(fits, fits.screens[0]!.elements),
  );
  expect(findingsOf(fits)).toEqual([]);
});

test('a file that unfolds to too much, or holds elements too deep, is refused in words', () => {
  // Each of the screens holds what fits; all together are too many.
  const many = bomb(3, Math.ceil(MAX_IN_ALL / 3280) + 1);
  expect(readDocument(JSON.parse(JSON.stringify(many)))).toMatchObject({
    problems: [{ place: 'screens', code: 'too many in all', params: { max: MAX_IN_ALL } }],
  });
  const deep = (depth: number) =>
    projectOf(
      [
        screenOf('s', {
          elements: Array.from(
            { length: depth },
            (_, i): Element =>
              ({
                ...buttonOf(`p${i}`, 0),
                type: 'panel',
                box: { style: 'b-panel' },
                parent: i === 0 ? null : `p${i - 1}`,
              }) as Element,
          ),
        }),
      ],
      [],
    );
  expect(pastLimits(deep(DEEPEST_ELEMENTS))).toBeNull();
  expect(pastLimits(deep(DEEPEST_ELEMENTS + 1))).toMatchObject({ place: 'screens[0].elements' });
  expect(MAX_UNFOLDED).toBeLessThan(MAX_IN_ALL);
});

test('screens that lead to each other at once or sooner than any frame keep the engine no busier than once a millisecond', () => {
  const project = projectOf(
    [screenOf('a'), screenOf('b')],
    [link('a', after('0.001 ms'), 'go', 'b'), link('b', after('0.001 ms'), 'go', 'a')],
  );
  const play = new Play(project).wait(50);
  expect(play.did('link').length).toBe(50);
  expect(play.did('unsettled')).toEqual([]);
});
