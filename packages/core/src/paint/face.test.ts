import fc from 'fast-check';
import { box, bubbleFace, ellipse, type Item } from '../drawing';
import type { Rect } from '../geometry';
import { FACE_FITS, STATES, type BoxLook, type FacePicture, type Project, type Slice } from '../model';
import { boxLook, dressed, inStates } from '../style';
import { projectOf, screenOf } from '../test/flows';
import type { SvgNode } from './node';
import { toSvg } from './svg';

const sources = { asset: (id: string) => `asset:${id}`, family: (face: string) => face };
const projectWith = (picture: FacePicture, size: { width: number; height: number }): Project =>
  projectOf([screenOf('s')], [], {
    assets: [{ id: 'a', name: 'a', media: 'image/png', bytes: 1, ...size }],
    styles: {
      text: [],
      box: [{ id: 'b', name: 'b', fill: '#102030', border: '#405060', borderWidth: 4, corner: 0, picture }],
    },
  });
const drawnBox = (picture: FacePicture, size: { width: number; height: number }, rect: Rect): SvgNode[] =>
  toSvg(box('e', rect, boxLook(projectWith(picture, size), { style: 'b' })), sources);

const all = (nodes: readonly SvgNode[]): SvgNode[] => nodes.flatMap((node) => [node, ...all(node.children)]);
const number = (node: SvgNode, name: string): number => Number(node.attributes[name]);

/** The parts that a picture is drawn in: where each stands, and which of the picture's own pixels it shows there. */
function partsIn(nodes: readonly SvgNode[]) {
  const patterns = new Map(
    all(nodes)
      .filter((node) => node.tag === 'pattern')
      .map((node) => [`url(#${node.attributes.id})`, node]),
  );
  return all(nodes).flatMap((node) => {
    const pattern = node.tag === 'rect' && patterns.get(node.attributes.fill!);
    if (!pattern) return [];
    const [x, y, width, height] = numbers(node);
    const [tileX, tileY] = numbers(pattern);
    const [imageX, imageY, imageWidth, imageHeight] = numbers(pattern.children[0]!);
    return [
      {
        rect: { x, y, width, height },
        /** A point of the box as a share of the picture. */
        share: (atX: number, atY: number) => ({
          x: (atX - tileX - imageX) / imageWidth,
          y: (atY - tileY - imageY) / imageHeight,
        }),
      },
    ];
  });
}
const numbers = (node: SvgNode) =>
  ['x', 'y', 'width', 'height'].map((name) => number(node, name)) as [number, number, number, number];

/** Which point of the picture a point of the box shows, by the part of it that stands there. */
function shownAt(
  nodes: readonly SvgNode[],
  natural: { width: number; height: number },
  x: number,
  y: number,
) {
  const part = partsIn(nodes).find(
    ({ rect }) => x >= rect.x && x <= rect.x + rect.width && y >= rect.y && y <= rect.y + rect.height,
  )!;
  const share = part.share(x, y);
  return { x: share.x * natural.width, y: share.y * natural.height };
}

/** The same by the rule: edges by the nearer side, the middle in proportion. */
function meant(at: number, room: number, natural: number, near: number, far: number, scale: number): number {
  if (at < near * scale) return at / scale;
  if (at > room - far * scale) return natural - (room - at) / scale;
  return near + ((at - near * scale) / (room - (near + far) * scale)) * (natural - near - far);
}

test('nine parts show every point of a picture where the rule says, at any size', () => {
  const inset = fc.integer({ min: 0, max: 20 });
  fc.assert(
    fc.property(
      fc.record({ top: inset, right: inset, bottom: inset, left: inset }),
      fc.record({ width: fc.integer({ min: 42, max: 90 }), height: fc.integer({ min: 42, max: 90 }) }),
      fc.constantFrom(0.5, 1, 2),
      fc.record({ width: fc.integer({ min: 90, max: 700 }), height: fc.integer({ min: 90, max: 300 }) }),
      fc.double({ min: 0.01, max: 0.99, noNaN: true }),
      fc.double({ min: 0.01, max: 0.99, noNaN: true }),
      (slice: Slice, natural, scale, room, across, down) => {
        const nodes = drawnBox({ asset: 'a', fit: 'slice', slice, scale }, natural, {
          x: 30,
          y: 50,
          ...room,
        });
        const [x, y] = [across * room.width, down * room.height];
        const shown = shownAt(nodes, natural, 30 + x, 50 + y);
        expect(shown.x).toBeCloseTo(meant(x, room.width, natural.width, slice.left, slice.right, scale), 1);
        expect(shown.y).toBeCloseTo(meant(y, room.height, natural.height, slice.top, slice.bottom, scale), 1);
      },
    ),
  );
});

test('edges that reach further than the picture, or than there is room, share it and never overlap', () => {
  const inset = fc.integer({ min: 0, max: 400 });
  fc.assert(
    fc.property(
      fc.record({ top: inset, right: inset, bottom: inset, left: inset }),
      fc.record({ width: fc.integer({ min: 1, max: 60 }), height: fc.integer({ min: 1, max: 60 }) }),
      fc.record({ width: fc.integer({ min: 0, max: 90 }), height: fc.integer({ min: 0, max: 90 }) }),
      (slice, natural, room) => {
        const rect = { x: 0, y: 0, ...room };
        let area = 0;
        for (const { rect: part, share } of partsIn(
          drawnBox({ asset: 'a', fit: 'slice', slice }, natural, rect),
        )) {
          area += part.width * part.height;
          const [from, to] = [share(part.x, part.y), share(part.x + part.width, part.y + part.height)];
          // Attributes are rounded to a thousandth.
          expect(Math.min(from.x, from.y)).toBeGreaterThanOrEqual(-0.01);
          expect(Math.max(to.x, to.y)).toBeLessThanOrEqual(1.01);
        }
        expect(area).toBeLessThanOrEqual(room.width * room.height + 1);
      },
    ),
  );
});

