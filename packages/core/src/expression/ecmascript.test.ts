import fc from 'fast-check';
import type { Scalar } from '../model';
import { check, evaluate, Failure, compileExpression, type Scope } from '.';

/**
 * The language is a part of ECMAScript's, so that what an expression gives is what the JavaScript engine makes of it.
 */

const NUMBERS = { oil: 12, depth: -3.5, none: 0 };
const SWITCHES = { lit: true, calm: false };
const TEXTS = { note: 'hi', other: 'Ines' };
const held: Record<string, Scalar> = { ...NUMBERS, ...SWITCHES, ...TEXTS };
const scope: Scope = {
  names: new Map(
    Object.entries(held).map(([name, value]) => [
      name,
      {
        what: 'value' as const,
        id: name,
        name,
        type: {
          type: ({ number: 'number', boolean: 'on/off', string: 'text' } as const)[typeof value as 'number'],
        },
      },
    ]),
  ),
  screens: new Map(),
};
const give = (text: string): Scalar =>
  evaluate(compileExpression(text, scope), {
    value: (id) => held[id],
    parameter: () => undefined,
    field: () => undefined,
    each: () => undefined,
    row: () => undefined,
    list: () => undefined,
    isUp: () => false,
    isCovered: () => false,
    cameFrom: () => false,
    saveExists: () => false,
  });

const FUNCTIONS = {
  min: Math.min,
  max: Math.max,
  clamp: (n: number, min: number, max: number) => Math.min(max, Math.max(min, n)),
  round: Math.round,
  floor: Math.floor,
  abs: Math.abs,
};
const engine = (text: string): unknown =>
  // eslint-disable-next-line no-new-func -- The engine itself is the oracle; the texts are made here.
  new Function(...Object.keys(held), ...Object.keys(FUNCTIONS), `return (${text});`)(
    ...Object.values(held),
    ...Object.values(FUNCTIONS),
  );

type Typed = Record<'number' | 'switch' | 'text', string>;
const brackets = (inner: fc.Arbitrary<string>): fc.Arbitrary<string> =>
  fc.tuple(inner, fc.boolean()).map(([text, wrapped]) => (wrapped ? `(${text})` : text));
const binary = (a: fc.Arbitrary<string>, ops: string[], b = a): fc.Arbitrary<string> =>
  fc
    .tuple(a, fc.constantFrom(...ops), b, fc.constantFrom(' ', '  ', '\n'))
    // Nothing is wrapped, so that the order in which operators bind is held to the engine's.
    .map(([left, op, right, gap]) => `${left}${gap}${op}${gap}${right}`);
const either = (test: fc.Arbitrary<string>, way: fc.Arbitrary<string>): fc.Arbitrary<string> =>
  fc.tuple(test, way, way).map(([a, b, c]) => `(${a}) ? (${b}) : (${c})`);

const expressions = fc.letrec<Typed>((tie) => ({
  number: fc.oneof(
    { depthSize: 'small', withCrossShrink: true },
    fc.constantFrom(...Object.keys(NUMBERS), '0', '7', '2.25', '.5', '10.125', '99'),
    binary(brackets(tie('number')), ['+', '-', '*', '/', '%']),
    tie('number').map((of) => `-(${of})`),
    fc.constantFrom('oil', '3').map((of) => `- -+${of}`),
    fc.tuple(fc.constantFrom('round', 'floor', 'abs'), tie('number')).map(([name, of]) => `${name}(${of})`),
    fc
      .tuple(fc.constantFrom('min', 'max'), fc.array(tie('number'), { minLength: 1, maxLength: 3 }))
      .map(([name, all]) => `${name}(${all.join(', ')})`),
    fc.tuple(tie('number'), tie('number'), tie('number')).map((all) => `clamp(${all.join(',')})`),
    either(tie('switch'), tie('number')).map((text) => `(${text})`),
  ),
  switch: fc.oneof(
    { depthSize: 'small', withCrossShrink: true },
    fc.constantFrom(...Object.keys(SWITCHES), 'true', 'false'),
    binary(tie('number'), ['<', '<=', '>', '>=', '==', '!=', '===', '!==']).map((text) => `(${text})`),
    binary(brackets(tie('switch')), ['&&', '||']),
    binary(
      tie('switch').map((text) => `(${text})`),
      ['==', '!=', '===', '!=='],
    ).map((text) => `(${text})`),
    binary(
      tie('text').map((text) => `(${text})`),
      ['==', '!=', '===', '!=='],
    ).map((text) => `(${text})`),
    tie('switch').map((of) => `!(${of})`),
    fc.constantFrom('lit', 'calm').map((of) => `!!${of}`),
    either(tie('switch'), tie('switch')).map((text) => `(${text})`),
  ),
  text: fc.oneof(
    { depthSize: 'small', withCrossShrink: true },
    fc.constantFrom(
      ...Object.keys(TEXTS),
      '""',
      "'it\\'s'",
      '"a\\"b"',
      '"one\\ntwo"',
      '"a\\tb\\u00e9\\r"',
      '"\\\\"',
      "'“é”'",
    ),
    binary(tie('text'), ['+']).map((text) => `(${text})`),
    fc.tuple(tie('text'), tie('number')).map(([text, n]) => `(${text} + (${n}))`),
    fc.tuple(tie('number'), tie('text')).map(([n, text]) => `((${n}) + ${text})`),
    fc.tuple(tie('switch'), tie('text')).map(([on, text]) => `((${on}) + ${text})`),
    either(tie('switch'), tie('text')).map((text) => `(${text})`),
  ),
}));

