import fc from 'fast-check';
import { compile } from '../compile';
import type { Element } from '../model';
import { anyInputs, anyProject } from '../test/arbitrary';
import { buttonOf, down, link, lighthouse, Play, projectOf, screenOf } from '../test/flows';
import { begin, step } from '../run';
import { accessOf, inReadingOrder } from '.';

const like = (id: string, y: number, over: object): Element =>
  ({ ...buttonOf(id, y), ...over }) as unknown as Element;

test('what is up is told with roles, names and states, from top to bottom', () => {
  const project = projectOf(
    [
      screenOf('s', {
        elements: [
          like('late', 500, { type: 'slider', value: 'sea', text: 'Sea' }),
          like('sub', 300, { type: 'switch', value: 'sub', text: 'Subtitles' }),
          like('head', 20, { type: 'text', text: 'Options' }),
          like('more', 100, { type: 'text', text: 'Oil {oil}' }),
          like('off', 700, { enabledWhen: 'sub' }),
          like('gone', 800, { shownWhen: 'sub' }),
          like('bind', 900, { type: 'binding', text: '', action: 'back', device: 'keys' }),
          like('tabs', 1000, { type: 'tabs', tabs: ['One', 'Two'], bar: 40 }),
        ],
      }),
    ],
    [],
    {
      values: [
        {
          id: 'sea',
          name: 'sea',
          section: 'A',
          life: 'session',
          type: 'number',
          min: 0,
          max: 50,
          default: 10,
          unit: '%',
        },
        { id: 'sub', name: 'sub', section: 'A', life: 'session', type: 'on/off', default: false },
        { id: 'oil', name: 'oil', section: 'A', life: 'session', type: 'number', default: 3 },
      ],
    },
  );
  const { flow, state } = new Play(project);
  const [screen] = accessOf(flow, state);
  expect(screen).toMatchObject({ name: 's', role: 'main', covered: false });
  expect(screen!.items).toEqual([
    { id: 'head', role: 'heading', name: 'Options' },
    { id: 'more', role: 'text', name: 'Oil 3' },
    { id: 'sub', role: 'switch', name: 'Subtitles', checked: false, state: 'Off', focused: true },
    { id: 'late', role: 'slider', name: 'Sea', share: 20, state: '10 %' },
    { id: 'off', role: 'button', name: 'off', disabled: true },
    { id: 'bind', role: 'button', name: 'back', state: 'Esc' },
    { id: 'tabs', role: 'tablist', name: 'tabs', tabs: { words: ['One', 'Two'], up: 0 } },
  ]);
});

test('what lies beneath a modal screen is covered, and only one thing has the focus', () => {
  const play = new Play(lighthouse());
  fc.assert(
    fc.property(anyProject, anyInputs, (project, inputs) => {
      const flow = compile(project);
      let { state } = begin(flow);
      for (const input of inputs) state = step(flow, state, input).state;
      const screens = accessOf(flow, state);
      const focused = screens.flatMap((screen) => screen.items.filter((item) => item.focused));
      expect(focused.length).toBeLessThanOrEqual(1);
      for (const screen of screens)
        if (screen.covered) expect(screen.items.some((item) => item.focused)).toBe(false);
    }),
    { numRuns: 60 },
  );
  expect(accessOf(play.flow, play.state)[0]!.covered).toBe(false);
});

test('the order set by hand is the order it is read in; what cannot have the focus keeps its place', () => {
  const screen = screenOf('s', {
    focus: { order: ['c', 'a'] },
    elements: [buttonOf('a', 100), like('t', 150, { type: 'text' }), buttonOf('b', 200), buttonOf('c', 300)],
  });
  const flow = compile(projectOf([screen], [link('s', down('menu'), 'back')]));
  expect(inReadingOrder(flow.screens.get('s')!).map((element) => element.id)).toEqual(['c', 't', 'a', 'b']);
});
