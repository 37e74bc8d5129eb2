import { applyCommand } from '../edit';
import type { Project } from '../model';
import { after, down, event, link, Play, press, projectOf, screenOf, show } from '../test/flows';
import { findingsOf, findingWords } from '.';

const project = (): Project =>
  projectOf(
    [
      screenOf('title', { name: 'Title' }, ['start']),
      screenOf('watch', { name: 'Watch' }),
      screenOf('confirm', {
        name: 'Confirm',
        layer: 'overlay',
        parameters: [{ id: 'q', name: 'question', type: 'text' }],
        outcomes: [{ id: 'yes', name: 'yes' }],
      }),
      screenOf('found', { name: 'Found', layer: 'notice' }),
      screenOf('gauge', { name: 'Gauge', layer: 'hud', shownWhen: 'oil > 1' }),
    ],
    [
      link('title', press('start'), 'go', 'watch', { id: 'go', when: 'oil > 3' }),
      link('watch', event('g'), 'stay', undefined, {
        id: 'effects',
        effects: [show('found'), { do: 'send', event: 'out' }, { do: 'set', value: 'v', to: 'oil + 1' }],
      }),
      link('watch', down('menu'), 'open', 'confirm', { id: 'ask', args: { q: '"Sure?"' } }),
      link('watch', { on: 'returned', screen: 'confirm', outcome: 'yes' }, 'go', 'title', { id: 'answer' }),
    ],
    {
      values: [{ id: 'v', name: 'oil', section: 'Lamp', life: 'session', type: 'number', default: 9 }],
      events: [
        { id: 'g', name: 'g', direction: 'in' },
        { id: 'out', name: 'out', direction: 'out' },
      ],
    },
  );

const words = (from: Project) => findingsOf(from).map(findingWords);

test('a sound project has none', () => expect(findingsOf(project())).toEqual([]));

test('a deleted value is pointed out wherever it is named, and the run goes on', () => {
  const gone = applyCommand(project(), 'delete value', { value: 'v' }).project;
  expect(
    findingsOf(gone).map((finding) => {
      const { source, link = null } = finding.where;
      return [source, link, findingWords(finding).replace(/“.*”: /, '')];
    }),
  ).toEqual([
    ['title', 'go', 'There is nothing called oil.'],
    ['watch', 'effects', 'The value it sets is gone.'],
    ['watch', 'effects', 'There is nothing called oil.'],
    ['gauge', null, 'There is nothing called oil.'],
  ]);
  const play = new Play(gone).key('Enter').wait(100);
  expect([play.up, play.did('failed').length > 0]).toEqual([['title'], true]);
});

test('so is a link into a deleted screen, as a gap with its name', () => {
  const gone = applyCommand(project(), 'delete screens', { screens: ['watch'] }).project;
  expect(words(gone)).toContain('“Watch” is not made yet.');
  expect(new Play(gone).key('Enter').up).toEqual(['gap:base:Watch']);
});

test('so is a parameter left out', () => {
  const out = project();
  delete out.links.find((link) => link.id === 'ask')!.args;
  expect(findingsOf(out)).toEqual([
    {
      code: 'call/untold',
      params: { name: 'Confirm', what: 'question' },
      severity: 'error',
      where: { source: 'watch', link: 'ask' },
    },
  ]);
  expect(words(out)).toEqual(['Confirm is not told its question.']);
});

