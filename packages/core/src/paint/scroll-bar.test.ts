import fc from 'fast-check';
import type { Item } from '../drawing';
import type { Rect } from '../geometry';
import type { Element } from '../model';
import { buttonOf, Play, projectOf, screenOf } from '../test/flows';
import { gripMoved, gripTest, hitTest, paintRun } from '.';

const THUMB = '#123456';
const TRACK = '#654321';
const VIEW = { x: 200, y: 100, width: 500, height: 400 };

/** An area of 500 × 400 at 200, 100 with a column of buttons of 280 × 72 in it. */
function play(rows: number, over: object = {}, last: object = {}): Play {
  const place = {
    x: { at: 'start', offset: VIEW.x, size: VIEW.width },
    y: { at: 'start', offset: VIEW.y, size: VIEW.height },
  };
  const area = {
    ...buttonOf('area', 0),
    type: 'panel',
    place,
    box: { style: 'b-panel' },
    overflow: 'scrolls',
    scrollBars: true,
    arrange: { by: 'column', gap: 0 },
    parts: {
      scrollTrack: { style: 'none', fill: TRACK, width: 20 },
      scrollThumb: { style: 'none', fill: THUMB, width: 20 },
    },
    ...over,
  };
  const buttons = Array.from({ length: rows }, (_, i) => ({
    ...buttonOf(`row${i}`, 0),
    parent: 'area',
    ...(i === rows - 1 ? last : {}),
  }));
  const elements = [area, ...buttons] as unknown as Element[];
  return new Play(projectOf([screenOf('s', { elements })], []));
}

/** Boxes of a colour, where they are drawn. */
function drawn(items: readonly Item[], fill: string, by = { x: 0, y: 0 }): Rect[] {
  return items.flatMap((item): Rect[] => {
    if (item.kind === 'group') return drawn(item.items, fill, { x: by.x + item.x, y: by.y + item.y });
    if (item.kind !== 'box' || item.fill !== fill) return [];
    const { x, y, width, height } = item.rect;
    return [{ x: x + by.x, y: y + by.y, width, height }];
  });
}
const seen = (now: Play, fill: string) => drawn(paintRun(now.flow, now.state), fill);

function drag(now: Play, from: { x: number; y: number }, through: { x: number; y: number }[]): void {
  const found = gripTest(now.flow, now.state, from.x, from.y)!;
  const { serial, area, axis } = found.grip;
  const give = (by: number) =>
    now.give({ type: 'scroll', device: 'pointer', serial, area, x: 0, y: 0, [axis]: by });
  give(found.by);
  for (const { x, y } of through) give(gripMoved(now.flow, now.state, found.grip, x, y));
}
const centre = ({ x, y, width, height }: Rect) => ({ x: x + width / 2, y: y + height / 2 });

test('a bar is there where more is held than is seen, its thumb as long as the part that is seen', () => {
  // Five rows of 72 fit into 400, six do not.
  expect(seen(play(5), THUMB)).toEqual([]);
  expect(seen(play(6, { scrollBars: undefined }), THUMB)).toEqual([]);
  for (const rows of [6, 9, 40]) {
    const [thumb] = seen(play(rows), THUMB);
    const [track] = seen(play(rows), TRACK);
    expect(track).toEqual({ x: 674, y: 106, width: 20, height: 388 });
    expect(thumb).toMatchObject({ x: 674, y: 106, width: 20 });
    // 16 pixels are kept free beneath the last.
    expect(thumb!.height).toBeCloseTo(Math.max(40, (388 * 400) / (rows * 72 + 16)), 6);
  }
});

