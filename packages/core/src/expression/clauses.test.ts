import fc from 'fast-check';
import type { FieldType, Scalar } from '../model';
import {
  check,
  clausesOf,
  clausesText,
  comparisonsOf,
  compileExpression,
  conditionWords,
  evaluate,
  type Clause,
  type Clauses,
  type Scope,
} from '.';

/** What choices can say of a condition, and that saying it so changes nothing. */

const TYPES: Record<string, FieldType> = {
  lamp_oil: { type: 'number' },
  met: { type: 'on/off' },
  difficulty: {
    type: 'choice',
    options: [
      { id: 'easy', label: 'Easy' },
      { id: 'hard', label: 'Hard' },
    ],
  },
  keeper: { type: 'text' },
};
const SCREENS = [
  { id: 's1', name: 'Pause' },
  { id: 's2', name: 'Tide table' },
  { id: 's3', name: 'pause menu!' },
  { id: 's4', name: '2nd night' },
];
const scope: Scope = {
  names: new Map(
    Object.entries(TYPES).map(([name, type]) => [
      name,
      { what: 'value' as const, id: name, name: name.replace('_', ' '), type },
    ]),
  ),
  screens: new Map(SCREENS.flatMap(({ id, name }) => [[name.toLowerCase(), { id, name }]])),
};

const literal: Record<string, fc.Arbitrary<Scalar>> = {
  lamp_oil: fc.oneof(
    fc.integer(),
    fc.double({ min: -1e6, max: 1e6, noNaN: true }).map((n) => Number(n.toFixed(6)) || 0),
    fc.constant(1e21),
  ),
  met: fc.boolean(),
  difficulty: fc.constantFrom('easy', 'hard'),
  keeper: fc.string({ unit: 'grapheme' }),
};
const part: fc.Arbitrary<Clause> = fc.oneof(
  fc.constantFrom(...Object.keys(TYPES)).chain((name) =>
    fc.record({
      asks: fc.constant('value' as const),
      name: fc.constant(name),
      is: fc.constantFrom(...comparisonsOf(TYPES[name]!)),
      to: literal[name]!,
    }),
  ),
  fc.record({
    asks: fc.constantFrom('up' as const, 'from' as const),
    screen: fc.constantFrom(...SCREENS.map(({ id }) => id)),
    not: fc.boolean(),
  }),
  fc.record({ asks: fc.constant('save' as const), slot: fc.string(), not: fc.boolean() }),
  fc.record({ asks: fc.constant('covered' as const), not: fc.boolean() }),
);

test('what is chosen is read back as it was chosen, and is a condition without fault', () => {
  fc.assert(
    fc.property(
      fc.array(part, { minLength: 1, maxLength: 5 }),
      fc.constantFrom('and', 'or'),
      (parts, join) => {
        const clauses: Clauses = { join: parts.length > 1 ? join : 'and', parts };
        const text = clausesText(clauses, scope);
        expect(check(text, scope, { type: 'on/off' }).complaints).toEqual([]);
        expect(clausesOf(text, scope)).toEqual(clauses);
      },
    ),
  );
});

/** Conditions as people might type them, choices or not. */
const typed = fc.letrec<{ one: string }>((tie) => ({
  one: fc.oneof(
    { depthSize: 'small', withCrossShrink: true },
    fc.constantFrom(
      'met',
      '!met',
      '!!met',
      'met == true',
      'met != true',
      'false === met',
      'met == !met',
      'true',
      'lamp_oil < 20',
      '20 <= lamp_oil',
      '20 > lamp_oil',
      '3 < lamp_oil',
      '0 >= lamp_oil',
      '-3 == lamp_oil',
      'lamp_oil + 1 > 4',
      'lamp_oil > lamp_oil * 2',
      'difficulty == "hard"',
      '"easy" !== difficulty',
      'keeper != "Ines"',
      'keeper == keeper',
      'isUp(pause)',
      'isUp("Tide table")',
      'cameFrom("2nd night")',
      'isCovered()',
      'saveExists("1")',
      'saveExists(2)',
      'saveExists(keeper)',
      'max(lamp_oil, 3) == 3',
    ),
    tie('one').map((of) => `!(${of})`),
    tie('one').map((of) => `(${of})`),
    fc.tuple(tie('one'), fc.constantFrom('&&', '||'), tie('one')).map((all) => all.join(' ')),
    fc.tuple(tie('one'), tie('one'), tie('one')).map(([a, b, c]) => `${a} ? ${b} : ${c}`),
  ),
}));

test('a condition taken apart and put together holds when it held before', () => {
  const world = fc.record({
    lamp_oil: fc.constantFrom(-3, 0, 3, 19, 20, 21),
    met: fc.boolean(),
    difficulty: fc.constantFrom('easy', 'hard'),
    keeper: fc.constantFrom('Ines', '1', ''),
    up: fc.subarray(SCREENS.map(({ id }) => id)),
    from: fc.constantFrom(...SCREENS.map(({ id }) => id)),
    covered: fc.boolean(),
    saves: fc.subarray(['1', '2', 'Ines']),
  });
  fc.assert(
    fc.property(typed.one, fc.array(world, { minLength: 5, maxLength: 5 }), (text, worlds) => {
      const clauses = clausesOf(text, scope)!;
      const again = clausesText(clauses, scope);
      for (const now of worlds) {
        const holds = (said: string) =>
          evaluate(compileExpression(said, scope), {
            value: (id) => now[id as 'met'],
            parameter: () => undefined,
            field: () => undefined,
            each: () => undefined,
            row: () => undefined,
            list: () => undefined,
            isUp: (id) => now.up.includes(id),
            isCovered: () => now.covered,
            cameFrom: (id) => now.from === id,
            saveExists: (slot) => now.saves.includes(slot),
          });
        expect([again, holds(again)]).toEqual([again, holds(text)]);
      }
    }),
    { numRuns: 1000 },
  );
});

test.each([
  ['isUp(pause) && lamp_oil < 20', 'Pause is up and lamp oil is less than 20'],
  ['!isUp("Tide table") || cameFrom(pause)', 'Tide table is not up or it came from Pause'],
  ['!saveExists("1")', 'no save exists'],
  ['saveExists("2")', 'a save exists in slot 2'],
  ['difficulty != "hard" && !met', 'difficulty is not Hard and met is Off'],
  ['keeper == "Ines"', 'keeper is “Ines”'],
  ['!(lamp_oil < 20)', 'lamp oil is at least 20'],
  ['met && (lamp_oil < 3 || lamp_oil > 9)', 'met is On and (lamp_oil < 3 || lamp_oil > 9)'],
  ['isCovered()', 'it is covered'],
  ['oil <', 'oil <'],
  ['nobody == 3', 'nobody == 3'],
])('%s is said: %s', (text, words) => expect(conditionWords(text, scope)).toBe(words));

test.each([
  ['nobody', 'a name that is nobody’s'],
  ['difficulty == "odd"', 'an option that is none'],
  ['lamp_oil == "20"', 'another type'],
  ['isUp(nowhere)', 'a screen that is not there'],
  ['keeper < "a"', 'texts in order'],
])('%s (%s) stays a formula', (text) =>
  expect(clausesOf(text, scope)).toEqual({ join: 'and', parts: [{ asks: 'formula', text }] }),
);
