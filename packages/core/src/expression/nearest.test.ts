import fc from 'fast-check';
import { type FieldType } from '../model';
import { check, complete, nearest } from '.';
import { scope } from '../test/named';

/** What is offered for a name that is nobody's. */

test.each<[string, string[], string | null]>([
  ['lamp', ['hour', 'lamp_oil'], 'lamp_oil'],
  ['lamp_oil_left', ['hour', 'lamp_oil'], 'lamp_oil'],
  ['oil', ['lamp_oil'], null],
  ['PAUSE', ['Pause'], 'Pause'],
  ['abdc', ['abcd'], 'abcd'],
  ['bacd', ['abcd'], 'abcd'],
  ['ab', ['ba'], 'ba'],
  ['ab', ['xa'], null],
  ['ab', ['bx'], null],
  ['xbacd', ['abcd'], null],
  ['x', ['y'], 'y'],
  ['ab', ['xy'], null],
  ['abcdef', ['abxxef'], 'abxxef'],
  ['abcdef', ['axxxef'], null],
  ['abcdefghijkl', ['abcdefghxxxx'], 'abcdefghxxxx'],
  ['reset bindingsx', ['reset', 'reset bindings'], 'reset bindings'],
  ['kept', ['kelp', 'kept!'], 'kept!'],
  ['cat', ['cut', 'cot'], 'cut'],
  ['abcdefghijklmno', ['xbcdefghijk'], 'xbcdefghijk'],
  ['abcdefghijklmnopqr', ['fghijklmnopqr'], null],
  ['abcdefghijklmno', ['bcdefghijklmnopqrst'], null],
])('nearest to %s among %j is %s', (typed, names, found) => expect(nearest(typed, names)).toBe(found));

describe('where a condition is wanted', () => {
  const CONDITION: FieldType = { type: 'on/off' };
  const said = (text: string) =>
    complete(text, text.length, scope, CONDITION).map(({ write, label, from }) => [label, write, from]);

  test('what people say stands before what is reckoned', () => {
    const all = said('').map(([label]) => label);
    for (const words of ['is up …', 'not while …', 'a save exists'])
      expect(all.indexOf(words)).toBeLessThan(all.indexOf('min(a, b)'));
    expect(all.indexOf('is up …')).toBeGreaterThanOrEqual(0);
  });

  test.each([
    ['pau', ['Pause is up', 'isUp(Pause)', 0]],
    ['is up tide', ['Tide table is up', 'isUp(Tide_table)', 0]],
    ['not while pause', ['not while Pause', '!isUp(Pause)', 0]],
    ['door && a save', ['a save exists', 'saveExists("1")', 8]],
    ['no save', ['no save exists', '!saveExists("1")', 0]],
  ])('“%s” finds it, and what was typed gives way', (text, offer) => {
    expect(said(text)).toContainEqual(offer);
    const [, write, from] = offer as [string, string, number];
    expect(check(text.slice(0, from) + write, scope, CONDITION).complaints).toEqual([]);
  });

  test('they are all there is of them, each with what it is and what it takes the place of', () => {
    const inWords = (text: string, caret = text.length) =>
      complete(text, caret, scope, CONDITION).filter(
        ({ hint, label }) => hint === 'a condition' || / is up$|^not while /.test(label),
      );
    const at = (from: number, to: number, hint: string) => (label: string, write: string) => ({
      write,
      from,
      to,
      label,
      hint,
    });
    const begun = at(0, 0, 'a condition');
    expect(inWords('')).toEqual([
      begun('is up …', 'isUp('),
      begun('not while …', '!isUp('),
      begun('a save exists', 'saveExists("1")'),
      begun('no save exists', '!saveExists("1")'),
    ]);
    const typed = at(0, 5, 'screen');
    // The caret may stand within what was typed.
    for (const caret of [3, 5])
      expect(inWords('pause', caret)).toEqual([
        typed('Pause is up', 'isUp(Pause)'),
        typed('not while Pause', '!isUp(Pause)'),
      ]);
    expect(inWords('lit && ')).toHaveLength(4);
    expect(inWords('lit ')).toEqual([]);
    expect(inWords('(')).toHaveLength(4);
    expect(inWords('zzz')).toEqual([]);
  });

  test('not beside a number, and not where no condition is wanted', () => {
    expect(said('lamp_oil > ').map(([label]) => label)).not.toContain('a save exists');
    expect(complete('pau', 3, scope).map(({ label }) => label)).not.toContain('Pause is up');
  });
});

/** How many letters differ, by the definition: the last letters are one put in, taken out, changed or swapped. */
function changes(a: string, b: string): number {
  if (a === '' || b === '') return a.length + b.length;
  const [c, d] = [a.slice(0, -1), b.slice(0, -1)];
  const swapped = a.length > 1 && b.length > 1 && a.at(-1) === b.at(-2) && a.at(-2) === b.at(-1);
  return Math.min(
    changes(c, b) + 1,
    changes(a, d) + 1,
    changes(c, d) + (a.at(-1) === b.at(-1) ? 0 : 1),
    swapped ? changes(c.slice(0, -1), d.slice(0, -1)) + 1 : Infinity,
  );
}

test('a name is near where as few letters differ as the definition counts', () => {
  const word = fc.string({ unit: fc.constantFrom('a', 'b', 'c'), minLength: 1, maxLength: 6 });
  fc.assert(
    fc.property(word, word, (typed, name) => {
      const begins = name.startsWith(typed) || typed.startsWith(name);
      const cost = Math.min(begins ? 1 : Infinity, changes(typed, name));
      expect(nearest(typed, [name])).toBe(cost <= Math.max(1, Math.floor(typed.length / 3)) ? name : null);
    }),
    { numRuns: 500 },
  );
});