test.each<[string, (from: Project) => void, RegExp]>([
  ['an element', (from) => from.screens[0]!.elements.pop(), /What is pressed is gone/],
  ['an action', (from) => from.actions.splice(1, 1), /Its action is gone/],
  ['an event heard', (from) => from.events.shift(), /Its event is gone/],
  ['an event sent', (from) => from.events.pop(), /tells the game is gone/],
  ['an answer', (from) => delete from.screens[2]!.outcomes, /no longer gives the answer/],
  ['a screen asked', (from) => from.screens.splice(2, 1), /whose answer it waits for is gone/],
  ['a message', (from) => from.screens.splice(3, 1), /message it shows is gone/],
  ['an area', (from) => (from.screens[1]!.area = 'r'), /area it is in is gone/],
  ['a source', (from) => (from.links[0]!.from = 'nobody'), /screen it belongs to is gone/],
  [
    'a name in a text',
    (from) =>
      (from.screens[0]!.elements[0] = { ...from.screens[0]!.elements[0]!, text: 'Oil {oli}' } as never),
    /says \{oli\}/,
  ],
  [
    'a shortcut',
    (from) => Object.assign(from.screens[0]!.elements[0]!, { shortcut: 'nope' }),
    /action that presses/,
  ],
  [
    'an event a message stays for',
    (from) => (from.screens[3]!.until = { event: 'nope' }),
    /it stays for is gone/,
  ],
  ['a sound', (from) => from.links[0]!.effects.push({ do: 'sound', asset: 'nope' }), /Its sound is gone/],
  ['a gap', (from) => (from.links[0]!.to = { gap: 'Attic' }), /“Attic” is not made yet/],
])('what is gone or cannot be is pointed out: %s', (_what, change, said) => {
  const changed = project();
  change(changed);
  expect(words(changed).some((word) => said.test(word))).toBe(true);
  new Play(changed).key('Enter').event('g').key('Escape').wait(500);
});

test('a time link is no trouble', () => {
  const timed = project();
  timed.links.push(link('watch', after('2 s'), 'go', 'title'));
  expect(findingsOf(timed)).toEqual([]);
});

test('components, other languages, styles, areas and the defaults are looked through too, each thing that is gone once', () => {
  const whole = project();
  const [button] = whole.screens[0]!.elements;
  whole.languages = [
    { code: 'en', name: 'English' },
    { code: 'de', name: 'German' },
  ];
  whole.texts = { de: { 'title start': 'Öl {oli}' } };
  whole.components = [
    {
      id: 'k',
      name: 'Row',
      width: 9,
      height: 9,
      parameters: [{ id: 'p', name: 'label', type: 'text', default: '' }],
      // What screens are told can be named in a component that is on them.
      elements: [
        { ...button!, id: 'in', name: 'In', text: '{label} {question} {oli}', shownWhen: 'fog' } as never,
      ],
    },
  ];
  whole.areas = [{ id: 'r', name: 'Night', parent: 'nowhere', music: 'nothing' }];
  whole.defaults.motion = { name: 'made', motion: 'nothing' };
  whole.sound = { volumes: { all: 'nothing' } };
  whole.screens[1]!.says = 'nothing';
  whole.screens[1]!.firstFocus = 'nothing';
  expect(words(whole).sort()).toEqual([
    'In: It says {oli}, and there is nothing called that.',
    'In: “fog”: There is nothing called fog.',
    'Night: Its music is gone.',
    'Night: The area around it is gone.',
    'The conversation it plays is gone.',
    'The motion it moves by is gone.',
    'What has the focus first is gone.',
    'What is heard: The value that says how loud it is is gone.',
    'start: In German: It says {oli}, and there is nothing called that.',
  ]);
});

test('a nine-slice that reaches further in than its picture is told of wherever it stands, with the sizes', () => {
  const sliced = (left: number, top: number) => ({
    asset: 'a',
    fit: 'slice' as const,
    slice: { top, right: 10, bottom: 10, left },
  });
  const made = (left: number, top: number): Project => {
    const flow = project();
    flow.assets.push({ id: 'a', name: 'Plank', media: 'image/png', width: 40, height: 30, bytes: 1 });
    flow.styles.box[0]!.hovered = { picture: sliced(left, top) };
    const [start] = flow.screens[0]!.elements;
    if (start?.type === 'button') start.box.picture = sliced(left, top);
    return flow;
  };
  expect(findingsOf(made(30, 20))).toEqual([]);
  const found = findingsOf(made(31, 25));
  expect(found.map(({ code }) => code)).toEqual(Array(4).fill('picture/wide-slice'));
  expect(new Set(found.map(findingWords))).toEqual(
    new Set([
      'The edges of the nine-slice are 41 pixels together, and Plank is 40 wide.',
      'The edges of the nine-slice are 35 pixels together, and Plank is 30 high.',
    ]),
  );
});