/** Finite everywhere on the way, or the engine goes on with Infinity where Tavu says that it comes to no number. */
const FAILS = Symbol('fails');
function given(text: string): Scalar | typeof FAILS {
  try {
    return give(text);
  } catch (error) {
    expect(error).toBeInstanceOf(Failure);
    expect((error as Failure).message).toBe('no number');
    return FAILS;
  }
}

test.each(['number', 'switch', 'text'] as const)(
  'any %s is what the JavaScript engine makes of it',
  (kind) => {
    let failed = 0;
    let compared = 0;
    fc.assert(
      fc.property(fc.array(expressions[kind], { minLength: 30, maxLength: 30 }), (texts) => {
        for (const text of texts) {
          if (text.length > 1500) continue;
          const { complaints, kind: told } = check(text, scope);
          if (complaints.some(({ code }) => code === 'too deep')) continue;
          expect([text, complaints]).toEqual([text, []]);
          expect(told).toBe({ number: 'number', switch: 'on/off', text: 'text' }[kind]);
          const gave = given(text);
          if (gave === FAILS) failed++;
          else {
            compared++;
            // There is one nought.
            const made = engine(text);
            expect([text, gave]).toEqual([text, made === 0 ? 0 : made]);
          }
        }
      }),
      { numRuns: 60 },
    );
    // Only what divides by nought fails.
    expect(failed).toBeLessThan(compared / 2);
  },
);

test.each<[string, Scalar]>([
  ['1 - 2 - 3', -4],
  ['2 * 3 % 4', 2],
  ['8 / 4 / 2', 1],
  ['1 + 2 < 4 == true', true],
  ['1 < 2 == 3 > 2', true],
  ['lit || calm && calm', true],
  ['calm && calm || lit', true],
  ['lit ? calm ? 1 : 2 : 3', 2],
  ['calm ? 1 : calm ? 2 : 3', 3],
  ['-oil * 2', -24],
  ['!calm && lit', true],
  ['"a" + 1 + 2', 'a12'],
  ['1 + 2 + "a"', '3a'],
  ['0 * -1', 0],
])('%s binds as in ECMAScript', (text, gives) => {
  expect(give(text)).toBe(gives);
  expect(give(text)).toBe((engine(text) as number) || gives);
});

test('a text that joining makes stops growing at twenty thousand', () => {
  const joined = Array.from({ length: 8 }, () => 'note').join(' + ');
  held.note = 'x'.repeat(4000);
  expect(String(give(joined))).toHaveLength(20_000);
  held.note = 'hi';
});

test('what is decided by its first half leaves the other half alone', () => {
  expect(give('calm && 1 / none > 2')).toBe(false);
  expect(give('lit || 1 / none > 2')).toBe(true);
  expect(give('lit ? 1 : 1 / none')).toBe(1);
  expect(() => give('lit && 1 / none > 2')).toThrow('no number');
});
