import type { Motion, Project } from '../model';
import { down, link, press, projectOf, screenOf } from '../test/flows';
import { isException, movesOddly, ruleFor } from '.';

const fade = (duration: string): Motion => ({ name: 'fade', duration });
const project = (over: Partial<Project> = {}): Project =>
  projectOf(
    [
      screenOf('a', {}, ['x']),
      screenOf('b', { area: 'inner' }),
      screenOf('c', { motion: fade('3 s') }),
      screenOf('over', { layer: 'overlay' }, ['y']),
    ],
    [
      link('a', press('x'), 'go', 'b'),
      link('a', down('menu'), 'open', 'over'),
      link('over', press('y'), 'back'),
      link('a', down('next'), 'go', 'c'),
    ],
    {
      defaults: { motion: fade('1 s'), layers: { overlay: fade('2 s') }, order: 'after', masked: 'ignored' },
      areas: [
        { id: 'outer', name: 'Season', parent: null, motion: fade('4 s') },
        { id: 'inner', name: 'Night', parent: 'outer' },
      ],
      ...over,
    },
  );

test('a link moves by the screen it brings, its innermost area that says so, its layer, else the default', () => {
  const at = project();
  const by = at.links.map((link) => {
    const { motion, owner } = ruleFor(at, link);
    return [motion, owner?.name ?? null];
  });
  expect(by).toEqual([
    [fade('4 s'), 'Season'],
    [fade('2 s'), null],
    [fade('2 s'), null],
    [fade('3 s'), 'c'],
  ]);
});

test('an exception is what moves otherwise than its rule, and no more', () => {
  const at = project();
  const [first] = at.links;
  expect(isException(at, first!)).toBe(false);
  expect(isException(at, { ...first!, motion: fade('4 s') })).toBe(false);
  expect(isException(at, { ...first!, motion: fade('5 s') })).toBe(true);
  expect(isException(at, { ...first!, order: 'after' })).toBe(false);
  expect(isException(at, { ...first!, order: 'together' })).toBe(true);
  expect(['a', 'b', 'c', 'over'].map((id) => movesOddly(at, id))).toEqual([false, false, true, false]);
});

test('an edit of the default motion reaches all that says nothing itself, a screen added later too', () => {
  const at = project({ defaults: { motion: fade('180 ms'), order: 'after', masked: 'ignored' }, areas: [] });
  at.screens.push(screenOf('fifth'));
  const later = link('a', press('x'), 'go', 'fifth');
  expect([...at.links.slice(0, 3), later].map((link) => ruleFor(at, link).motion)).toEqual(
    Array.from({ length: 4 }, () => fade('180 ms')),
  );
});
