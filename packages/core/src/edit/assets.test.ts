import { readFileSync } from 'node:fs';
import { everyStep, type Asset, type Project } from '../model';
import { placesOf } from '../references';
import { readDocument, writeProject } from '../schema';
import { applyCommand, type Arguments, type CommandName } from '.';

const demo = JSON.parse(readFileSync('examples/saltwick-light/project.json', 'utf8')) as Project;
const go = <N extends CommandName>(project: Project, name: N, args: Arguments<N>): Project =>
  applyCommand(project, name, args).project;
const named = (project: Project, id: string): number =>
  project.assets.filter((asset) => asset.id === id).length;
const mentions = (project: Project, id: string): number =>
  JSON.stringify(project).split(JSON.stringify(id)).length - 1;

/** The demo, with an asset wherever one can be named and the demo names none. */
const whole: Project = structuredClone(demo);
whole.styles.text[0]!.font = 'a-lamp';
whole.assets[0]!.finer = [{ scale: 2, asset: 'a-lamp' }];
whole.styles.box[0]!.marker = { asset: 'a-lamp', side: 'left', size: 20, gap: 8 };
whole.routines![0]!.parameters.push({ id: 'q-sky', name: 'sky', type: 'picture', default: 'a-storm' });
whole.conversations![0]!.steps.push(
  { id: 'z-1', step: 'music', asset: 'a-surf' },
  { id: 'z-2', step: 'show', element: 'Name', picture: 'a-dawn' },
  { id: 'z-3', step: 'effect', effect: { do: 'sound', asset: 'a-bell' } },
);

test.each(demo.assets.map(({ id, name }) => [name, id]))(
  '%s replaced is replaced wherever it is named',
  (_, id) => {
    const by: Asset = { ...demo.assets.find((asset) => asset.id === id)!, id: 'a-new' };
    const swapped = go(whole, 'replace asset', { asset: id, by });
    expect(mentions(whole, id)).toBeGreaterThan(1);
    expect(mentions(swapped, id)).toBe(0);
    expect(mentions(swapped, 'a-new')).toBe(mentions(whole, id));
    expect(named(swapped, 'a-new')).toBe(1);
  },
);

test('deleted, they are named nowhere but by steps that would be none without, and the project can be read', () => {
  const gone = go(whole, 'delete assets', { assets: whole.assets.map((asset) => asset.id) });
  const left = whole.assets.filter(({ id }) => mentions(gone, id) > 0).map(({ id }) => id);
  const played = [...whole.conversations!, ...whole.routines!].flatMap(({ steps }) =>
    everyStep(steps).flatMap((step) =>
      step.step === 'effect' && 'asset' in step.effect ? [step.effect.asset] : [],
    ),
  );
  expect(left.sort()).toEqual([...new Set(played)].sort());
  const places = placesOf(gone, { only: ['id'] }).filter(({ of }) => of === 'asset');
  expect(places.every(({ path }) => path.includes('effect'))).toBe(true);
  expect(readDocument(JSON.parse(writeProject(gone)))).toMatchObject({ project: { id: demo.id } });
});
