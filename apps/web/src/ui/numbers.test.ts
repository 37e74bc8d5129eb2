import { readLength, readNumber, stepLength } from './numbers';

test.each([
  ['512+36', 548],
  ['10 + 2 * 3', 16],
  ['100/4-5', 20],
  ['-20', -20],
  ['12,5', 12.5],
  ['50% - 20', 940],
  ['40%', '40%'],
  ['-5 %', '-5%'],
  ['24px', 24],
])('%s is %s', (typed, kept) => expect(readLength(typed, 1920)).toEqual({ ok: kept }));

test.each(['', 'wide', '5+', '+', '1 2', '5/0', '9999999', '2**3', 'alert(1)', '9'.repeat(400)])(
  '“%s” is refused with words',
  (typed) => {
    expect(readLength(typed, 1920)).toEqual({ error: expect.stringMatching(/\w{3}/) });
  },
);

test('numbers keep within their limits, and arrows keep the unit', () => {
  expect(readNumber('120', 0, 100)).toHaveProperty('error');
  expect(readNumber('20*4', 0, 100)).toEqual({ ok: 80 });
  expect([stepLength('40%', 1), stepLength('12', -10), stepLength('a', 1)]).toEqual(['41%', '2', 'a']);
});