test('wherever the thumb is dragged to and by whichever way, what is seen is that share of the whole', () => {
  const anywhere = fc.record({
    x: fc.integer({ min: -500, max: 2500 }),
    y: fc.integer({ min: -900, max: 1900 }),
  });
  fc.assert(
    fc.property(
      fc.integer({ min: 6, max: 60 }),
      fc.integer({ min: 2, max: 18 }),
      fc.array(anywhere, { maxLength: 4 }),
      fc.integer({ min: -100, max: 700 }),
      (rows, above, way, to) => {
        const now = play(rows);
        const [start] = seen(now, THUMB);
        const held = start!.y + above;
        drag(now, { x: 684, y: held }, [...way, { x: 684, y: to }]);
        const [thumb] = seen(now, THUMB);
        const [track] = seen(now, TRACK);
        const free = track!.height - thumb!.height;
        const moved = Math.min(free, Math.max(0, to - held));
        expect(thumb!.y).toBeCloseTo(106 + moved, 6);
        const scrolled = now.state.base.scrolled!.y;
        expect(scrolled).toBeCloseTo((moved / free) * (rows * 72 + 16 - 400), 6);
      },
    ),
    { numRuns: 60 },
  );
});

test('a press on the track brings the thumb beneath the pointer', () => {
  const now = play(20);
  drag(now, { x: 684, y: 320 }, []);
  expect(centre(seen(now, THUMB)[0]!).y).toBeCloseTo(320, 6);
  drag(now, { x: 684, y: 493 }, []);
  const [thumb] = seen(now, THUMB);
  expect(thumb!.y + thumb!.height).toBeCloseTo(494, 6);
});

test('rows that fill their panel leave the bar its room, whether it is there or not', () => {
  for (const rows of [3, 20]) {
    const now = play(rows, { arrange: { by: 'column', gap: 0, across: 'stretch' } });
    const { layout } = now.flow.screens.get('s')!;
    expect(layout.get('row0')).toMatchObject({ x: 200, width: 500 - 6 - 20 - 6 });
  }
  const bare = play(20, { arrange: { by: 'column', gap: 0, across: 'stretch' }, scrollBars: undefined });
  expect(bare.flow.screens.get('s')!.layout.get('row0')).toMatchObject({ x: 200, width: 500 });
});

test('what is wider and higher than its area has a bar on each axis, and they leave each other room', () => {
  const wide = { x: { at: 'start', offset: 0, size: 1200 }, y: { at: 'start', offset: 0, size: 72 } };
  const now = play(10, {}, { place: wide });
  const [across, down] = seen(now, TRACK).sort((a, b) => a.height - b.height);
  expect(across).toEqual({ x: 206, y: 474, width: 462, height: 20 });
  expect(down).toEqual({ x: 674, y: 106, width: 20, height: 362 });
  drag(now, { x: 210, y: 484 }, [{ x: 900, y: 484 }]);
  expect(now.state.base.scrolled).toEqual({ area: 'area', x: 1200 - 500 + 16, y: 0 });
});

test('it is taken hold of before what lies beneath it, but not through what lies over it', () => {
  const rows = play(9, { arrange: undefined });
  expect(gripTest(rows.flow, rows.state, 684, 200)).toBeNull();
  const now = play(9);
  expect(gripTest(now.flow, now.state, 684, 110)).not.toBeNull();
  expect(gripTest(now.flow, now.state, 300, 110)).toBeNull();
  const { screens } = now.flow.project;
  const lid = { ...buttonOf('lid', 0), place: (screens[0]!.elements[0] as Element).place };
  const elements = [...screens[0]!.elements, lid] as Element[];
  const covered = new Play({ ...now.flow.project, screens: [{ ...screens[0]!, elements }] });
  expect(hitTest(covered.flow, covered.state, 684, 110)?.element).toBe('lid');
  expect(gripTest(covered.flow, covered.state, 684, 110)).toBeNull();
});

test('the bar of an area that is turned is dragged along itself', () => {
  const now = play(20, { turn: 90 });
  // Turned about 450, 300: its right edge is at the bottom, and its top at the right.
  const onThumb = { x: 450 + (300 - 116), y: 300 + (684 - 450) };
  expect(gripTest(now.flow, now.state, onThumb.x, onThumb.y)).toMatchObject({ by: 0 });
  drag(now, onThumb, [{ x: onThumb.x - 2000, y: onThumb.y }]);
  expect(now.state.base.scrolled!.y).toBe(20 * 72 + 16 - 400);
});
