import fc from 'fast-check';
import { compile } from '../compile';
import type { GroupItem, Item } from '../drawing';
import type { BoxLook, Project } from '../model';
import { reconcile } from '../run';
import { buttonOf, Play, projectOf, screenOf } from '../test/flows';
import { paintRun } from '.';

const look: BoxLook = {
  fill: '#000000',
  border: '#00000000',
  borderWidth: 0,
  corner: 0,
  hovered: { fill: '#ff0000', grow: 1.1, nudge: { x: 0, y: -10 } },
  focused: { fill: '#000000' },
  pressed: { fill: '#0000ff' },
};
const made = (over: Partial<BoxLook> = { fades: '0.2 s' }): Project =>
  projectOf([screenOf('s', { elements: [buttonOf('a', 100), buttonOf('b', 300)] })], [], {
    styles: {
      text: [],
      box: [{ id: 'b-button', name: 'Button', ...look, ...over }],
    },
  });

const flat = (items: readonly Item[]): Item[] =>
  items.flatMap((item) => (item.kind === 'group' ? [item, ...flat(item.items)] : [item]));
const groups = (play: Play): GroupItem[] =>
  flat(paintRun(play.flow, play.state)).filter((item): item is GroupItem => item.kind === 'group');
/** How much of the red of the hovered look is seen: the opacity of what it is in; 0 without it. */
function red(play: Play): number {
  const is = (item: Item): boolean => item.kind === 'box' && item.fill === '#ff0000';
  if (!flat(paintRun(play.flow, play.state)).some(is)) return 0;
  const around = groups(play).filter((group) => group.opacity < 1 && flat(group.items).some(is));
  return around.reduce((opacity, group) => opacity * group.opacity, 1);
}
const scale = (play: Play): number => groups(play).find((group) => group.scale)?.scale?.by ?? 1;
const point = (play: Play, element: string | null): Play =>
  play.give({
    type: 'pointer',
    phase: 'move',
    device: 'pointer',
    spot: { serial: play.state.base.serial, element },
  });
const spotOf = (play: Play): Play => point(play, 'b');
const off = (play: Play): Play => point(play, null);

test('half way through the time between two looks the new one is half there, and half as much larger', () => {
  const play = spotOf(new Play(made()));
  expect([red(play), scale(play)]).toEqual([0, 1]);
  play.wait(100);
  expect(red(play)).toBeCloseTo(0.5, 6);
  expect(scale(play)).toBeCloseTo(1.05, 6);
  expect(Math.min(...groups(play).map((group) => group.y))).toBeCloseTo(-5, 6);
  play.wait(100);
  expect([red(play), scale(play)]).toEqual([1, 1.1]);
});

test('without a time a look is there at once', () => {
  const play = spotOf(new Play(made({})));
  expect([red(play), scale(play)]).toEqual([1, 1.1]);
});

test('what turns round on its way takes as long back as it had come, and never jumps', () => {
  fc.assert(
    fc.property(fc.integer({ min: 1, max: 199 }), (ms) => {
      const play = spotOf(new Play(made())).wait(ms);
      const before = scale(play);
      off(play);
      expect(scale(play)).toBeCloseTo(before, 6);
      play.wait(ms);
      expect(scale(play)).toBe(1);
      expect(groups(play).some((group) => group.opacity < 1)).toBe(false);
    }),
  );
});

test('time in one go or in many is the same look, whatever is done in between', () => {
  const doing = fc.array(fc.tuple(fc.boolean(), fc.integer({ min: 0, max: 250 })), {
    minLength: 1,
    maxLength: 8,
  });
  fc.assert(
    fc.property(doing, (steps) => {
      const [once, many] = [new Play(made()), new Play(made())];
      for (const [on, ms] of steps) {
        for (const play of [once, many]) (on ? spotOf : off)(play);
        once.wait(ms);
        for (let i = 0; i < ms; i += 10) many.wait(Math.min(10, ms - i));
        expect(paintRun(many.flow, many.state)).toEqual(paintRun(once.flow, once.state));
      }
      for (const play of [once, many]) off(play).wait(1000);
      expect([red(once), scale(once)]).toEqual([0, 1]);
    }),
    { numRuns: 30 },
  );
});

test('an edit of the look is there at once, and one that takes the time away ends what was on its way', () => {
  const play = spotOf(new Play(made())).wait(100);
  const edited = new Play(made({}));
  edited.state = reconcile(edited.flow, play.state);
  expect([red(edited), scale(edited)]).toEqual([1, 1.1]);
});

test('where less motion is asked for a state still fades, and nothing grows', () => {
  const play = new Play(made());
  play.flow = compile(made(), undefined, { asked: true });
  spotOf(play).wait(100);
  expect(red(play)).toBeCloseTo(0.5, 6);
  expect(scale(play)).toBe(1);
  expect(groups(play).every((group) => group.y === 0)).toBe(true);
});
