import { after, down, event, lighthouse, link, press, show } from '../test/flows';
import { codeName, keyName, readingTime, sentenceOf, sentenceText } from '.';

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
