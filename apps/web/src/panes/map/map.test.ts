import { planMap } from '@tavu/core/map';
import { projectFromNames } from '@tavu/core/starter';
import { choose, chooseAlso, edit, NOTHING, openInStudio, useStudio } from '../../store/store';
import { besides, moveInRow } from './dragCard';
import { copiedScreens } from '../../store/copying';
import { filtered, NO_FILTER } from './filter';

jest.mock('../../persistence/files', () => ({ files: () => Promise.reject(new Error('not here')) }));

const state = () => useStudio.getState();
const id = (name: string) => state().project.screens.find((screen) => screen.name === name)!.id;
const names = (ids: Iterable<string>) =>
  [...ids].map((id) => state().project.screens.find((screen) => screen.id === id)!.name).sort();

beforeEach(() => {
  openInStudio(projectFromNames('My game', ['Title', 'Play', 'Pause', 'Shop', 'Museum']), new Map());
  useStudio.setState({ saving: { state: 'kept', at: 1 } });
});

test('only some are looked at: by layer, by area and what lies in it, what is up, or where something is wrong', () => {
  const look = (filter: Partial<typeof NO_FILTER>, up: string[] = []) => {
    const found = filtered(state().project, { ...NO_FILTER, ...filter }, up);
    return found === null ? null : names(found);
  };
  expect(look({})).toBeNull();
  expect(look({ layer: 'base' })).toEqual(['Museum', 'Play', 'Shop', 'Title']);
  const outer = edit('add area', { name: 'Town', screens: [id('Shop')] })!;
  const inner = edit('add area', { name: 'Old town', parent: outer, screens: [id('Museum')] })!;
  expect(look({ area: outer })).toEqual(['Museum', 'Shop']);
  expect(look({ area: inner })).toEqual(['Museum']);
  expect(look({ only: 'up' }, [id('Pause')])).toEqual(['Pause']);
  expect(look({ only: 'trouble' })).toEqual([]);
  edit('add link', {
    from: id('Play'),
    trigger: { on: 'arrival' },
    when: 'fog',
    kind: 'stay',
    effects: [],
  });
  expect(look({ only: 'trouble' })).toEqual(['Play']);
  expect(look({ only: 'trouble', layer: 'overlay' })).toEqual([]);
});

test('a card moves among those beside it in its row, and no further', () => {
  const row = () => {
    const plan = planMap(state().project);
    return names([]).concat(
      besides(
        plan,
        plan.cards.find((card) => card.id === id('Shop'))!,
      ).map((card) => card.name),
    );
  };
  const before = row();
  expect([...before].sort()).toEqual(['Museum', 'Play', 'Shop']);
  moveInRow(planMap(state().project), id('Shop'), 1);
  const at = before.indexOf('Shop');
  const after = [...before];
  if (at < before.length - 1) after.splice(at + 1, 0, ...after.splice(at, 1));
  expect(row()).toEqual(after);
  for (let n = 0; n < 4; n++) moveInRow(planMap(state().project), id('Shop'), -1);
  expect(row()[0]).toBe('Shop');
  edit('tidy map', {});
  expect(row()).toEqual(before);
});

test('what is copied is a small project of the chosen screens, with the bytes it shows', () => {
  expect(copiedScreens()).toBeNull();
  choose({ screen: id('Shop') });
  chooseAlso(id('Pause'));
  const copied = JSON.parse(copiedScreens()!) as {
    screens: { name: string }[];
    links: { from: string }[];
    bytes: object;
  };
  expect(copied.screens.map((screen) => screen.name).sort()).toEqual(['Pause', 'Shop']);
  expect(new Set(copied.links.map((link) => link.from))).toEqual(new Set([id('Shop'), id('Pause')]));
  expect(copied.bytes).toEqual({});
  expect(state().word!.text).toBe('2 screens copied. Paste here or in another project.');
  choose(NOTHING);
});
