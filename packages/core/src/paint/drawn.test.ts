import fc from 'fast-check';
import { compile } from '../compile';
import type { Asset, Element, FacePicture, PictureElement } from '../model';
import { begin } from '../run';
import { SOLID_CELLS, solidOf } from '../sheet';
import { buttonOf, projectOf, screenOf } from '../test/flows';
import { hitTest } from '.';

/** Presses that count only where something is drawn. */

/** A picture that is drawn where the test says so, at points in shares of it. */
function pictureOf(drawn: (x: number, y: number) => boolean, over: Partial<Asset> = {}): Asset {
  const pixels = new Uint8ClampedArray(SOLID_CELLS * SOLID_CELLS * 4);
  for (let y = 0; y < SOLID_CELLS; y++)
    for (let x = 0; x < SOLID_CELLS; x++)
      pixels[(y * SOLID_CELLS + x) * 4 + 3] = drawn((x + 0.5) / SOLID_CELLS, (y + 0.5) / SOLID_CELLS)
        ? 255
        : 0;
  const solid = solidOf(pixels);
  return {
    id: 'a',
    name: 'a',
    media: 'image/png',
    width: 100,
    height: 100,
    bytes: 1,
    ...(solid ? { solid } : {}),
    ...over,
  };
}
/** What a press at a point lands on; the element stands at 100, 100, 400 wide and 200 high. */
function pressed(element: Element, asset: Asset, x: number, y: number): string | null {
  const beneath = {
    ...buttonOf('beneath', 0),
    place: { x: { at: 'start', offset: 0, size: 1900 }, y: { at: 'start', offset: 0, size: 1000 } },
  } as Element;
  const flow = compile(projectOf([screenOf('s', { elements: [beneath, element] })], [], { assets: [asset] }));
  return hitTest(flow, begin(flow).state, x, y)?.element ?? null;
}
const place = {
  x: { at: 'start' as const, offset: 100, size: 400 },
  y: { at: 'start' as const, offset: 100, size: 200 },
};
const CLEAR = '#00000000';
const button = (picture: FacePicture, over: Partial<Element> = {}): Element =>
  ({
    ...buttonOf('top', 0),
    place,
    text: 'Words in the middle',
    box: { style: 'b-button', fill: CLEAR, border: CLEAR, picture },
    exact: true,
    ...over,
  }) as Element;
/** Drawn on the left half. */
const half = pictureOf((x) => x < 0.5);

test('a press counts where the picture is drawn; where it is clear it falls on what lies beneath', () => {
  const face = button({ asset: 'a', fit: 'stretch' });
  expect(pressed(face, half, 200, 200)).toBe('top');
  expect(pressed(face, half, 400, 200)).toBe('beneath');
  // Without the wish, all of its place counts.
  expect(pressed(button({ asset: 'a', fit: 'stretch' }, { exact: undefined }), half, 400, 200)).toBe('top');
  // So does a fill behind the picture, and a picture nobody has looked at.
  const filled = { style: 'b-button', fill: '#102030', picture: { asset: 'a', fit: 'stretch' as const } };
  expect(
    pressed(button({ asset: 'a', fit: 'stretch' }, { box: filled } as Partial<Element>), half, 400, 200),
  ).toBe('top');
  expect(pressed(face, { ...half, solid: undefined }, 400, 200)).toBe('top');
});

test('wherever a point is pressed, a stretched picture takes it just as it is drawn there', () => {
  const drawn = (x: number, y: number): boolean => Math.hypot(x - 0.5, y - 0.5) < 0.4;
  const round = pictureOf(drawn);
  fc.assert(
    fc.property(fc.integer({ min: 100, max: 500 }), fc.integer({ min: 100, max: 300 }), (x, y) => {
      const [u, v] = [(x - 100) / 400, (y - 100) / 200];
      // Within a cell of the edge it may be either.
      if (Math.abs(Math.hypot(u - 0.5, v - 0.5) - 0.4) < 1.5 / SOLID_CELLS) return;
      expect(pressed(button({ asset: 'a', fit: 'stretch' }), round, x, y)).toBe(
        drawn(u, v) ? 'top' : 'beneath',
      );
    }),
  );
});

test('each fit is taken as it lays the picture: nine-sliced, tiled, whole, or cropped', () => {
  const at = (picture: Omit<FacePicture, 'asset'>, asset: Asset, x: number, y: number) =>
    pressed(button({ asset: 'a', ...picture }), asset, x, y);
  // Clear in its corners of 20 pixels, which keep their size.
  const cornered = pictureOf((x, y) => !((x < 0.2 || x > 0.8) && (y < 0.2 || y > 0.8)));
  const slice = { top: 20, right: 20, bottom: 20, left: 20 };
  expect([
    at({ fit: 'slice', slice }, cornered, 110, 110),
    at({ fit: 'slice', slice }, cornered, 130, 110),
    at({ fit: 'slice', slice }, cornered, 490, 290),
    at({ fit: 'slice', slice, scale: 2 }, cornered, 130, 110),
  ]).toEqual(['beneath', 'top', 'beneath', 'beneath']);
  // Repeated every hundred.
  expect([
    at({ fit: 'tile' }, half, 320, 150),
    at({ fit: 'tile' }, half, 370, 150),
    at({ fit: 'tile', scale: 2 }, half, 370, 150),
  ]).toEqual(['top', 'beneath', 'top']);
  // Whole, it is 200 wide in the middle; cropped, all of it is twice as high as its place.
  expect([
    at({ fit: 'contain' }, half, 250, 200),
    at({ fit: 'contain' }, half, 150, 200),
    at({ fit: 'contain' }, half, 350, 200),
  ]).toEqual(['top', 'beneath', 'beneath']);
  const upper = pictureOf((_, y) => y < 0.5);
  expect([at({ fit: 'cover' }, upper, 300, 180), at({ fit: 'cover' }, upper, 300, 220)]).toEqual([
    'top',
    'beneath',
  ]);
});

test('a frame of a sheet counts by its own cell, and a turned element as it is turned', () => {
  const picture = (over: Partial<PictureElement>): Element =>
    ({
      id: 'top',
      name: 'top',
      type: 'picture',
      parent: null,
      place,
      asset: 'a',
      fit: 'stretch',
      exact: true,
      through: undefined,
      ...over,
    }) as Element;
  const sheet = pictureOf((x) => x < 0.25 || x > 0.75, {
    sheet: { by: 'grid', columns: 2, rows: 1 },
  });
  const flow = (element: Element, asset: Asset) =>
    compile(
      projectOf(
        [screenOf('s', { elements: [element] })],
        [{ id: 'l', from: 's', trigger: { on: 'press', element: 'top' }, kind: 'stay', effects: [] }],
        { assets: [asset] },
      ),
    );
  const hit = (element: Element, asset: Asset, x: number, y: number): string | null => {
    const made = flow(element, asset);
    return hitTest(made, begin(made).state, x, y)?.element ?? null;
  };
  // The first frame is drawn on its own left half.
  expect([hit(picture({}), sheet, 200, 200), hit(picture({}), sheet, 400, 200)]).toEqual(['top', null]);
  // Turned by half, its left is on the right.
  expect([hit(picture({ turn: 180 }), half, 200, 200), hit(picture({ turn: 180 }), half, 400, 200)]).toEqual([
    null,
    'top',
  ]);
});
