import { strToU8, zipSync } from 'fflate';
import { applyCommand, type BroughtLayer } from '../edit';
import { compile } from '../compile';
import type { Project } from '../model';
import { paintStill } from '../paint';
import { projectOf, screenOf, link, press } from '../test/flows';
import { oraOf, pngOf } from '../test/layered';
import { isLayered, readLayers, type Layers } from './layers';

const RED = [200, 30, 30, 255];
const PICTURES = {
  sea: pngOf(96, 54, [20, 40, 80, 255]),
  glow: pngOf(20, 10, RED),
  lamp: pngOf(12, 30, RED),
  frame: pngOf(40, 8, RED),
  label: pngOf(30, 6, RED),
};
/** Five layers in two groups, one hidden, one at half opacity, one multiplied; the topmost first. */
const stack = ({ lampX = 40, label = '' } = {}): string => `<?xml version='1.0' encoding='UTF-8'?>
<image version="0.0.6" w="96" h="54"><stack>
  <stack name="Button" x="10" y="20">
    <layer name="Label" src="data/label.png" x="5" y="1" ${label}/>
    <layer name="Frame" src="data/frame.png" x="0" y="0" composite-op="svg:multiply"/>
  </stack>
  <stack name="Light" opacity="0.8">
    <layer name="Lamp" src="data/lamp.png" x="${lampX}" y="12" visibility="hidden"/>
    <layer name="Glow" src="data/glow.png" x="30" y="2" opacity="0.5"/>
  </stack>
  <layer name="Sea" src="data/sea.png"/>
</stack></image>`;
const read = async (bytes: Uint8Array): Promise<Layers> => {
  const found = await readLayers(bytes);
  if ('code' in found) throw new Error(found.code);
  return found;
};

test('names, places, order, opacity, visibility and blending are as the file has them', async () => {
  const bytes = oraOf(stack(), PICTURES);
  expect([isLayered(bytes), isLayered(PICTURES.sea)]).toEqual([true, false]);
  const { width, height, layers, unblended } = await read(bytes);
  expect([width, height, unblended]).toEqual([96, 54, []]);
  expect(
    layers.map(({ path, group, x, y, opacity, hidden, blend, art }) => [
      ...[path, group, x, y, opacity, hidden, blend],
      art && [art.width, art.height],
    ]),
  ).toEqual([
    ['Sea', null, 0, 0, 1, false, 'normal', [96, 54]],
    ['Light', null, 0, 0, 0.8, false, 'normal', null],
    ['Light/Glow', 'Light', 30, 2, 0.5, false, 'normal', [20, 10]],
    ['Light/Lamp', 'Light', 40, 12, 1, true, 'normal', [12, 30]],
    ['Button', null, 10, 20, 1, false, 'normal', null],
    ['Button/Frame', 'Button', 10, 20, 1, false, 'multiply', [40, 8]],
    ['Button/Label', 'Button', 15, 21, 1, false, 'normal', [30, 6]],
  ]);
});

test('two layers of one name are told apart, and what lies over others in an unknown way is told', async () => {
  const twice = `<image w="9" h="9"><stack><layer name="A" src="data/lamp.png"/><layer name="A" src="data/glow.png" composite-op="made:up"/></stack></image>`;
  const { layers, unblended } = await read(oraOf(twice, PICTURES));
  expect(layers.map(({ path }) => path)).toEqual(['A 2', 'A']);
  expect(unblended).toEqual(['A']);
});

test.each([
  [
    'a path outside',
    `<image w="9" h="9"><stack><layer src="../../secret.png"/></stack></image>`,
    'path outside',
  ],
  [
    'an absolute path',
    `<image w="9" h="9"><stack><layer src="/etc/secret.png"/></stack></image>`,
    'path outside',
  ],
  [
    'a picture that is gone',
    `<image w="9" h="9"><stack><layer src="data/x.png"/></stack></image>`,
    'layer without picture',
  ],
  ['broken XML', `<image w="9" h="9"><stack><layer`, 'damaged stack'],
  ['entities', `<!DOCTYPE image [<!ENTITY a "b">]><image w="9" h="9"><stack/></image>`, 'damaged stack'],
  ['no image', `<stack/>`, 'damaged stack'],
  [
    'more layers than anybody needs',
    `<image w="9" h="9"><stack>${'<layer src="data/lamp.png"/>'.repeat(501)}</stack></image>`,
    'too many layers',
  ],
])('%s is refused', async (_, xml, code) => {
  expect(await readLayers(oraOf(xml, PICTURES))).toMatchObject({ code });
});

