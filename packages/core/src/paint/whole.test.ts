import fc from 'fast-check';
import type { GroupItem, Item } from '../drawing';
import type { Element, PanelElement, Project } from '../model';
import { buttonOf, Play, projectOf, screenOf } from '../test/flows';
import { paintRun, svgFrame, svgText, toSvg } from '.';

/** What is laid over an element and all it holds. */

const panel = (over: Partial<PanelElement>): Element => ({
  id: 'board',
  name: 'Board',
  type: 'panel',
  parent: null,
  place: { x: { at: 'start', offset: 100, size: 400 }, y: { at: 'start', offset: 50, size: 200 } },
  box: { style: 'b-panel' },
  ...over,
});
const mask = { id: 'm', name: 'Torn', media: 'image/png', width: 40, height: 20, bytes: 1 };
const made = (over: Partial<PanelElement>): Project =>
  projectOf(
    [screenOf('s', { elements: [panel(over), { ...buttonOf('b', 10, 'Row'), parent: 'board' }] })],
    [],
    { assets: [mask] },
  );
const drawn = (over: Partial<PanelElement>): Item[] => {
  const play = new Play(made(over));
  return paintRun(play.flow, play.state);
};
const all = (items: readonly Item[]): Item[] =>
  items.flatMap((item) => [item, ...(item.kind === 'group' ? all(item.items) : [])]);
const groups = (items: readonly Item[]): GroupItem[] =>
  all(items).filter((item): item is GroupItem => item.kind === 'group');
const says = (items: readonly Item[], words: string): boolean =>
  all(items).some((item) => item.kind === 'text' && item.lines.some((line) => line.text === words));

test('a tint, a mask and a shadow are each of the whole: of the panel and of what it holds, once', () => {
  fc.assert(
    fc.property(
      fc.constantFrom<Partial<PanelElement>>(
        { tint: '#ff000080' },
        { mask: { asset: 'm', fit: 'stretch' } },
        { shadow: { x: 4, y: 8, blur: 12, colour: '#000000' } },
      ),
      fc.constantFrom(1, 0.5),
      (over, opacity) => {
        const [key] = Object.keys(over) as ('tint' | 'mask' | 'shadow')[];
        const found = groups(drawn({ ...over, opacity })).filter((group) => group[key!] !== undefined);
        expect(found).toHaveLength(1);
        expect(says(found[0]!.items, 'Row')).toBe(true);
        // The shadow fades with what casts it: it is not shaded by it as well.
        if (key === 'shadow') expect(found[0]!.opacity).toBe(opacity);
      },
    ),
  );
});

test('a mask that is gone hides nothing', () => {
  const items = drawn({ mask: { asset: 'gone', fit: 'stretch' } });
  expect(groups(items).some((group) => group.mask)).toBe(false);
  expect(says(items, 'Row')).toBe(true);
});

test('what a shadow reaches is never cut off by its filter, however soft, far off or thin', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: -200, max: 200 }),
      fc.integer({ min: -200, max: 200 }),
      fc.integer({ min: 0, max: 100 }),
      fc.integer({ min: 10, max: 900 }),
      (x, y, blur, size) => {
        const place = {
          x: { at: 'start' as const, offset: 0, size },
          y: { at: 'start' as const, offset: 0, size: 40 },
        };
        const shadow = { x, y, blur, colour: '#000000' };
        const { reach } = groups(drawn({ shadow, place })).find((group) => group.shadow)!.shadow!;
        // Softness fades out at three standard deviations; half of the blur is one.
        expect(reach * size).toBeGreaterThanOrEqual(Math.abs(x) + blur * 1.5);
        expect(reach * 40).toBeGreaterThanOrEqual(Math.abs(y) + blur * 1.5);
      },
    ),
  );
});

test('a mask is drawn by its alpha, where it lies', () => {
  const svg = svgText(
    svgFrame(
      1920,
      1080,
      toSvg(drawn({ mask: { asset: 'm', fit: 'contain' } }), { asset: (id) => `${id}.png`, family: String }),
    ),
  );
  expect(svg).toMatch(
    /<mask id="(\w+)" mask-type="alpha" maskUnits="userSpaceOnUse" x="100" y="50" width="400" height="200">/,
  );
  expect(svg).toContain('href="m.png"');
});

test('a border can be in dashes', () => {
  const svg = svgText(
    svgFrame(
      1920,
      1080,
      toSvg(drawn({ box: { style: 'b-panel', borderWidth: 4, dashes: { dash: 12, gap: 6 } } }), {
        asset: String,
        family: String,
      }),
    ),
  );
  expect(svg).toContain('stroke-dasharray="12 6"');
});
