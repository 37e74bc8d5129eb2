import fc from 'fast-check';
import { compile } from '../compile';
import type { Element, Project, Skin } from '../model';
import { paintStill } from '../paint';
import { begin, reconcile, skinNow, step, validateState, type RunState } from '../run';
import { applyCommand } from '../edit';
import { anyInputs, anyProject } from '../test/arbitrary';
import { buttonOf, projectOf, screenOf } from '../test/flows';
import { fileInSkin, inSkin } from '.';

const HIGH: Skin = {
  id: 'k-high',
  name: 'High contrast',
  when: 'high_contrast',
  text: [{ style: 't-button', colour: '#ffff00', size: 60 }],
  box: [{ style: 'b-button', fill: '#000000', focused: { fill: '#ffffff' } }],
  colours: [{ colour: 'c-sea', is: '#ffffff' }],
  assets: [{ asset: 'a-lamp', by: 'a-flat' }],
  motions: [{ motion: 'm-slow', by: 'm-quick' }],
};
const NIGHT: Skin = {
  id: 'k-night',
  name: 'Night',
  when: 'night',
  colours: [{ colour: 'c-sea', is: '#000010' }],
};
const file = (id: string, width: number) => ({
  id,
  name: id,
  media: 'image/png',
  width,
  height: 10,
  bytes: 1,
});
const made = (over: Partial<Project> = {}): Project => {
  const lamp = {
    id: 'lamp',
    name: 'lamp',
    type: 'picture',
    parent: null,
    place: { x: { at: 'start', offset: 0, size: 90 }, y: { at: 'start', offset: 0, size: 90 } },
    asset: 'a-lamp',
    fit: 'contain',
  } as unknown as Element;
  const project = projectOf([screenOf('s', { elements: [buttonOf('b', 100), lamp] })], [], {
    skins: [HIGH, NIGHT],
    assets: [file('a-lamp', 10), file('a-flat', 40)],
    motions: [
      { id: 'm-slow', name: 'slow', tracks: [{ of: 'screen', change: 'opacity', from: 0, duration: '2 s' }] },
      { id: 'm-quick', name: 'quick', tracks: [] },
    ],
    values: ['high contrast', 'night'].map((name) => ({
      id: name,
      name,
      section: 'Look',
      life: 'settings' as const,
      type: 'on/off' as const,
      default: false,
    })),
    ...over,
  });
  project.styles.colours = [{ id: 'c-sea', name: 'Sea', colour: '#16324d' }];
  return project;
};

test('styles, colours, pictures and motions are what the skin says, and all else is the same object', () => {
  const project = made();
  const high = inSkin(project, 'k-high');
  expect(high.styles.text.find(({ id }) => id === 't-button')).toMatchObject({ colour: '#ffff00', size: 60 });
  expect(high.styles.box.find(({ id }) => id === 'b-button')).toMatchObject({ fill: '#000000', corner: 10 });
  expect(high.styles.colours).toEqual([{ id: 'c-sea', name: 'Sea', colour: '#ffffff' }]);
  expect(high.assets[0]).toEqual({ ...file('a-flat', 40), id: 'a-lamp', name: 'a-lamp' });
  expect(high.motions![0]).toEqual({ id: 'm-slow', name: 'slow', tracks: [] });
  expect(fileInSkin(project, 'k-high', 'a-lamp')).toBe('a-flat');
  expect([high.screens, high.values]).toEqual([project.screens, project.values]);
  expect(high.screens).toBe(project.screens);
  expect(inSkin(project, 'k-high')).toBe(high);
  expect([inSkin(project, null), inSkin(project, 'gone')]).toEqual([project, project]);
});

test('what stands in and is gone leaves things as they are', () => {
  const project = made({ skins: [{ ...HIGH, assets: [{ asset: 'a-lamp', by: 'gone' }] }] });
  expect(inSkin(project, 'k-high').assets).toEqual(project.assets);
  expect(fileInSkin(project, 'k-high', 'a-lamp')).toBe('a-lamp');
});

test('it is drawn as a project that is written so', () => {
  const project = made();
  const worn = compile(project, undefined, { skin: 'k-high' });
  // The same, by hand: in the text of the file.
  const byHand = structuredClone(project);
  const style = byHand.styles.box.find(({ id }) => id === 'b-button')!;
  Object.assign(style, { fill: '#000000', focused: { fill: '#ffffff' } });
  const words = byHand.styles.text.find(({ id }) => id === 't-button')!;
  Object.assign(words, { colour: '#ffff00', size: 60 });
  const plain = compile(byHand);
  const draw = (flow: typeof plain) => JSON.stringify(paintStill(flow, flow.screens.get('s')!, true));
  expect(draw(worn)).not.toBe(draw(compile(project)));
  expect(draw(worn)).toBe(draw(plain));
});

test('a run wears the first skin whose condition holds, and takes it off again', () => {
  const flow = compile(made());
  const say = (state: RunState, value: string, to: boolean) =>
    step(flow, state, { type: 'value', value, to, byHand: true }).state;
  let { state } = begin(flow);
  expect(skinNow(flow, state)).toBeNull();
  state = say(state, 'night', true);
  expect(skinNow(flow, state)).toBe('k-night');
  state = say(state, 'high contrast', true);
  expect(skinNow(flow, state)).toBe('k-high');
  state = say(state, 'high contrast', false);
  expect(skinNow(flow, state)).toBe('k-night');
});

test('whatever a run is doing, it goes on in each skin of its project as it was', () => {
  fc.assert(
    fc.property(anyProject, anyInputs, (project, inputs) => {
      let flow = compile(project);
      let { state } = begin(flow);
      for (const input of inputs) {
        state = step(flow, state, input).state;
        const before = JSON.stringify(state);
        const skin = skinNow(flow, state);
        expect(JSON.stringify(state)).toBe(before);
        if (skin === flow.skin) continue;
        flow = compile(project, flow, { skin });
        expect(flow.skin).toBe(skin);
        const up = [state.base, ...state.overlays].map(({ serial }) => serial);
        state = reconcile(flow, state);
        expect(validateState(flow, state)).toEqual([]);
        expect([state.base, ...state.overlays].map(({ serial }) => serial)).toEqual(up);
        expect(skinNow(flow, state)).toBe(skin);
      }
    }),
    { numRuns: 150 },
  );
});

test('what goes from a project goes from its skins', () => {
  const names = [
    { name: 'delete box style', args: { style: 'b-button' } },
    { name: 'delete text style', args: { style: 't-button' } },
    { name: 'delete colour', args: { colour: 'c-sea' } },
    { name: 'delete assets', args: { assets: ['a-flat'] } },
    { name: 'delete motion', args: { motion: 'm-quick' } },
  ] as const;
  let project = made();
  for (const { name, args } of names) project = applyCommand(project, name, args as never).project;
  const [high] = project.skins!;
  expect(high).toEqual({
    id: 'k-high',
    name: 'High contrast',
    when: 'high_contrast',
    assets: [],
    motions: [],
  });
  const named = applyCommand(made(), 'rename value', { value: 'night', name: 'dark' } as never).project;
  expect(named.skins![1]!.when).toBe('dark');
});
