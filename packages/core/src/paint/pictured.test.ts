import type { Asset, Element, Project } from '../model';
import { Play, projectOf, screenOf } from '../test/flows';
import { paintRun, paintStill } from '.';

/** Pictures that a value or a parameter says. */

const asset = (id: string): Asset => ({ id, name: id, media: 'image/png', width: 40, height: 30, bytes: 1 });
const place = (offset: number): Element['place'] => ({
  x: { at: 'start', offset, size: 100 },
  y: { at: 'start', offset: 0, size: 100 },
});
const project = (from: string, over: Partial<Project> = {}): Project => {
  const screen = screenOf('lobby', {
    parameters: [{ id: 'own', name: 'own', type: 'picture', default: 'i-own' }],
  });
  screen.elements.push({
    id: 'map',
    name: 'map',
    type: 'picture',
    parent: null,
    place: place(0),
    asset: 'i-stand-in',
    from,
    fit: 'contain',
  });
  return projectOf([screen], [], {
    assets: ['i-stand-in', 'i-own', 'i-hill', 'i-dale'].map(asset),
    values: [
      {
        id: 'orchard',
        name: 'orchard',
        section: 'Lobby',
        life: 'session',
        type: 'picture',
        default: 'i-hill',
        byGame: true,
      },
    ],
    ...over,
  });
};
const shown = (items: unknown): string[] => [
  ...new Set([...JSON.stringify(items).matchAll(/"(i-[\w-]+)"/g)].map(([, id]) => id!)),
];
const now = ({ flow, state }: Play): string[] => shown(paintRun(flow, state));

test('a picture shows what its value holds, and follows it when the game writes it', () => {
  const play = new Play(project('orchard'));
  expect(now(play)).toEqual(['i-hill']);
  expect(now(play.give({ type: 'value', value: 'orchard', to: 'i-dale' }))).toEqual(['i-dale']);
});

test('a value that holds no picture leaves the stand-in', () => {
  const play = new Play(project('orchard'));
  expect(now(play.give({ type: 'value', value: 'orchard', to: '' }))).toEqual(['i-stand-in']);
  expect(now(new Play(project('gone')))).toEqual(['i-stand-in']);
});

test('where nothing runs it shows what its value or parameter is by default', () => {
  const still = (from: string): string[] => {
    const { flow } = new Play(project(from));
    return shown(paintStill(flow, flow.screens.get('lobby')!, false));
  };
  expect([still('orchard'), still('own')]).toEqual([['i-hill'], ['i-own']]);
});
