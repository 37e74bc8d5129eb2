import { type Item, bubblePath } from '../drawing';
import fc from 'fast-check';
import { compile } from '../compile';
import { BUBBLES, type Asset, type Element, type Project, type Screen, type Value } from '../model';
import { anyElements } from '../test/elements';
import { buttonOf, link, press, Play, projectOf, screenOf } from '../test/flows';
import { elementsAt, pickResolution, overflowOf, paintRun, paintStill, svgFrame, svgText, toSvg } from '.';
import { grainTile, TILE } from './grain';

const sources = { asset: (id: string) => `asset:${id}`, family: (face: string) => face };
const at = (x: number, y: number, width: number, height: number): Element['place'] => ({
  x: { at: 'start', offset: x, size: width },
  y: { at: 'start', offset: y, size: height },
});
const panel = (id: string, over: Partial<Element> = {}): Element =>
  ({
    id,
    name: id,
    type: 'panel',
    parent: null,
    place: at(100, 100, 400, 300),
    box: { style: 'b-panel' },
    ...over,
  }) as Element;
const make = (elements: Element[], over: Partial<Screen> = {}, project: Partial<Project> = {}) =>
  compile(projectOf([screenOf('s', { elements, ...over })], [], project));
const picture = (...args: Parameters<typeof make>): string => {
  const flow = make(...args);
  return svgText(svgFrame(1920, 1080, toSvg(paintStill(flow, flow.screens.get('s')!, true), sources)));
};

