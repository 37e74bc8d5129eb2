import fc from 'fast-check';
import { compile } from '../../compile';
import type { Element, Value } from '../../model';
import { buttonOf, link, press, projectOf, screenOf } from '../../test/flows';
import { begin, beginAt, step, type RunState } from '..';

/** Controls that show a value and set it, and elements that are there only sometimes. */

const control = (id: string, y: number, value: string, type: string): Element =>
  ({ ...buttonOf(id, y), type, value }) as unknown as Element;
const values: Value[] = [
  { id: 'sub', name: 'sub', section: 'A', life: 'session', type: 'on/off', default: false },
  {
    id: 'sea',
    name: 'sea',
    section: 'A',
    life: 'session',
    type: 'number',
    min: 0,
    max: 100,
    step: 10,
    default: 70,
  },
  {
    id: 'flash',
    name: 'flash',
    section: 'A',
    life: 'session',
    type: 'choice',
    options: ['full', 'soft', 'none'].map((value) => ({ id: value, label: value })),
    default: 'soft',
  },
];
const project = projectOf(
  [
    screenOf('s', {
      elements: [
        control('switch', 0, 'sub', 'switch'),
        control('slider', 100, 'sea', 'slider'),
        control('choice', 200, 'flash', 'choice'),
        { ...buttonOf('apply', 300), enabledWhen: 'sea < 100' },
        { ...buttonOf('more', 400), shownWhen: 'sub' },
      ],
    }),
  ],
  [],
  { values },
);
const flow = compile(project);
const tap = (state: RunState, ...codes: string[]): RunState =>
  codes.reduce((now, code) => {
    const down = step(flow, now, { type: 'key', code, phase: 'down' }).state;
    return step(flow, down, { type: 'key', code, phase: 'up' }).state;
  }, state);
const { state: first } = begin(flow);

test('a switch turns over, and tells of it', () => {
  const { state, outcomes } = step(flow, first, { type: 'key', code: 'Enter', phase: 'down' });
  expect(state.values.sub).toBe(true);
  expect(outcomes).toContainEqual(expect.objectContaining({ did: 'set', value: 'sub', to: true }));
  expect(tap(first, 'Enter', 'Enter').values.sub).toBe(false);
});

test('a slider goes by its step, also while the key is held, and stops at its ends', () => {
  const at = tap(first, 'ArrowDown', 'ArrowRight');
  expect(at.values.sea).toBe(80);
  let held = step(flow, at, { type: 'key', code: 'ArrowRight', phase: 'down' }).state;
  for (let n = 0; n < 5; n++)
    held = step(flow, held, { type: 'key', code: 'ArrowRight', phase: 'down', repeat: true }).state;
  expect(held.values.sea).toBe(100);
  expect(held.base.focus).toBe('slider');
});

test('a choice goes to the next and the one before; confirmed, the last leads to the first', () => {
  const at = tap(first, 'ArrowDown', 'ArrowDown');
  expect(tap(at, 'ArrowLeft', 'ArrowLeft').values.flash).toBe('full');
  expect(tap(at, 'ArrowRight', 'ArrowRight').values.flash).toBe('none');
  expect(tap(at, 'Enter', 'Enter').values.flash).toBe('full');
});

test('a pointer turns a switch over; what is disabled takes no press', () => {
  const press = (state: RunState, element: string): RunState => {
    const spot = { serial: 1, element };
    const down = step(flow, state, { type: 'pointer', device: 'pointer', phase: 'down', spot }).state;
    return step(flow, down, { type: 'pointer', device: 'pointer', phase: 'up', spot }).state;
  };
  expect(press(first, 'switch').values.sub).toBe(true);
  const full = step(flow, first, { type: 'value', value: 'sea', to: 100, byHand: true }).state;
  const { outcomes } = step(flow, press(full, 'apply'), { type: 'time', pass: 0 });
  expect(outcomes).toEqual([]);
});

test('the focus passes over what cannot be used, and leaves what goes away for what is near', () => {
  const at = tap(first, 'Enter', 'ArrowUp');
  expect(at.base.focus).toBe('more');
  const gone = step(flow, at, { type: 'value', value: 'sub', to: false, byHand: true }).state;
  expect(gone.base.focus).toBe('apply');
  const full = step(flow, gone, { type: 'value', value: 'sea', to: 100, byHand: true }).state;
  expect(full.base.focus).toBe('choice');
  expect(tap(full, 'ArrowDown').base.focus).toBe('switch');
});

test('what belongs to a tab that is not up has no focus, and gets it when the tab is', () => {
  const tabs = {
    ...control('tabs', 0, 'flash', 'tabs'),
    tabs: ['Full', 'Soft', 'None'],
    bar: 60,
  } as unknown as Element;
  const inner = ['a', 'b', 'c'].map((id) => ({ ...buttonOf(id, 100), parent: 'tabs' }));
  const at = compile(projectOf([screenOf('s', { elements: [tabs, ...inner] })], [], { values }));
  const press = (state: RunState, ...codes: string[]): RunState =>
    codes.reduce((now, code) => {
      const down = step(at, now, { type: 'key', code, phase: 'down' }).state;
      return step(at, down, { type: 'key', code, phase: 'up' }).state;
    }, state);
  const first = press(begin(at).state, 'ArrowDown');
  expect(first.base.focus).toBe('b');
  expect(press(first, 'ArrowUp', 'ArrowRight', 'ArrowDown').base.focus).toBe('c');
});

test('a web address asks to be opened, unless a link leads on from it', () => {
  const address = {
    ...buttonOf('a', 0),
    type: 'address',
    url: 'https://saltwick.example',
  } as unknown as Element;
  const outcomesOf = (links: Parameters<typeof projectOf>[1]) => {
    const at = compile(projectOf([screenOf('s', { elements: [address] })], links));
    return step(at, begin(at).state, { type: 'key', code: 'Enter', phase: 'down' }).outcomes;
  };
  expect(outcomesOf([])).toContainEqual({ at: 0, did: 'address', url: 'https://saltwick.example' });
  const leads = outcomesOf([link('s', press('a'), 'stay')]);
  expect(leads.map((lead) => lead.did)).toEqual(['input', 'link']);
});

test('whatever is done with controls, values keep within their ranges', () => {
  fc.assert(
    fc.property(
      fc.array(fc.constantFrom('ArrowUp', 'ArrowDown', 'ArrowLeft', 'ArrowRight', 'Enter'), {
        maxLength: 40,
      }),
      (codes) => {
        const { sea, flash, sub } = tap(first, ...codes).values;
        expect(Number(sea) % 10).toBe(0);
        expect(Number(sea)).toBeGreaterThanOrEqual(0);
        expect(Number(sea)).toBeLessThanOrEqual(100);
        expect(['full', 'soft', 'none']).toContain(flash);
        expect(typeof sub).toBe('boolean');
      },
    ),
  );
});

test('begun at an overlay that a HUD piece or an area opens, it lies over a base of theirs', () => {
  const screens = [
    screenOf('first'),
    screenOf('watch', { area: 'r' }),
    screenOf('menu', { layer: 'hud', area: 'r' }, ['open']),
    screenOf('pause', { layer: 'overlay' }),
    screenOf('lost', { layer: 'overlay' }),
  ];
  const links = [
    link('menu', press('open'), 'open', 'pause'),
    link('r', { on: 'event', event: 'g' }, 'open', 'lost'),
  ];
  const at = compile(projectOf(screens, links, { areas: [{ id: 'r', name: 'Night', parent: null }] }));
  for (const id of ['pause', 'lost']) expect(beginAt(at, id, true).state.base.screen).toBe('watch');
});
