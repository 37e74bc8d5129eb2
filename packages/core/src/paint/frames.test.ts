import fc from 'fast-check';
import { compile } from '../compile';
import type { Item, PictureItem } from '../drawing';
import { cellsOf, PICTURE_FITS, type Asset, type PictureElement, type Plays, type Project } from '../model';
import { Play, projectOf, screenOf } from '../test/flows';
import { paintRun, svgFrame, svgText, toSvg } from '.';

const gull: Asset = {
  id: 'gull',
  name: 'Gull',
  media: 'image/png',
  width: 256,
  height: 256,
  bytes: 1,
  sheet: { by: 'grid', columns: 4, rows: 4 },
};
const pictureOf = (over: Partial<PictureElement> = {}): PictureElement => ({
  id: 'gulls',
  name: 'Gulls',
  type: 'picture',
  parent: null,
  place: { x: { at: 'start', offset: 100, size: 128 }, y: { at: 'start', offset: 50, size: 128 } },
  asset: 'gull',
  fit: 'contain',
  ...over,
});
const made = (
  over: Partial<PictureElement>,
  assets: Asset[] = [gull],
  more: Partial<Project> = {},
): Project => projectOf([screenOf('s', { elements: [pictureOf(over)] })], [], { assets, ...more });
const plays = (over: Partial<Plays> = {}): Plays => ({ rate: 12, on: 'arrival', repeat: 'loop', ...over });

const flat = (items: readonly Item[]): Item[] =>
  items.flatMap((item) => (item.kind === 'group' ? flat(item.items) : [item]));
const drawn = (play: Play): PictureItem =>
  flat(paintRun(play.flow, play.state)).find((item): item is PictureItem => item.kind === 'picture')!;
/** Which cell of the four columns is drawn, counted from 1. */
const frame = (play: Play): number => {
  const { x, y } = drawn(play).cell!;
  return (y / 64) * 4 + x / 64 + 1;
};

test('a sheet of four by four at 12 a second shows frame 7 at 0.583 s, and repeats none at its seam', () => {
  const play = new Play(made({ plays: plays() }));
  const seen: number[] = [];
  for (let ms = 0; ms < 2800; ms++) {
    const now = frame(play);
    if (ms === 583) expect(now).toBe(7);
    if (now !== seen.at(-1)) seen.push(now);
    play.wait(1);
  }
  // 2.8 s are 33.6 frames: each shown once in its turn, the first straight after the last.
  expect(seen).toEqual(Array.from({ length: 34 }, (_, i) => (i % 16) + 1));
});

test('each frame stands as long as its rate says, wherever it is looked at: once, round, or there and back', () => {
  fc.assert(
    fc.property(
      fc.constantFrom(1, 8, 12, 24, 30, 60),
      fc.constantFrom(undefined, 'loop' as const, 'there and back' as const),
      fc.integer({ min: 0, max: 4000 }),
      (rate, repeat, ms) => {
        const play = new Play(made({ plays: plays({ rate, repeat }) }));
        play.wait(ms);
        const order = Array.from({ length: 16 }, (_, i) => i + 1);
        const round = repeat === 'there and back' ? [...order, ...order.slice(1, -1).reverse()] : order;
        const passed = Math.floor((ms * rate) / 1000);
        expect(frame(play)).toBe(repeat ? round[passed % round.length] : (order[passed] ?? 16));
      },
    ),
  );
});

test('it plays from what sets it off: the focus, as long as it is there, or an event, again each time', () => {
  const play = new Play(
    made({ plays: plays({ on: { event: 'splash' }, repeat: undefined }) }, [gull], {
      events: [{ id: 'splash', name: 'splash', direction: 'in', fields: [] }],
    }),
  );
  play.wait(500);
  expect(frame(play)).toBe(1);
  play.event('splash').wait(250);
  expect(frame(play)).toBe(4);
  play.wait(3000);
  expect(frame(play)).toBe(16);
  play.event('splash').wait(100);
  expect(frame(play)).toBe(2);
});

test('a value says the frame: a number counts from 0 and keeps within, a switch shows the second when on', () => {
  const number = (held: number): number =>
    frame(
      new Play(
        made({ value: 'oil' }, [gull], {
          values: [
            {
              id: 'oil',
              name: 'oil',
              type: 'number',
              section: 'Game',
              life: 'session',
              default: held,
            } as never,
          ],
        }),
      ),
    );
  expect([-3, 0, 2.9, 15, 99].map(number)).toEqual([1, 1, 3, 16, 16]);
  const lit = (held: boolean): number =>
    frame(
      new Play(
        made({ value: 'lit' }, [gull], {
          values: [
            {
              id: 'lit',
              name: 'lit',
              type: 'on/off',
              section: 'Game',
              life: 'session',
              default: held,
            } as never,
          ],
        }),
      ),
    );
  expect([lit(false), lit(true)]).toEqual([1, 2]);
});