test('a file cut short, one without a stack, one whose pictures are none, and a bomb are refused', async () => {
  const bytes = oraOf(stack(), PICTURES);
  expect(await readLayers(bytes.slice(0, 300))).toMatchObject({ code: 'damaged zip' });
  expect(await readLayers(zipSync({ mimetype: strToU8('image/openraster') }))).toMatchObject({
    code: 'no stack.xml',
  });
  expect(await readLayers(oraOf(stack(), { ...PICTURES, lamp: strToU8('no picture') }))).toMatchObject({
    code: 'not as named',
  });
  // What the list of a zip file says is in it (APPNOTE 4.3.12): four bytes from the 24th of its entry.
  const bomb = zipSync({ 'stack.xml': strToU8('<image/>') });
  const entry = bomb.findIndex((_, at) => bomb[at] === 0x50 && bomb[at + 1] === 0x4b && bomb[at + 2] === 1);
  new DataView(bomb.buffer).setUint32(entry + 24, 210_000_000, true);
  expect(await readLayers(bomb)).toMatchObject({ code: 'unpacks too large' });
});

describe('on a screen', () => {
  let made = 0;
  const bring = (project: Project, { width, height, layers }: Layers): Project => {
    const brought = layers.map(({ art, ...layer }): BroughtLayer => ({
      ...layer,
      art: art && {
        mark: art.mark,
        asset: {
          id: `i-${++made}`,
          name: layer.name,
          media: 'image/png',
          ...{ width: art.width, height: art.height, bytes: art.bytes.length },
        },
      },
    }));
    return applyCommand(project, 'bring layers', {
      screen: 's',
      file: 'menu.ora',
      width,
      height,
      layers: brought,
    }).project;
  };
  const plain = () => projectOf([screenOf('s'), screenOf('other')], []);
  const on = (project: Project, path: string) =>
    project.screens[0]!.elements.find(({ layer }) => layer?.path === path)!;

  test('every layer is an element, at its place in the frame, within its group', async () => {
    const project = bring(plain(), await read(oraOf(stack(), PICTURES)));
    const { screens } = compile(project);
    const { layout, elements } = screens.get('s')!;
    expect(elements.map(({ name }) => name)).toEqual([
      'Sea',
      'Light',
      'Glow',
      'Lamp',
      'Button',
      'Frame',
      'Label',
    ]);
    // The frame is twenty times as wide as the picture.
    expect(layout.get(on(project, 'Button/Label').id)).toEqual({ x: 300, y: 420, width: 600, height: 120 });
    expect(on(project, 'Light/Glow')).toMatchObject({ opacity: 0.5, parent: on(project, 'Light').id });
    expect(on(project, 'Button/Frame').blend).toBe('multiply');
    const drawn = JSON.stringify(paintStill(compile(project), screens.get('s')!, false));
    const order = project.assets.map(({ id }) => drawn.indexOf(`"${id}"`)).filter((at) => at >= 0);
    expect(order).toEqual([...order].sort((a, b) => a - b));
    expect(order).toHaveLength(5);
  });

  test('brought in again as it is, nothing changes', async () => {
    const layers = await read(oraOf(stack(), PICTURES));
    const project = bring(plain(), layers);
    expect(bring(project, layers)).toEqual(project);
  });

  test('two layers moved and one replaced: only those change, and what was done here and the links stay', async () => {
    let project = bring(plain(), await read(oraOf(stack(), PICTURES)));
    const lamp = on(project, 'Light/Lamp');
    const frame = on(project, 'Button/Frame');
    project = { ...project, links: [link('s', press(frame.id), 'go', 'other')] };
    project = applyCommand(project, 'change element', {
      screen: 's',
      element: lamp.id,
      change: { turn: 15, place: { ...lamp.place, x: { at: 'start', offset: 900, size: 240 } } },
    }).project;
    const before = new Map(
      project.screens[0]!.elements.map((element) => [element.id, JSON.stringify(element)]),
    );
    const newer = { ...PICTURES, frame: pngOf(44, 8, [1, 2, 3, 255]) };
    const after = bring(project, await read(oraOf(stack({ lampX: 50, label: 'opacity="0.25"' }), newer)));
    const changed = after.screens[0]!.elements.filter(
      (element) => before.get(element.id) !== JSON.stringify(element),
    );
    expect(changed.map(({ name }) => name)).toEqual(['Lamp', 'Frame', 'Label']);
    // Ten pixels of the file are two hundred of the frame, from where it was put here.
    expect(on(after, 'Light/Lamp')).toMatchObject({ turn: 15, place: { x: { offset: 1100, size: 240 } } });
    const replaced = on(after, 'Button/Frame') as unknown as { asset: string };
    expect(after.assets.find(({ id }) => id === replaced.asset)).toMatchObject({ width: 44 });
    expect(on(after, 'Button/Frame')).toMatchObject({ place: { x: { size: 880 } } });
    expect(on(after, 'Button/Label').opacity).toBe(0.25);
    expect(after.links).toEqual(project.links);
  });
});
