import { readFileSync } from 'node:fs';
import type { Project } from '@tavu/core/model';
import { sortWord } from './bring';
import { usesOf } from './uses';

const demo = (): Project =>
  JSON.parse(readFileSync('examples/saltwick-light/project.json', 'utf8')) as Project;

test('an asset is used by backgrounds, elements, areas, sentences, styles, components and what they are told', () => {
  const project = demo();
  project.styles.text[0]!.font = 'i-font';
  project.components![0]!.parameters.push({ id: 'q-icon', name: 'icon', type: 'picture', default: 'i-icon' });
  const placed = project.screens
    .flatMap((screen) => screen.elements)
    .find((element) => element.type === 'component' && element.component === project.components![0]!.id)!;
  Object.assign(placed, { args: { 'q-icon': 'i-other' } });
  project.assets[0]!.finer = [{ scale: 2, asset: 'i-fine' }];
  const some = project.assets[0]!;
  for (const id of ['i-font', 'i-icon', 'i-other', 'i-fine']) project.assets.push({ ...some, id, finer: [] });
  const uses = usesOf(project);
  expect(uses.get('a-title-night')).toEqual(['Title']);
  expect(uses.get('a-tobias')).toEqual(['Credits', 'Tobias']);
  expect(uses.get('a-surf')).toEqual(['On watch']);
  expect(uses.get('a-bell')).toContain('The watch');
  expect(uses.get('i-font')).toEqual([`style ${project.styles.text[0]!.name}`]);
  expect(uses.get('i-icon')).toEqual([project.components![0]!.name]);
  expect(uses.get('i-other')).toHaveLength(1);
  expect(uses.get('i-fine')).toEqual([project.assets[0]!.name]);
});

test('every asset of the demo is used', () => {
  const project = demo();
  const uses = usesOf(project);
  expect(project.assets.filter((asset) => !uses.has(asset.id)).map((asset) => asset.name)).toEqual([]);
});

test('assets are called by what they are', () => {
  const asset = demo().assets[0]!;
  expect(['image/png', 'audio/wav', 'font/ttf'].map((media) => sortWord({ ...asset, media }))).toEqual([
    'picture',
    'sound',
    'font',
  ]);
});
