import type { GroupItem, Item, PictureItem } from '../drawing';
import { compile } from '../compile';
import type { Asset, BoxStyle, Marker, Project } from '../model';
import { Play, projectOf, screenOf } from '../test/flows';
import { paintRun } from '.';

const lamp: Asset = { id: 'i-lamp', name: 'Lamp', media: 'image/svg+xml', width: 40, height: 20, bytes: 9 };
/** There and back, 24 pixels across in half a second. */
const loop: Marker['loop'] = {
  repeat: 'there and back',
  frames: [
    { at: '0 s', x: 0 },
    { at: '0.5 s', x: -24 },
  ],
};
const marked = (
  marker: Partial<Marker> = {},
  { focused }: Pick<BoxStyle, 'focused'> = {},
  over: Partial<Project> = {},
): Project => {
  const project = projectOf([screenOf('a', {}, ['one', 'two'])], [], { assets: [lamp], ...over });
  const whole: Marker = { asset: 'i-lamp', side: 'left', size: 30, gap: 12, ...marker };
  const box = project.styles.box.map((style) =>
    style.id === 'b-button' ? { ...style, marker: whole, ...(focused ? { focused } : {}) } : style,
  );
  return { ...project, styles: { ...project.styles, box } };
};

interface Drawn {
  picture: PictureItem;
  /** Moved by this much in all, in the picture as it is seen. */
  x: number;
  mirrored: boolean;
}
const groupsOf = (items: readonly Item[], within: GroupItem[] = []): [Item, GroupItem[]][] =>
  items.flatMap((item): [Item, GroupItem[]][] =>
    item.kind === 'group' ? groupsOf(item.items, [...within, item]) : [[item, within]],
  );
function seen(play: Play): { markers: Drawn[]; rings: number } {
  const all = groupsOf(paintRun(play.flow, play.state));
  return {
    markers: all.flatMap(([item, within]) => {
      if (item.kind !== 'picture') return [];
      const mirror = within.findIndex((groupItem) => groupItem.turn?.flipped);
      const x = within.reduce(
        (sum, groupItem, i) => sum + (mirror >= 0 && i > mirror ? -groupItem.x : groupItem.x),
        0,
      );
      return [{ picture: item, x, mirrored: mirror >= 0 }];
    }),
    rings: all.filter(([item]) => item.kind === 'ring').length,
  };
}

test('a marker stands beside what has the focus, in its proportions, in the ring’s stead', () => {
  const play = new Play(marked()).wait(100);
  const [first] = seen(play).markers;
  // The button is 280 by 72 in the middle of 1920, its top at 200.
  expect(first!.picture.rect).toEqual({ x: 820 - 12 - 60, y: 221, width: 60, height: 30 });
  expect(seen(play).rings).toBe(0);
  play.key('ArrowDown');
  expect(seen(play).markers.map(({ picture }) => picture.rect.y)).toEqual([317]);
  const spot = { serial: play.state.base.serial, element: play.focus! };
  play.give({ type: 'pointer', device: 'pointer', phase: 'down', spot });
  expect(seen(play)).toEqual({ markers: [], rings: 0 });
});

test.each([
  ['left', [748], [false]],
  ['right', [1112], [false]],
  ['both', [748, 1112], [false, true]],
] as const)('on the %s', (side, across, mirrored) => {
  const { markers } = seen(new Play(marked({ side })).wait(100));
  expect(markers.map(({ picture }) => picture.rect.x)).toEqual(across);
  expect(markers.map((marker) => marker.mirrored)).toEqual(mirrored);
});

test('its loop goes on from when the focus comes, and begins anew on the next', () => {
  const play = new Play(marked({ side: 'both', loop })).wait(250);
  expect(seen(play).markers.map(({ x }) => x)).toEqual([-12, 12]);
  play.wait(500);
  expect(seen(play).markers[0]!.x).toBeCloseTo(-12);
  play.key('ArrowDown', 0);
  expect(seen(play).markers[0]!.x).toBeCloseTo(0);
  play.wait(500);
  expect(seen(play).markers[0]!.x).toBeCloseTo(-24);
  const calm = new Play(marked({ loop }, {}, { defaults: { ...marked().defaults, reduced: 'always' } })).wait(
    250,
  );
  expect(seen(calm).markers.map(({ x }) => x)).toEqual([0]);
});

test('a ring is drawn where the look has no shape of its own for the focus', () => {
  const rings = (...args: Parameters<typeof marked>): number => seen(new Play(marked(...args)).wait(9)).rings;
  const gone = { asset: 'i-gone' };
  expect(rings(gone)).toBe(1);
  expect(rings(gone, { focused: { fill: '#ff0000' } })).toBe(1);
  expect(rings(gone, { focused: { outline: { width: 4, colour: '#ffffff' } } })).toBe(0);
  expect(rings(gone, { focused: { shadow: { x: 0, y: 0, blur: 24, colour: '#ffe08a' } } })).toBe(0);
});

test('a style’s marker that changes is so on every screen at once', () => {
  const before = compile(marked());
  const project = marked({ loop });
  const after = compile(project, before);
  expect(after.screens.get('a')!.animations).toEqual(compile(project).screens.get('a')!.animations);
  expect(after.screens.get('a')!.animations).toHaveLength(2);
  const recoloured = {
    ...project,
    styles: {
      ...project.styles,
      box: project.styles.box.map((boxStyle) => ({ ...boxStyle, fill: '#123456' })),
    },
  };
  expect(compile(recoloured, after).screens.get('a')).toBe(after.screens.get('a'));
});
