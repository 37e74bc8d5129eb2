import { pinched, wheeled, whole, within, zoomedAt, type View } from './seenFrom';
import { fitNames, partable } from './detail';
import { rounded } from './rounded';

const view: View = { x: 40, y: -20, k: 0.8 };
const at = { x: 200, y: 120 };
/** What part of the map lies under a point of the frame. */
const under = ({ x, y, k }: View, point: { x: number; y: number }) => ({
  x: (point.x - x) / k,
  y: (point.y - y) / k,
});
const wheel = { deltaX: 0, deltaY: 0, deltaMode: 0, ctrlKey: false, metaKey: false, shiftKey: false };

test('a wheel scrolls, with Shift to the side, and zooms about the pointer with Ctrl', () => {
  expect(wheeled(view, { ...wheel, deltaX: 5, deltaY: 30 }, at)).toEqual({ x: 35, y: -50, k: 0.8 });
  expect(wheeled(view, { ...wheel, deltaY: 30, shiftKey: true }, at)).toEqual({ x: 10, y: -20, k: 0.8 });
  expect(wheeled(view, { ...wheel, deltaY: 2, deltaMode: 1 }, at).y).toBe(-52);
  for (const deltaY of [-40, 25]) {
    const zoomed = wheeled(view, { ...wheel, deltaY, ctrlKey: true }, at);
    expect(zoomed.k > view.k).toBe(deltaY < 0);
    expect(under(zoomed, at).x).toBeCloseTo(under(view, at).x);
    expect(under(zoomed, at).y).toBeCloseTo(under(view, at).y);
  }
});

test('two fingers keep what lies under them, and zoom stops at its ends', () => {
  const before = [at, { x: 300, y: 200 }] as const;
  const now = [
    { x: 180, y: 100 },
    { x: 380, y: 260 },
  ] as const;
  const zoomed = pinched(view, before, now);
  expect(zoomed.k).toBeCloseTo(view.k * 2);
  for (const i of [0, 1] as const) {
    expect(under(zoomed, now[i]).x).toBeCloseTo(under(view, before[i]).x);
    expect(under(zoomed, now[i]).y).toBeCloseTo(under(view, before[i]).y);
  }
  expect(zoomedAt(view, 100, at).k).toBe(2.5);
  expect(zoomedAt(view, 0.001, at).k).toBe(0.15);
  expect(zoomedAt(view, 0.001, at, 0.04).k).toBe(0.04);
});

test('the whole map, or a part of it, fits into the frame', () => {
  const frame = { width: 400, height: 300 };
  const map = { width: 5000, height: 900 };
  const all = whole(frame, map, { ruler: 30, margin: 28, nearest: 1.2 });
  expect(all.x + map.width * all.k).toBeLessThanOrEqual(frame.width);
  expect(all.y + map.height * all.k).toBeLessThanOrEqual(frame.height);
  const box = { x: 900, y: 100, width: 600, height: 200 };
  const part = within(frame, box);
  expect(part.x + box.x * part.k).toBeGreaterThan(0);
  expect(part.x + (box.x + box.width) * part.k).toBeLessThan(frame.width);
  expect(part.x + (box.x + box.width / 2) * part.k).toBeCloseTo(frame.width / 2);
});

test('a block too small for its name grows without touching another, down or across', () => {
  const narrow = { y: 0, width: 10, height: 100 };
  const made = fitNames([
    { name: 'Coast 12', x: 0, ...narrow },
    { name: 'Coast 13', x: 20, ...narrow },
    { name: 'The harbour at home', x: 60, y: 0, width: 140, height: 60 },
    { name: 'Quay', x: 210, y: 5, width: 4, height: 4 },
  ]);
  expect(made.map(({ down }) => down)).toEqual([true, true, false, true]);
  expect(made[2]).toEqual({ x: 60, y: 0, width: 140, height: 60, down: false });
  made.forEach((a, i) => {
    for (const b of made.slice(i + 1))
      expect(
        a.x + a.width <= b.x || b.x + b.width <= a.x || a.y + a.height <= b.y || b.y + b.height <= a.y,
      ).toBe(true);
  });
});

test('words are parted between syllables only', () => {
  const parts = (name: string) => partable(name).split('\u00ad').join('-');
  expect(parts('Objective')).toBe('Ob-jec-tive');
  expect(parts('Storm grade up')).toBe('Storm grade up');
  expect(parts('Overheard')).toBe('Over-heard');
  expect(parts('Quay 12')).toBe('Quay 12');
});

test('corners are rounded as far as the pieces beside them have room', () => {
  const path = rounded([
    { x: 0, y: 0 },
    { x: 20, y: 0 },
    { x: 20, y: 4 },
    { x: 60, y: 4 },
  ]);
  expect(path).toBe('M0 0L18 0Q20 0 20 2L20 2Q20 4 22 4L60 4');
  expect(rounded([{ x: 1, y: 1 }])).toBe('');
});
