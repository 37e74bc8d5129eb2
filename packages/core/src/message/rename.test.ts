import fc from 'fast-check';
import type { Known, Scope } from '../expression';
import { identifierOf } from '../model';
import { renameInText, sayParts, textParts } from '.';

const known = (name: string): [string, Known] => [
  identifierOf(name),
  {
    what: 'value',
    id: name === 'lamp oil' || name === 'fuel left' ? 'it' : name,
    name,
    type: { type: 'number' },
  },
];
const before: Scope = { names: new Map([known('lamp oil'), known('nights')]), screens: new Map() };
const after: Scope = { names: new Map([known('fuel left'), known('nights')]), screens: new Map() };

/** Messages with names in every way there is to name one, one within another. */
const text = fc.letrec<{ all: string; one: string }>((tie) => ({
  all: fc.array(tie('one'), { maxLength: 4 }).map((parts) => parts.join('')),
  one: fc.oneof(
    { depthSize: 'small' },
    fc.constantFrom('lamp_oil', "'{lamp_oil}'", ' and ', '#', '{nobody}', '{', '🕯ä{ lamp_oil }'),
    fc.constantFrom(
      '{lamp_oil}',
      '{ lamp_oil }',
      '{lamp_oil, number}',
      '{nights}',
      '{lamp_oil, number, ::.00}',
    ),
    fc
      .tuple(
        fc.constantFrom('lamp_oil', 'nights'),
        fc.constantFrom('plural', 'select', 'selectordinal'),
        tie('all'),
      )
      .map(
        ([name, how, inner]) =>
          `{${name}, ${how}, ${how === 'select' ? 'lamp_oil' : 'one'} {${inner}} other {${inner} #}}`,
      ),
  ),
})).all;

test('a text in which a name is called otherwise says the same', () => {
  fc.assert(
    fc.property(text, fc.integer({ min: 0, max: 3 }), (written, held) => {
      const say = (words: string, scope: Scope) =>
        sayParts(textParts(words, scope), { named: ({ id }) => (id === 'it' ? held : 7) });
      const renamed = renameInText(written, 'lamp oil', 'fuel left');
      // What cannot be said is shown as it is written, and there the new name stands.
      const said = say(written, before);
      expect(say(renamed, after)).toBe(said === written ? renamed : said);
    }),
    { numRuns: 500 },
  );
});

test('words and quoted braces stay, and so do names that only begin alike', () => {
  expect(renameInText("oil '{oil}' {oil, number} {oils} {oil}", 'oil', 'fuel')).toBe(
    "oil '{oil}' {fuel, number} {oils} {fuel}",
  );
  expect(renameInText('{storm, select, storm {No} other {{storm}}}', 'storm', 'weather')).toBe(
    '{weather, select, storm {No} other {{weather}}}',
  );
  expect(renameInText('{oil, plural, one {x}} and {oil}', 'oil', 'fuel')).toBe(
    '{fuel, plural, one {x}} and {fuel}',
  );
});
