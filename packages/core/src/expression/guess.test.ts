import fc from 'fast-check';
import { guessSaidType } from '../message';
import { guessType } from './guess';

test.each([
  ['lit', 'on/off'],
  ['!lit', 'on/off'],
  ['lit && oil > 3', 'on/off'],
  ['oil > 3 and lit', 'on/off'],
  ['lit ? 1 : 2', 'on/off'],
  ['lit == true', 'on/off'],
  ['lit < 20', 'number'],
  ['20 < lit', 'number'],
  ['lit + 1', 'number'],
  ['lit == 3', 'number'],
  ['3 != lit', 'number'],
  ['max(2, lit)', 'number'],
  ['lit == "calm"', 'text'],
  ["'calm' == lit", 'text'],
])('in %s, lit is %s', (text, type) => expect(guessType(text, 'lit', { type: 'on/off' })).toBe(type));

test('a name alone has the type that is wanted', () => {
  expect(guessType('score', 'score', { type: 'number' })).toBe('number');
  expect(guessType('score', 'score', { type: 'text' })).toBe('text');
  expect(guessType('score', 'score')).toBe('on/off');
});

test('any text gets some type, and nothing is thrown', () => {
  fc.assert(
    fc.property(fc.string(), fc.string(), (text, name) => {
      expect(['on/off', 'number', 'text']).toContain(guessType(text, name));
    }),
  );
});

test.each([
  ['{score} points', 'score', 'number'],
  ['{nights, plural, one {# night} other {# nights}}', 'nights', 'number'],
  ['{sea, select, calm {Calm} other {Rough}}', 'sea', 'text'],
  ['Well done, {player_name}', 'player_name', 'text'],
])('in the text %s, %s is a %s', (text, name, type) => expect(guessSaidType(text, name)).toBe(type));
