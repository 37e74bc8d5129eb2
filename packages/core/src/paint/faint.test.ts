import fc from 'fast-check';
import { compile } from '../compile';
import type { Asset, BoxLook, Element, Project } from '../model';
import { buttonOf, projectOf, screenOf } from '../test/flows';
import { contrast, faintTexts, type Tones, type TonesOf } from '.';

const SLAB = { id: 'slab', name: 'Slab', media: 'image/png', width: 90, height: 60, bytes: 1 } as Asset;

/** A button with words in a colour on a box, on a page of another colour. */
function button(ink: string, box: Partial<BoxLook>, over: object = {}): Element {
  const size = { x: { at: 'start', offset: 200, size: 600 }, y: { at: 'start', offset: 200, size: 120 } };
  return {
    ...buttonOf('b', 0, 'Light the lamp'),
    place: size,
    look: { style: 'none', size: 20, colour: ink, weight: 400, align: 'centre' },
    box: { style: 'none', borderWidth: 0, corner: 0, ...box },
    ...over,
  } as unknown as Element;
}
function found(elements: Element[], tones: TonesOf = () => undefined, colour = '#000000') {
  const project: Project = projectOf([screenOf('s', { elements, background: { colour } })], [], {
    assets: [SLAB],
  });
  const flow = compile(project);
  return faintTexts(flow, flow.screens.get('s')!, {}, tones);
}
/** A picture whose left part is of one colour and whose right part of another. */
const halves = (left: number[], right: number[]): Tones => ({
  size: 4,
  pixels: Array.from({ length: 16 }, (_, i) => (i % 4 < 2 ? left : right)).flat(),
});

test('contrast is as published examples have it', () => {
  const grey = (n: number) => [n, n, n, 1] as const;
  expect(contrast(grey(0), grey(255))).toBeCloseTo(21, 6);
  // The lightest grey that passes on white is #767676.
  expect(contrast(grey(0x76), grey(255))).toBeCloseTo(4.54, 2);
  expect(contrast(grey(0x77), grey(255))).toBeCloseTo(4.48, 2);
  expect(contrast([255, 0, 0, 1], grey(255))).toBeCloseTo(4.0, 2);
});

test('words on a fill are told of exactly where it takes more contrast, whatever is seen through what', () => {
  const channel = fc.integer({ min: 0, max: 255 });
  const colour = fc.tuple(channel, channel, channel, channel);
  const hex = (parts: readonly number[]): string =>
    `#${parts.map((part) => part.toString(16).padStart(2, '0')).join('')}`;
  const light = (rgb: readonly number[]): number => {
    const [r, g, b] = rgb.map((part) => {
      const c = part / 255;
      return c <= 0.04045 ? c / 12.92 : Math.pow((c + 0.055) / 1.055, 2.4);
    });
    return 0.2126 * r! + 0.7152 * g! + 0.0722 * b!;
  };
  const lay = (top: readonly number[], below: readonly number[]): number[] =>
    [0, 1, 2].map((i) => (top[i]! * top[3]!) / 255 + below[i]! * (1 - top[3]! / 255));
  fc.assert(
    fc.property(colour, colour, colour, fc.boolean(), (ink, fill, page, large) => {
      const behind = lay(fill, page.slice(0, 3));
      const [a, b] = [light(lay(ink, behind)), light(behind)].sort((x, y) => y - x) as [number, number];
      const ratio = (a + 0.05) / (b + 0.05);
      const needs = large ? 3 : 4.5;
      fc.pre(Math.abs(ratio - needs) > 0.1);
      const look = { style: 'none', size: large ? 24 : 20, colour: hex(ink), weight: 400 };
      const told = found(
        [button('#000000', { fill: hex(fill) }, { look })],
        undefined,
        hex(page.slice(0, 3)),
      );
      if (ratio > needs) expect(told).toEqual([]);
      else expect(told).toEqual([{ element: 'b', ratio: expect.closeTo(ratio, 3), needs, state: null }]);
    }),
    { numRuns: 300 },
  );
});

test('on a picture the colours beneath the letters count, as the picture is laid there', () => {
  const tones =
    (left: number[], right: number[]): TonesOf =>
    () =>
      halves(left, right);
  const [light, dark] = [
    [240, 240, 240, 255],
    [10, 10, 10, 255],
  ] as const;
  const picture = {
    asset: 'slab',
    fit: 'slice',
    slice: { top: 10, right: 10, bottom: 10, left: 10 },
  } as const;
  const face = { fill: '#000000', picture } as Partial<BoxLook>;
  expect(found([button('#ffffff', face)], tones([...dark], [...dark]))).toEqual([]);
  expect(found([button('#ffffff', face)], tones([...light], [...light]))).toMatchObject([{ element: 'b' }]);
  // Words in the middle reach over both halves.
  expect(found([button('#ffffff', face)], tones([...dark], [...light]))).toHaveLength(1);
  // Where the picture is clear, what is beneath it counts.
  expect(found([button('#ffffff', face)], tones([0, 0, 0, 0], [0, 0, 0, 0]))).toEqual([]);
  expect(found([button('#ffffff', face)])).toEqual([]);
});

test('states of what can be used are looked at too; what cannot be used is not', () => {
  const hovered = { fill: '#101010', hovered: { fill: '#fafafa' } } as Partial<BoxLook>;
  expect(found([button('#ffffff', hovered)])).toMatchObject([{ state: 'hovered', needs: 4.5 }]);
  expect(found([button('#ffffff', { ...hovered, hovered: { fill: '#fafafa', ink: '#000000' } })])).toEqual(
    [],
  );
  const disabled = { fill: '#101010', disabled: { fill: '#fafafa' } } as Partial<BoxLook>;
  expect(found([button('#ffffff', disabled)])).toEqual([]);
});

test('turned, held by something that is turned, or faded: it is what is seen that counts', () => {
  const panel = {
    ...button('#000000', { fill: '#ffffff' }),
    id: 'p',
    type: 'panel',
    turn: 30,
    place: { x: { at: 'start', offset: 100, size: 900 }, y: { at: 'start', offset: 100, size: 500 } },
  } as unknown as Element;
  const held = (over: object = {}) =>
    button('#101010', { fill: '#00000000' }, { parent: 'p', turn: 45, ...over });
  expect(found([panel, held()])).toEqual([]);
  expect(found([panel, held({ opacity: 0.2 })])).toMatchObject([{ element: 'b' }]);
  expect(found([held({ parent: null })])).toMatchObject([{ element: 'b' }]);
});

test('an outline helps, and words on a screen that is seen through are left to what is beneath', () => {
  const look = { style: 'none', size: 20, colour: '#ffffff', outline: { colour: '#000000', width: 3 } };
  expect(found([button('', { fill: '#ffffff' }, { look })])).toEqual([]);
  expect(found([button('#ffffff', { fill: '#00000000' })], undefined, '#00000000')).toEqual([]);
  expect(found([button('#808080', { fill: '#80808080' })], undefined, '#00000000')).toHaveLength(1);
});