test('a picture lies over the fill and under the border, or under both where it says so', () => {
  const rect = { x: 0, y: 0, width: 100, height: 40 };
  const kinds = (picture: FacePicture): string[] =>
    drawnBox(picture, { width: 10, height: 10 }, rect).map((node) =>
      node.tag === 'image' ? 'picture' : `${node.attributes.fill} ${node.attributes.stroke ?? ''}`.trim(),
    );
  expect(kinds({ asset: 'a', fit: 'stretch' })).toEqual(['#102030 #000000', 'picture', '#000000 #405060']);
  expect(kinds({ asset: 'a', fit: 'stretch', under: true })).toEqual(['picture', '#102030 #405060']);
  expect(kinds({ asset: 'gone', fit: 'stretch' })).toEqual(['#102030 #405060']);
});

test('a tile is as large as its picture by its scale, and begins at the top left', () => {
  const nodes = all(
    drawnBox(
      { asset: 'a', fit: 'tile', scale: 2 },
      { width: 8, height: 6 },
      { x: 10, y: 20, width: 100, height: 50 },
    ),
  );
  const pattern = nodes.find((node) => node.tag === 'pattern')!;
  expect(['x', 'y', 'width', 'height'].map((name) => number(pattern, name))).toEqual([10, 20, 16, 12]);
  expect(nodes.some((node) => node.attributes.fill === `url(#${pattern.attributes.id})`)).toBe(true);
});

test('in its states a box has the picture of the last state that has one', () => {
  const names = ['hovered', 'focused', 'pressed', 'on', 'disabled'] as const;
  fc.assert(
    fc.property(fc.subarray([...names]), fc.subarray([...names]), (pictured, states) => {
      const project = projectWith({ asset: 'a', fit: 'stretch' }, { width: 8, height: 8 });
      for (const state of names) project.assets.push({ ...project.assets[0]!, id: state });
      for (const state of pictured)
        project.styles.box[0]![state] = { picture: { asset: state, fit: 'stretch' } };
      const last = states.filter((state) => pictured.includes(state)).at(-1);
      expect(inStates(boxLook(project, { style: 'b' }), states).picture).toMatchObject({
        asset: last ?? 'a',
      });
    }),
  );
});

test('a first picture takes the place of fill and border in every state; a later one changes only itself', () => {
  const look: BoxLook = {
    fill: '#111111',
    border: '#222222',
    borderWidth: 3,
    corner: 8,
    focused: { fill: '#333333', ink: '#444444' },
  };
  const picture: FacePicture = { asset: 'a', fit: 'stretch' };
  const first = { ...look, ...dressed(look, null, picture) };
  expect(first).toMatchObject({
    picture,
    fill: '#00000000',
    border: '#00000000',
    focused: { ink: '#444444' },
  });
  expect(first.focused).not.toHaveProperty('fill');
  const again = { ...picture, asset: 'b' };
  expect(dressed(first, null, again)).toEqual({ picture: again });
  expect(dressed(first, 'hovered', again).hovered).toEqual({
    picture: again,
    fill: '#00000000',
    border: '#00000000',
  });
  for (const state of STATES) expect(dressed(first, state, undefined)[state]?.picture).toBeUndefined();
});

test('every fit is drawn with all it can have, and nothing of it is lost where a picture is gone', () => {
  const rect = { x: 0, y: 0, width: 64, height: 32 };
  for (const fit of FACE_FITS) {
    const whole: FacePicture = { asset: 'a', fit, tint: '#ff000080', opacity: 0.5, blend: 'multiply' };
    const [, group] = drawnBox(whole, { width: 8, height: 8 }, rect);
    expect(group!.attributes).toMatchObject({ opacity: '0.5', style: 'mix-blend-mode:multiply' });
    expect(all([group!]).some((node) => node.tag === 'feFlood')).toBe(true);
    expect(all([group!]).some((node) => node.attributes.href === 'asset:a')).toBe(true);
  }
  const item: Item[] = box(
    'e',
    rect,
    boxLook(projectWith({ asset: 'gone', fit: 'tile' }, { width: 8, height: 8 }), { style: 'b' }),
  );
  expect(item).toHaveLength(1);
});

test('an oval cuts its picture along itself, and a bubble keeps the shape of its own', () => {
  const rect = { x: 10, y: 20, width: 100, height: 50 };
  const look = boxLook(projectWith({ asset: 'a', fit: 'cover' }, { width: 8, height: 8 }), { style: 'b' });
  const [oval, cut, edge] = toSvg(ellipse('e', rect, look), sources);
  expect(oval!.attributes.fill).toBe('#102030');
  const clip = all([cut!]).find((node) => node.tag === 'clipPath')!;
  // All of the rect: two half turns from its left to its right and back.
  expect(clip.children[0]!.attributes.d).toBe('M10 45A50 25 0 0 1 110 45A50 25 0 0 1 10 45Z');
  expect(cut!.attributes['clip-path']).toBe(`url(#${clip.attributes.id})`);
  // The border is within it: a line twice as wide, cut off along the oval.
  expect(all([edge!]).find((node) => node.attributes.stroke === '#405060')).toBeDefined();
  const bubble = toSvg(bubbleFace('e', 'M0 0L9 9Z', rect, look, true), sources);
  expect(bubble.map((node) => node.tag)).toEqual(['path', 'image', 'path']);
  expect(bubble[2]!.attributes['stroke-dasharray']).toBeDefined();
});
