import { type Item, heldBy, indexOf, shareOf, wordsOf } from '../drawing';
import fc from 'fast-check';
import { compile } from '../compile';
import type { Element, Value } from '../model';
import { freshElement } from '../starter';
import { Play, projectOf, screenOf } from '../test/flows';
import { paintRun, paintStill } from '.';

const sea: Value = {
  id: 'sea',
  name: 'sea',
  section: 'Sound',
  life: 'session',
  type: 'number',
  min: 0,
  max: 50,
  unit: '%',
  default: 20,
};
const flash: Value = {
  id: 'flash',
  name: 'flash',
  section: 'Access',
  life: 'session',
  type: 'choice',
  options: [
    { id: 'full', label: 'Full' },
    { id: 'soft', label: 'Softened' },
  ],
  default: 'soft',
};
const base = projectOf([], [], { values: [sea, flash] });
const control = (type: Parameters<typeof freshElement>[1], over: object = {}): Element =>
  ({ ...freshElement(base, type), id: 'e', ...over }) as Element;
const project = (element: Element, more: Element[] = []) =>
  projectOf([screenOf('s', { elements: [element, ...more] })], [], { values: [sea, flash] });
const flat = (items: readonly Item[]): Item[] =>
  items.flatMap((item) => (item.kind === 'group' ? flat(item.items) : [item]));
const drawn = (element: Element, more: Element[] = []): Item[] => {
  const flow = compile(project(element, more));
  return flat(paintStill(flow, flow.screens.get('s')!, false));
};
const words = (items: Item[]): string[] =>
  items.flatMap((item) => (item.kind === 'text' ? item.lines.map((line) => line.text) : []));

test('a control with a value shows that, in its words; without, what is written on it', () => {
  expect(words(drawn(control('slider', { value: 'sea' })))).toEqual(['Slider', '20 %']);
  expect(words(drawn(control('choice', { value: 'flash' })))).toContain('Softened');
  expect(words(drawn(control('choice', { sample: 1 })))).toContain('Two');
  expect(words(drawn(control('switch', { sample: true })))).toEqual(['Switch', 'On']);
  expect(words(drawn(control('slider', { value: 'gone' })))).toEqual(['Slider', '60']);
});

test('what is to be typed stands faintly until something is', () => {
  expect(words(drawn(control('entry')))).toEqual(['Write here']);
  expect(words(drawn(control('entry', { sample: 'Ines' })))).toEqual(['Ines']);
});

test('of what tabs hold only what belongs to the tab that is up is drawn', () => {
  const inner = (id: string): Element =>
    ({ ...freshElement(base, 'text'), id, text: id, parent: 'e' }) as Element;
  const tabs = control('tabs', { value: 'flash', tabs: ['First', 'Second'] });
  expect(words(drawn(tabs, [inner('one'), inner('two')]))).toEqual(['First', 'Second', 'two']);
});

test('the picture follows the value while the game runs', () => {
  const play = new Play(project(control('slider', { value: 'sea' })));
  expect(words(flat(paintRun(play.flow, play.state)))).toContain('20 %');
  play.key('ArrowRight');
  expect(words(flat(paintRun(play.flow, play.state)))).toContain('22.5 %');
});

test('a list shows the rows it has room for, a prompt the key of its action', () => {
  const list = control('list', { rows: ['a', 'b', 'c', 'd', 'e', 'f'] });
  expect(words(drawn(list))).toEqual(['a', 'b', 'c', 'd']);
  expect(words(drawn(control('prompt', { action: 'back', text: 'Leave' })))).toEqual(['Esc', 'Leave']);
  expect(words(drawn(control('prompt', { action: null })))[0]).toBe('?');
});

test('how far along, and which of them, keep within what there is', () => {
  fc.assert(
    fc.property(fc.double(), fc.integer({ min: 1, max: 9 }), (scalar, count) => {
      const share = shareOf({ type: sea, scalar });
      expect(share >= 0 && share <= 1).toBe(true);
      const index = indexOf({ type: null, scalar }, count);
      expect(Number.isInteger(index) && index >= 0 && index < count).toBe(true);
    }),
  );
  expect(shareOf({ type: sea, scalar: 25 })).toBe(0.5);
  expect(shareOf({ type: null, scalar: 3 }, 2, 2)).toBe(0);
  expect(indexOf({ type: flash, scalar: 'soft' }, 2)).toBe(1);
  expect(wordsOf({ type: null, scalar: undefined })).toBe('');
  expect(heldBy(base, { id: 'e', value: 'sea' }, { e: 7 })).toEqual({ type: sea, scalar: 7 });
});

test('an option is shown by its picture, to the left of its words, above them, or in their place', () => {
  const assets = ['calm', 'wild'].map((id) => ({
    id,
    name: id,
    media: 'image/png',
    width: 40,
    height: 40,
    bytes: 1,
  }));
  const seen = (over: object) => {
    const made = {
      ...project(control('choice', { pictures: { full: 'calm', soft: 'wild' }, ...over })),
      assets,
    };
    const flow = compile(made);
    const items = flat(paintStill(flow, flow.screens.get('s')!, false));
    const picture = items.find((item) => item.kind === 'picture');
    const said = items.find(
      (item) => item.kind === 'text' && item.lines.some(({ text }) => text === 'Softened' || text === 'One'),
    );
    return { picture, said };
  };
  const beside = seen({ value: 'flash' });
  expect(beside.picture).toMatchObject({ asset: 'wild', fit: 'contain' });
  if (beside.picture?.kind !== 'picture' || beside.said?.kind !== 'text') throw new Error('not drawn');
  expect(beside.said.rect.x).toBeGreaterThan(beside.picture.rect.x + beside.picture.rect.width);
  const above = seen({ value: 'flash', pictured: 'above' });
  if (above.picture?.kind !== 'picture' || above.said?.kind !== 'text') throw new Error('not drawn');
  expect(above.said.rect.y).toBeGreaterThanOrEqual(above.picture.rect.y + above.picture.rect.height);
  const alone = seen({ value: 'flash', pictured: 'alone' });
  expect([alone.picture !== undefined, alone.said]).toEqual([true, undefined]);
  // Without a value options go by their numbers; one without a picture has its words alone.
  expect(seen({ pictures: { 0: 'calm' }, sample: 0 }).picture).toMatchObject({ asset: 'calm' });
  const none = seen({ pictures: { 1: 'calm' }, sample: 0 });
  expect([none.picture, none.said !== undefined]).toEqual([undefined, true]);
});