test('pictures of its own are its frames, those that are gone left out', () => {
  const walk = ['walk-1', 'walk-2', 'walk-3'].map((id) => ({ ...gull, id, name: id, sheet: undefined }));
  const play = new Play(
    made(
      { asset: 'walk-1', pictures: ['walk-1', 'gone', 'walk-2', 'walk-3'], plays: plays({ rate: 10 }) },
      walk,
    ),
  );
  const seen = [0, 1, 2, 3].map(() => {
    const { asset } = drawn(play);
    play.wait(100);
    return asset;
  });
  expect(seen).toEqual(['walk-1', 'walk-2', 'walk-3', 'walk-1']);
});

test('where less motion is asked for, what would go on for ever stands still and what plays once is at its end', () => {
  const at = (repeat?: 'loop'): number => {
    const project = made({ plays: plays({ repeat }) });
    const play = new Play(project);
    play.flow = compile(project, play.flow, { asked: true });
    play.wait(400);
    return frame(play);
  };
  expect([at('loop'), at()]).toEqual([1, 16]);
});

test('cells lie within their picture and on no other, however it is divided; what is over is left out', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 1, max: 300 }),
      fc.integer({ min: 1, max: 300 }),
      fc.integer({ min: 1, max: 40 }),
      fc.integer({ min: 1, max: 40 }),
      (width, height, columns, rows) => {
        const cells = cellsOf({ width, height, sheet: { by: 'grid', columns, rows } });
        expect(cells).toHaveLength(columns > width || rows > height ? 0 : Math.min(1000, columns * rows));
        const out = cells.filter((cell) => cell.x + cell.width > width || cell.y + cell.height > height);
        expect(out).toEqual([]);
        expect(new Set(cells.map((cell) => `${cell.x} ${cell.y}`)).size).toBe(cells.length);
        expect(new Set(cells.map((cell) => `${cell.width} ${cell.height}`)).size).toBeLessThan(2);
      },
    ),
  );
});

test('whatever the fit, a frame is drawn within its place, at one scale across and down but where it is stretched', () => {
  fc.assert(
    fc.property(
      fc.constantFrom(...PICTURE_FITS),
      fc.integer({ min: 20, max: 700 }),
      fc.integer({ min: 20, max: 700 }),
      fc.constantFrom(undefined, { by: 'grid' as const, columns: 4, rows: 2 }),
      (fit, width, height, sheet) => {
        const place = {
          x: { at: 'start' as const, offset: 10, size: width },
          y: { at: 'start' as const, offset: 20, size: height },
        };
        const { rect, cell } = drawn(new Play(made({ fit, place }, [{ ...gull, sheet }])));
        const seen = cell ?? { x: 0, y: 0, width: 256, height: 256 };
        const own = sheet ? { width: 64, height: 128 } : { width: 256, height: 256 };
        if (!sheet && fit !== 'whole') return;
        const near = 1e-6 + (fit === 'whole' ? 0.5 : 0);
        expect(rect.x).toBeGreaterThanOrEqual(10 - near);
        expect(rect.x + rect.width).toBeLessThanOrEqual(10 + width + near);
        expect(rect.y).toBeGreaterThanOrEqual(20 - near);
        expect(rect.y + rect.height).toBeLessThanOrEqual(20 + height + near);
        const [across, down] = [rect.width / seen.width, rect.height / seen.height];
        if (fit !== 'stretch') expect(across).toBeCloseTo(down, 6);
        if (fit === 'contain')
          expect(across).toBeCloseTo(Math.min(width / own.width, height / own.height), 6);
        if (fit === 'cover') expect(across).toBeCloseTo(Math.max(width / own.width, height / own.height), 6);
        if (fit === 'whole' && own.width <= width && own.height <= height) {
          expect(across).toBe(Math.round(across));
          expect(rect.x).toBe(Math.round(rect.x));
          expect(rect.width + own.width > width || rect.height + own.height > height).toBe(true);
        }
      },
    ),
  );
});

test('a frame is a window on its picture, and pixel art is drawn without softening', () => {
  const play = new Play(made({}, [{ ...gull, sharp: true }]));
  const svg = svgText(
    svgFrame(
      1920,
      1080,
      toSvg(paintRun(play.flow, play.state), { asset: (id) => `${id}.png`, family: String }),
    ),
  );
  expect(svg).toContain(
    '<svg x="100" y="50" width="128" height="128" viewBox="0 0 64 64" preserveAspectRatio="none">',
  );
  expect(svg).toContain('href="gull.png"');
  expect(svg).toContain('image-rendering="pixelated"');
});