test('a colour by its name is the project’s, wherever it stands', () => {
  const styles = (colour: string): Partial<Project> => ({
    styles: { text: [], box: [], colours: [{ id: 'c-sea', name: 'Sea', colour }] },
  });
  const box = { style: 'none', fill: 'c-sea', shadow: { x: 1, y: 2, blur: 6, colour: 'c-sea' } };
  const drawn = picture(
    [panel('p', { box } as Partial<Element>)],
    { background: { colour: 'c-sea' } },
    styles('#0a5b6c'),
  );
  expect(drawn.match(/#0a5b6c/g)).toHaveLength(3);
  expect(drawn).not.toContain('c-sea');
});

test('gradients go by CSS’s angle', () => {
  const gradient = {
    angle: 90,
    stops: [
      { at: 1, colour: '#ffffff' },
      { at: 0, colour: '#00000080' },
    ],
  };
  const drawn = picture([], { background: { colour: '#102030', gradient } });
  expect(drawn).toContain('x1="0" y1="0.5" x2="1" y2="0.5"');
  expect(drawn).toMatch(
    /offset="0" stop-color="#000000" stop-opacity="0\.502".*offset="1" stop-color="#ffffff"/,
  );
});

test('what an element holds turns, blends, fades and is cut off with it', () => {
  const drawn = picture([
    panel('p', { turn: 90, blend: 'screen', opacity: 0.5, overflow: 'cut' } as Partial<Element>),
    { ...buttonOf('in', 0), parent: 'p' },
  ]);
  expect(drawn).toMatch(/<g opacity="0\.5" transform="rotate\(90 300 250\)" style="mix-blend-mode:screen">/);
  expect(drawn).toMatch(
    /<clipPath id="(\w+)">.*clip-path="url\(#\1\)"|clip-path="url\(#(\w+)\)"><clipPath id="\2">/,
  );
});

test('a turned element is pressed where it is drawn', () => {
  const flow = make([panel('p', { turn: 90 } as Partial<Element>)]);
  const screen = flow.screens.get('s')!;
  // 400 by 300 about (300, 250): turned, it reaches from 150 to 450 across and from 50 to 450 down.
  expect(elementsAt(screen, { x: 300, y: 60 })).toEqual(['p']);
  expect(elementsAt(screen, { x: 110, y: 250 })).toEqual([]);
});

test('a lifted element lies over its siblings, and only them', () => {
  const flow = make([
    panel('a', { lift: 1 }),
    panel('b'),
    { ...panel('in', { lift: 9 }), parent: 'b' } as Element,
  ]);
  const found = elementsAt(flow.screens.get('s')!, { x: 300, y: 250 });
  expect([found[0], found.at(-1)]).toEqual(['a', 'b']);
});

test('corners of a sliced picture keep their size, edges stretch one way', () => {
  const asset: Asset = { id: 'i', name: 'Frame', media: 'image/png', width: 60, height: 40, bytes: 1 };
  const sliced = {
    ...panel('p'),
    type: 'picture',
    asset: 'i',
    fit: 'stretch',
    slice: { top: 10, right: 12, bottom: 14, left: 16 },
  } as unknown as Element;
  const drawn = picture([sliced], {}, { assets: [asset] });
  const parts = [
    ...drawn.matchAll(/<rect x="([\d.]+)" y="([\d.]+)" width="([\d.]+)" height="([\d.]+)" shape-rendering/g),
  ];
  expect(parts).toHaveLength(9);
  expect(parts[0]!.slice(1)).toEqual(['100', '100', '16', '10']);
  expect(parts[8]!.slice(1)).toEqual(['488', '386', '12', '14']);
  const area = parts.reduce((sum, part) => sum + Number(part[3]) * Number(part[4]), 0);
  expect(area).toBeCloseTo(400 * 300, 3);
});

test('blur beneath comes with its screen, and is of everything beneath as one', () => {
  const project = projectOf(
    [
      screenOf('a', {}, ['go']),
      screenOf('o', { layer: 'overlay', background: { colour: '#00000080', blur: 12 } }),
    ],
    [link('a', press('go'), 'open', 'o')],
    {
      defaults: {
        motion: { name: 'fade', duration: '200 ms', easing: 'linear' },
        order: 'together',
        masked: 'ignored',
      },
    },
  );
  const play = new Play(project).wait(1000).key('Enter', 0).wait(100);
  const blur = (): number | undefined => {
    const [first] = paintRun(play.flow, play.state);
    return first?.kind === 'group' ? first.blur : undefined;
  };
  expect(blur()).toBeCloseTo(6, 5);
  play.wait(200);
  expect(blur()).toBe(12);
});

test('moving grain shows other specks twelve times a second, still grain the same for ever', () => {
  const shifts = (moves: boolean) => {
    const project = projectOf(
      [screenOf('a', { background: { colour: '#000000', grain: { amount: 0.4, moves } } })],
      [],
    );
    const play = new Play(project);
    return Array.from({ length: 12 }, () => {
      play.wait(84);
      return JSON.stringify(paintRun(play.flow, play.state)).match(/"shift":(\d+)/)![1];
    });
  };
  expect(new Set(shifts(true)).size).toBe(12);
  expect(new Set(shifts(false)).size).toBe(1);
});

test('the grain is a well-formed PNG of its size', () => {
  const bytes = Buffer.from(grainTile().split(',')[1]!, 'base64');
  expect(bytes.subarray(1, 4).toString()).toBe('PNG');
  expect([bytes.readUInt32BE(16), bytes.readUInt32BE(20)]).toEqual([TILE, TILE]);
  expect(bytes.subarray(-8, -4).toString()).toBe('IEND');
});

test.each(BUBBLES)('the outline of a %s bubble is closed, with and without a tail', (shape) => {
  fc.assert(
    fc.property(
      fc.integer({ min: 1, max: 900 }),
      fc.integer({ min: 1, max: 500 }),
      fc.option(
        fc.record({
          side: fc.constantFrom('left', 'right', 'top', 'bottom'),
          at: fc.double({ min: 0, max: 1, noNaN: true }),
        }),
        { nil: undefined },
      ),
      (width, height, tail) => {
        const element = { shape, tail } as unknown as Parameters<typeof bubblePath>[2];
        const path = bubblePath({ x: 0, y: 0, width, height }, 20, element);
        expect(path).toMatch(/^M.*Z$/);
        expect(path).not.toMatch(/NaN|Infinity/);
      },
    ),
  );
});

test('an area that scrolls shows what has the focus, and a press lands on what is seen', () => {
  const rows = ['a', 'b', 'c', 'd'].map((id, i) => ({ ...buttonOf(id, i * 100), parent: 'p' }));
  const project = projectOf(
    [
      screenOf('s', {
        elements: [
          panel('p', { place: at(0, 0, 400, 200), overflow: 'scrolls' } as Partial<Element>),
          ...rows,
        ],
      }),
    ],
    [],
  );
  const play = new Play(project);
  const hit = (y: number) =>
    elementsAt(play.flow.screens.get('s')!, { x: 200, y }, [], play.state.base.focus)[0];
  expect(hit(110)).toBe('b');
  play.key('ArrowDown').key('ArrowDown').key('ArrowDown');
  expect(play.state.base.focus).toBe('d');
  expect(hit(150)).toBe('d');
});

test('texts that do not fit are told with what helps; those that do are not', () => {
  const text = (over: object): Element =>
    ({
      ...panel('t'),
      type: 'text',
      text: 'The light must not go out tonight',
      look: { style: 't-body', size: 60 },
      ...over,
    }) as unknown as Element;
  const told = (over: object) => {
    const flow = make([text(over)]);
    return overflowOf(flow, flow.screens.get('s')!);
  };
  expect(told({})).toEqual([]);
  const [over] = told({ place: at(0, 0, 400, 90) });
  expect(over!.down).toBeGreaterThan(100);
  for (const [key, change] of [
    ['smaller', { look: { style: 't-body', size: over!.smaller } }],
    ['wider', { place: at(0, 0, 400 + over!.wider!, 90) }],
  ] as const)
    expect([key, told({ place: at(0, 0, 400, 90), ...change })]).toEqual([key, []]);
  expect(told({ place: at(0, 0, 400, 300), look: { style: 't-body', size: 60, wrap: 'cut' } })[0]!.wrap).toBe(
    true,
  );
});

test('a text with names in it is as long as what they hold at first, not as what they are called', () => {
  const told = (text: string, base: number | string) => {
    const words = {
      ...panel('t'),
      type: 'text',
      text,
      look: { style: 't-body', size: 60 },
      place: at(0, 0, 400, 90),
    };
    const value = { id: 'v', name: 'the number of lamps', section: 'L', life: 'session', default: base };
    const flow = make(
      [words as unknown as Element],
      {},
      {
        values: [{ ...value, type: typeof base === 'number' ? 'number' : 'text' } as Value],
      },
    );
    return overflowOf(flow, flow.screens.get('s')!).length;
  };
  expect(told('Lamps {the_number_of_lamps}', 3)).toBe(0);
  expect(told('{the_number_of_lamps}', 'Every lamp along the whole of the shore')).toBe(1);
});

test('the version of a picture that is fine enough is shown, and no finer', () => {
  const asset = (id: string, over: Partial<Asset> = {}): Asset => ({
    id,
    name: id,
    media: 'image/png',
    width: 1,
    height: 1,
    bytes: 1,
    ...over,
  });
  const assets = [
    asset('a', {
      finer: [
        { scale: 3, asset: 'a3' },
        { scale: 2, asset: 'a2' },
        { scale: 4, asset: 'gone' },
      ],
    }),
    asset('a2'),
    asset('a3'),
  ];
  expect([1, 1.5, 2, 2.5, 8].map((pixels) => pickResolution(assets, 'a', pixels))).toEqual([
    'a',
    'a2',
    'a2',
    'a3',
    'a3',
  ]);
  expect(pickResolution([], 'x', 2)).toBe('x');
});

test('whatever elements look like, the picture holds no colour by name and no number that is none', () => {
  fc.assert(
    fc.property(anyElements(6), (elements) => {
      const drawn = JSON.stringify(painted(elements));
      expect(drawn).not.toMatch(/"c-|null,"y"|NaN/);
    }),
    { numRuns: 60 },
  );
});

function painted(elements: Element[]): Item[] {
  const flow = make(elements, {}, { styles: { text: [], box: [], colours: [] } });
  return paintStill(flow, flow.screens.get('s')!, true);
}
