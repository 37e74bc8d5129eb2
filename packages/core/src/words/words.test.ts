import { codeName, keyName, keysBeside } from '../keys';
import type { Project } from '../model';
import { after, down, event, lighthouse, link, Play, press, show } from '../test/flows';
import { outcomeWords, reasonWords, sentenceOf, sentenceText, timeToRead, wordsShown } from '.';

const project: Project = {
  ...lighthouse(),
  values: [
    {
      id: 'oil',
      name: 'oil',
      section: 'Lamp',
      life: 'session',
      type: 'number',
      max: 100,
      unit: '%',
      default: 40,
    },
  ],
  events: [
    { id: 'gone', name: 'oil gone', direction: 'in' as const },
    { id: 'say', name: 'begin', direction: 'out' as const },
  ],
};

test('an action that is called by its key, or has none, is not said twice', () => {
  const named = (name: string, keys: string[]) => keysBeside({ id: 'a', name, keys, pad: [] });
  expect(named('menu', ['Escape', 'KeyP'])).toBe(' (Esc or P)');
  expect(['t', 'T'].map((name) => named(name, ['KeyT']))).toEqual(['', '']);
  expect(named('walk', [])).toBe('');
});

test.each([
  [
    link('title', press('begin'), 'go', 'watch', {
      motion: { name: 'slide', from: 'left', duration: '280 ms' },
      effects: [{ do: 'send', event: 'say' }],
    }),
    'When begin is pressed, tell the game begin, then go to watch with a 280 ms slide from the left.',
  ],
  [
    link('watch', down('menu'), 'open', 'pause'),
    'When Menu (Esc or P) goes down, open pause over this, default motion.',
  ],
  [
    link('watch', event('gone'), 'stay', undefined, { effects: [show('found')] }),
    'When the game says oil gone, show found, and stay here.',
  ],
  [
    link('out', after('2.5 s'), 'go', 'title'),
    'After 2.5 s from the press that led here, go to title, default motion.',
  ],
  [
    link('pause', { on: 'action', action: 'back', when: 'held', hold: '1 s' }, 'back'),
    'When Back (Esc or Backspace) is held for 1 s, go back, default motion.',
  ],
  [link('title', { on: 'arrival' }, 'end'), 'On arrival, it is the end.'],
  [
    link('watch', event('gone'), 'stay', undefined, {
      when: 'oil < 5',
      once: true,
      aboveModal: true,
      effects: [
        { do: 'set', value: 'oil', to: 'oil + 1' },
        { do: 'save', slot: '1' },
        { do: 'clear notice', screen: 'found', after: '0.9 s' },
      ],
    }),
    'When the game says oil gone, if oil is less than 5 %, only once, also above modal screens, set oil to oil + 1, save to slot 1 and 0.9 s later take away found, and stay here.',
  ],
  [
    link('watch', { on: 'value', when: 'oil <= 0' }, 'go', 'out'),
    'As soon as oil is at most 0 %, go to out, default motion.',
  ],
  [link('out', { on: 'done' }, 'back'), 'When what is on it has finished, go back, default motion.'],
  [
    link('watch', { on: 'returned', screen: 'pause' }, 'clear'),
    'When pause closes, close everything, default motion.',
  ],
])('a link reads as a sentence', (link, words) => expect(sentenceText(project, link)).toBe(words));

test('what is gone is marked where it stands', () => {
  const pieces = sentenceOf(
    project,
    link('title', press('nobody'), 'go', undefined, { to: { gap: 'Slots' } }),
  );
  expect(pieces.filter((piece) => 'gone' in piece && piece.gone).map((piece) => piece.words)).toEqual([
    'something that is gone',
    'Slots',
  ]);
});

test('what a screen is told stands in brackets; what has to be said and is not is marked', () => {
  const told: Project = structuredClone(project);
  told.screens.find((screen) => screen.id === 'pause')!.parameters = [
    { id: 'q', name: 'question', type: 'text' },
    { id: 'n', name: 'nights', type: 'number', default: 1 },
  ];
  const open = link('watch', down('menu'), 'open', 'pause');
  expect(sentenceText(told, open)).toContain('open pause over this (question: not said, nights: default)');
  const gone = sentenceOf(told, open).filter((piece) => 'gone' in piece && piece.gone);
  expect(gone).toMatchObject([{ blank: 'given', param: 'q' }]);
  open.args = { q: '"Sure?"', n: 'oli' };
  expect(sentenceOf(told, open).filter((piece) => 'gone' in piece && piece.gone)).toMatchObject([
    { words: 'oli', param: 'n' },
  ]);
});

test('keys and buttons are called as people call them', () => {
  expect(['Escape', 'KeyM', 'Digit4', 'ArrowUp', 'Enter'].map(keyName)).toEqual([
    'Esc',
    'M',
    '4',
    '↑',
    'Enter',
  ]);
  expect(codeName('pad 0')).toBe('bottom button');
});

