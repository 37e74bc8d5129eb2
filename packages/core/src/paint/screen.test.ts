import type { Item } from '../drawing';
import { compile } from '../compile';
import type { Element, Screen } from '../model';
import { projectOf, screenOf } from '../test/flows';
import { boxLook, textLook } from '../style';
import { paintStill, svgText, toSvg } from '.';

const at = (x: number, y: number, width: number, height: number): Element['place'] => ({
  x: { at: 'start', offset: x, size: width },
  y: { at: 'start', offset: y, size: height },
});
const text = (over: Partial<Element & { type: 'text' }> = {}): Element => ({
  id: 't',
  name: 'Text',
  type: 'text',
  parent: null,
  place: at(100, 200, 400, 60),
  text: 'Two words',
  look: { style: 't-body', size: 40, line: 1.5 },
  ...over,
});
const painted = (elements: Element[], over: Partial<Screen> = {}): Item[] => {
  const project = projectOf([screenOf('s', { elements, ...over })], []);
  const flow = compile(project);
  return paintStill(flow, flow.screens.get('s')!, true);
};
const kinds = (items: readonly Item[]): unknown[] =>
  items.map((item) => (item.kind === 'group' ? kinds(item.items) : item.kind));

test.each([
  ['start', 100, 'start'],
  ['centre', 300, 'middle'],
  ['end', 500, 'end'],
] as const)('a text set to %s is anchored there', (align, x, anchor) => {
  const item = painted([text({ look: { style: 't-body', align } })]).at(-1)!;
  expect(item).toMatchObject({ kind: 'text', anchor, lines: [{ x }] });
});

test('lines stand one line height apart, the first within its box', () => {
  const item = painted([text({ text: 'One\nTwo\nThree' })]).at(-1)!;
  if (item.kind !== 'text') throw new Error('No text was painted.');
  const [a, b, c] = item.lines.map((line) => line.y);
  expect([b! - a!, c! - b!]).toEqual([60, 60]);
  expect(a).toBeGreaterThan(200 + 20);
  expect(a).toBeLessThan(200 + 60);
});

test('what an element holds is drawn after it and fades with it as one', () => {
  const panel: Element = {
    id: 'p',
    name: 'Panel',
    type: 'panel',
    parent: null,
    place: at(0, 0, 900, 900),
    opacity: 0.5,
    box: { style: 'b-panel' },
  };
  const items = painted([text({ parent: 'p' }), panel, text({ id: 'u' })]);
  expect(kinds(items)).toEqual(['box', ['box', 'text'], 'text']);
  expect(items[1]).toMatchObject({ kind: 'group', opacity: 0.5 });
});

test('a button takes the looks of its states over its own, and its words their colour', () => {
  const button: Element = {
    id: 'b',
    name: 'Go',
    type: 'button',
    parent: null,
    place: at(0, 0, 300, 80),
    text: 'Go',
    look: { style: 't-button' },
    box: { style: 'b-button', corner: 30 },
  };
  const [, box, words, ring] = painted([button]);
  expect(box).toMatchObject({ kind: 'box', fill: '#f0c25a', corner: 30 });
  expect(words).toMatchObject({ kind: 'text', colour: '#14202b', anchor: 'middle' });
  expect(ring).toMatchObject({ kind: 'ring', rect: { x: -8, y: -8, width: 316, height: 96 } });
});

test('a picture without its asset is an empty frame, never an error', () => {
  const picture: Element = {
    id: 'i',
    name: 'Picture',
    type: 'picture',
    parent: null,
    place: at(0, 0, 90, 90),
    asset: 'gone',
    fit: 'cover',
  };
  expect(kinds(painted([picture], { background: { colour: '#000000', picture: 'gone' } }))).toEqual([
    'box',
    'box',
  ]);
});

test('a background that cannot be seen is not drawn', () => {
  expect(painted([], { background: { colour: '#12345600' } })).toEqual([]);
});

test('exceptions stand over the shared style, and a style that is gone is a plain one', () => {
  const project = projectOf([], []);
  expect(textLook(project, { style: 't-body', size: 12 })).toMatchObject({
    font: 'plain',
    size: 12,
    colour: '#d9e2e6',
  });
  expect(textLook(project, { style: 'gone' })).toMatchObject({ colour: '#ffffff' });
  expect(boxLook(project, { style: 'gone' })).toMatchObject({ fill: '#00000000', borderWidth: 0 });
});

test('a border is drawn inside its box, and a colour with transparency as colour and opacity', () => {
  const box: Item = {
    kind: 'box',
    id: null,
    rect: { x: 10, y: 10, width: 100, height: 50 },
    fill: '#11223380',
    border: '#ffffff',
    borderWidth: 4,
    corner: 8,
  };
  const [node] = toSvg([box], { asset: () => '', family: () => '' });
  expect(svgText(node!)).toBe(
    '<rect x="12" y="12" width="96" height="46" rx="6" fill="#112233" fill-opacity="0.502" stroke="#ffffff" stroke-width="4"/>',
  );
});
