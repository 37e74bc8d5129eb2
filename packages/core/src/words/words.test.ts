import { after, down, event, lighthouse, link, Play, press, show } from '../test/flows';
import { codeName, keyName, outcomeWords, readingTime, sentenceOf, sentenceText } from '.';

const project = {
  ...lighthouse(),
  events: [
    { id: 'gone', name: 'oil gone', direction: 'in' as const },
    { id: 'say', name: 'begin', direction: 'out' as const },
  ],
};

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
    'When Menu (Esc or P) goes down, open pause over this, house motion.',
  ],
  [
    link('watch', event('gone'), 'stay', undefined, { effects: [show('found')] }),
    'When the game says oil gone, show found, and stay here.',
  ],
  [
    link('out', after('2.5 s'), 'go', 'title'),
    'After 2.5 s from the press that led here, go to title, house motion.',
  ],
  [
    link('pause', { on: 'action', action: 'back', when: 'held', hold: '1 s' }, 'back'),
    'When Back (Esc or Backspace) is held for 1 s, go back, house motion.',
  ],
  [link('title', { on: 'arrival' }, 'end'), 'On arrival, it is the end.'],
])('a link reads as a sentence', (each, words) => expect(sentenceText(project, each)).toBe(words));

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
  expect([readingTime(''), readingTime('x'.repeat(40)), readingTime('x'.repeat(4000))]).toEqual([
    1200, 2500, 6000,
  ]);
});

describe('what happened, in words', () => {
  const play = new Play({
    ...project,
    links: [...project.links, link('title', down('next'), 'go', undefined, { to: { gap: 'Slots' } })],
  });
  play.wait(2500).key('Enter').event('oil').key('Escape').key('Backspace').key('KeyZ').event('nobody');
  const words = play.outcomes.map((each) => outcomeWords(play.flow.project, each));

  test.each([
    'title is up',
    'Enter ↓',
    'When begin is pressed, go to watch, house motion.',
    'title goes',
    'watch is up',
    'found shows',
    'Esc ↓',
    'pause is up',
    'Backspace leads nowhere here',
    'Z leads nowhere here',
  ])('%s', (each) => expect(words).toContain(each));

  test('a screen that is not made yet is called by its name', () => {
    expect(outcomeWords(project, { at: 0, did: 'up', screen: 'gap:base:Slots', serial: 3 })).toBe(
      'Slots is up',
    );
  });

  test.each([
    [{ at: 0, did: 'masked', kept: false } as const, /ignored/],
    [{ at: 0, did: 'masked', kept: true } as const, /kept/],
    [{ at: 0, did: 'unsettled', screen: 'title' } as const, /stopped after 100/],
    [{ at: 0, did: 'send', event: 'say' } as const, /begin → game/],
    [{ at: 0, did: 'to game', code: 'pad 0' } as const, /Bottom button → game/],
    [{ at: 0, did: 'end' } as const, /The end/],
  ])('%j', (outcome, said) => expect(outcomeWords(project, outcome)).toMatch(said));
});