test('reading time grows with the text, within limits', () => {
  expect(['', 'x'.repeat(40), 'x'.repeat(4000)].map((words) => timeToRead(project, words))).toEqual([
    1000, 2500, 12_000,
  ]);
  // A family of three is one letter, and the project may have rules of its own.
  const slow = { ...project, talk: { reading: { base: '1 s', each: '100 ms' } } };
  expect(['👨‍👩‍👧', 'x'.repeat(400)].map((words) => timeToRead(slow, words))).toEqual([1100, 41_000]);
});

describe('what happened, in words', () => {
  const play = new Play({
    ...project,
    links: [...project.links, link('title', down('next'), 'go', undefined, { to: { gap: 'Slots' } })],
  });
  play.wait(2500).key('Enter').event('oil').key('Escape').key('Backspace').key('KeyZ').event('nobody');
  const words = play.outcomes.map((outcome) => outcomeWords(play.flow.project, outcome));

  test.each([
    'title is up',
    'Enter ↓',
    'When begin is pressed, go to watch, default motion.',
    'title goes',
    'watch is up',
    'found shows',
    'Esc ↓',
    'pause is up',
    'Backspace leads nowhere here',
    'Z leads nowhere here',
  ])('%s', (value) => expect(words).toContain(value));

  test('a screen that is not made yet is called by its name', () => {
    expect(outcomeWords(project, { at: 0, did: 'up', screen: 'gap:base:Slots', serial: 3 })).toBe(
      'Slots is up',
    );
  });

  test.each([
    [{ at: 0, did: 'masked', kept: false } as const, /ignored/],
    [{ at: 0, did: 'masked', kept: true } as const, /buffered/],
    [{ at: 0, did: 'unsettled', screen: 'title' } as const, /stopped after 100/],
    [{ at: 0, did: 'send', event: 'say', fields: {} } as const, /begin → game/],
    [{ at: 0, did: 'sound', asset: 'gone' } as const, /A sound plays/],
    [
      { at: 0, did: 'set', value: 'oil', to: 100, by: null, wanted: 160 } as const,
      /oil is 100 % \(160 is out of its range\), from outside/,
    ],
    [{ at: 0, did: 'refused', value: 'nope', to: 3 } as const, /gone cannot be 3/],
    [{ at: 0, did: 'load', slot: '2', found: false } as const, /Slot 2 is empty/],
    [{ at: 0, did: 'overflow', screen: 'found' } as const, /found: the line is full/],
    [
      { at: 0, did: 'failed', where: 'x', text: 'a / 0', why: { code: 'no number', params: {} } } as const,
      /a \/ 0.*no number/,
    ],
    [
      { at: 0, did: 'nowhere', what: { kind: 'done', screen: 'title' } } as const,
      /title has finished; that leads nowhere/,
    ],
    [{ at: 0, did: 'to game', code: 'pad 0', phase: 'down' } as const, /^Bottom button → game/],
    [{ at: 0, did: 'to game', code: 'KeyW', phase: 'up' } as const, /^W ↑ → game/],
    [
      { at: 0, did: 'refused', value: 'oil', to: 3, why: 'not by the game' } as const,
      /not for the game to write; it stays/,
    ],
    [
      { at: 0, did: 'misfit', event: 'gone', field: 'f', given: 'half', to: 0 } as const,
      /a field came as "half".*counts as 0/,
    ],
    [{ at: 0, did: 'end' } as const, /The end/],
  ])('%j', (outcome, said) => expect(outcomeWords(project, outcome)).toMatch(said));
});

test.each([
  [
    { because: 'condition' as const, text: 'oil < 5', read: [['oil', 40]] as [string, number][] },
    'Not: oil is less than 5 %, since oil was 40 %',
  ],
  [{ because: 'once' as const }, 'It is taken only once, and has been'],
  [{ because: 'covered' as const }, 'A modal screen lies above, and it is not marked to open above that'],
  [{ because: 'not an overlay' as const }, 'Only an overlay can make way for another'],
  [{ because: 'nothing to go back to' as const }, 'There is nothing to go back to any more'],
])('why a link was not taken: %j', (reason, words) => {
  expect(reasonWords(project, { link: 'gone', reason })).toBe(words);
});

test('what is told to a parameter counts among the words to be read: the longest of it, else its default', () => {
  const text = (id: string, words: string) =>
    ({ ...structuredClone(project.screens[0]!.elements[0]!), id, type: 'text', text: words }) as never;
  const screen = {
    id: 'aim',
    name: 'Aim',
    kind: 'custom',
    layer: 'notice',
    background: { colour: '#000000' },
    parameters: [{ id: 'what', name: 'what', type: 'text', default: 'As usual' }],
    elements: [text('a', 'Aim: {what}')],
  } as Project['screens'][number];
  const tells = (what: string): Project['links'][number] => ({
    id: `l-${what.length}`,
    from: 'title',
    trigger: { on: 'arrival' },
    kind: 'stay',
    effects: [{ do: 'notice', screen: 'aim', args: { what } }],
  });
  const shown = (...links: Project['links']): string =>
    wordsShown({ ...project, screens: [...project.screens, screen], links }, screen, screen.elements);
  expect(shown()).toBe('Aim: As usual');
  expect(shown(tells('"Hold"'), tells('"Keep the beam on her"'), tells('title'))).toBe(
    'Aim: Keep the beam on her',
  );
});
