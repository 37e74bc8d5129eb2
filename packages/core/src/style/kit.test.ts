import fc from 'fast-check';
import type { Asset, BoxLook, StateName } from '../model';
import { dressedInKit, kitMatches, kitOf } from '.';

const asset = (name: string, media = 'image/png'): Asset => ({
  id: name,
  name,
  media,
  width: 8,
  height: 8,
  bytes: 1,
});

test('pictures of a kit are told by the words at the end of their names, however these are written', () => {
  const said: [StateName, string][] = [
    ['hovered', 'hover'],
    ['focused', 'focused'],
    ['pressed', 'down'],
    ['on', 'checked'],
    ['disabled', 'disabled'],
  ];
  const ways: ((stem: string, word: string) => string)[] = [
    (stem, word) => `${stem}_${word}`,
    (stem, word) => `${stem}-${word}`,
    (stem, word) => `${stem} ${word[0]!.toUpperCase()}${word.slice(1)}`,
    (stem, word) => `${stem}${word[0]!.toUpperCase()}${word.slice(1)}`,
  ];
  fc.assert(
    fc.property(
      fc.constantFrom('button', 'long_button', 'menu button'),
      fc.constantFrom('', '_normal', ' idle'),
      fc.subarray(said),
      fc.constantFrom(...ways),
      (stem, suffix, states, way) => {
        const normal = asset(stem + suffix);
        const others = states.map(([, word]) => asset(way(stem, word)));
        const strangers = [
          asset('panel_hover'),
          asset(`${stem} big hover`),
          asset('hover'),
          asset(`${stem}_glow`),
        ];
        expect(kitOf([normal, ...strangers, ...others], normal.id)).toEqual(
          Object.fromEntries(states.map(([state], i) => [state, others[i]!.id])),
        );
      },
    ),
  );
});

test('sounds are no pictures, and of two that say the same the first counts', () => {
  const assets = [asset('b'), asset('b_hover', 'audio/wav'), asset('b-hover'), asset('b hovered')];
  expect(kitOf(assets, 'b')).toEqual({ hovered: 'b-hover' });
  expect(kitOf(assets, 'gone')).toEqual({});
});

test('states get their pictures laid as the normal one is, and keep what else they have', () => {
  const look: BoxLook = {
    fill: '#111111',
    border: '#222222',
    borderWidth: 1,
    corner: 0,
    focused: { fill: '#333333', ink: '#444444' },
  };
  const picture = { asset: 'b', fit: 'slice', slice: { top: 1, right: 2, bottom: 3, left: 4 } } as const;
  expect(dressedInKit(look, picture, { focused: 'f', pressed: 'p' })).toEqual({
    focused: { ink: '#444444', fill: '#00000000', border: '#00000000', picture: { ...picture, asset: 'f' } },
    pressed: { fill: '#00000000', border: '#00000000', picture: { ...picture, asset: 'p' } },
  });
});

test('of a whole kit each picture is for one thing by its name: faces of a style, or a part of a sort of control', () => {
  const project = { styles: { text: [], box: [{ id: 'b', name: 'Wood Button', ...PLAIN }] } };
  const names = [
    'wood_button',
    'woodButtonHover',
    'wood-button-disabled',
    'panel_normal',
    'panel_hover',
    'slider_thumb',
    'tab_bar',
    'toggleKnob',
    'sea',
    'thumb',
  ];
  expect(kitMatches(project, [...names.map((name) => asset(name)), asset('list_row', 'audio/wav')])).toEqual([
    {
      match: 'faces',
      style: 'b',
      normal: 'wood_button',
      states: { hovered: 'woodButtonHover', disabled: 'wood-button-disabled' },
    },
    { match: 'faces', style: null, normal: 'panel_normal', states: { hovered: 'panel_hover' } },
    { match: 'part', type: 'slider', part: 'thumb', picture: 'slider_thumb' },
    { match: 'part', type: 'tabs', part: 'strip', picture: 'tab_bar' },
    { match: 'part', type: 'switch', part: 'knob', picture: 'toggleKnob' },
  ]);
});
const PLAIN = { fill: '#000000', border: '#000000', borderWidth: 0, corner: 0 };
