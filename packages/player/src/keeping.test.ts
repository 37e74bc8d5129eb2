import { compile } from '@tavu/core/compile';
import { blankProject, type Project } from '@tavu/core/model';
import { begin, step, type RunState } from '@tavu/core/run';
import { Keeping } from './keeping';

/** A project with one value that lasts for good, and one that does not. */
function project(): Project {
  const number = { type: 'number', section: 'Any', default: 0 } as const;
  return {
    ...blankProject('Any'),
    values: [
      { ...number, id: 'loud', name: 'loud', life: 'settings', byGame: true },
      { ...number, id: 'speed', name: 'speed', life: 'session', byGame: true },
    ],
  };
}

/** Writes a value sixty times a second for four seconds, and counts what is told of it. */
function writes(value: string): { told: number[]; keeping: Keeping } {
  const flow = compile(project());
  const told: number[] = [];
  const keeping = new Keeping(
    () => flow,
    ({ values }) => told.push(Number(values.loud)),
  );
  let state: RunState = begin(flow).state;
  for (let n = 1; n <= 240; n++) {
    const next = step(flow, state, { type: 'value', value, to: n }).state;
    keeping.note(state, next);
    state = next;
    jest.advanceTimersByTime(1000 / 60);
  }
  return { told, keeping };
}

beforeEach(() => void jest.useFakeTimers());
afterEach(() => void jest.useRealTimers());

test('a setting written in every frame is told at once, and then at most once a second, the last of it too', () => {
  const { told } = writes('loud');
  expect(told[0]).toBe(1);
  expect(told.length).toBeLessThanOrEqual(5);
  jest.advanceTimersByTime(1000);
  expect(told.at(-1)).toBe(240);
  expect(told.length).toBeLessThanOrEqual(6);
});

test('what lasts no longer than the run is told once at most, since nothing of what is kept is otherwise', () => {
  const { told } = writes('speed');
  jest.advanceTimersByTime(5000);
  expect(told.length).toBeLessThanOrEqual(1);
});

test('a page that is left is told what waits', () => {
  const { told, keeping } = writes('loud');
  keeping.now();
  expect(told.at(-1)).toBe(240);
  const { length } = told;
  jest.advanceTimersByTime(5000);
  expect(told).toHaveLength(length);
});

test('a setting chosen to be what its default is counts as chosen, and is told', () => {
  const flow = compile(project());
  const told: unknown[] = [];
  const keeping = new Keeping(
    () => flow,
    ({ values }) => told.push(values),
  );
  const before = begin(flow).state;
  keeping.note(before, step(flow, before, { type: 'value', value: 'loud', to: 0 }).state);
  expect(told).toEqual([{ loud: 0 }]);
});

test('a list that is a setting is told when nothing but its rows has changed', () => {
  const flow = compile({
    ...project(),
    lists: [
      {
        id: 'names',
        name: 'names',
        section: 'Any',
        life: 'settings',
        byGame: true,
        fields: [{ id: 'name', name: 'name', type: 'text' }],
        default: [],
        samples: [],
      },
    ],
  });
  const told: unknown[] = [];
  const keeping = new Keeping(
    () => flow,
    ({ lists }) => told.push(lists.names?.rows.map(({ held }) => held.name)),
  );
  const before = begin(flow).state;
  const write = { do: 'put', rows: [{ name: 'Oda' }] } as const;
  keeping.note(before, step(flow, before, { type: 'list', list: 'names', write }).state);
  expect(told).toEqual([['Oda']]);
});
