import fc from 'fast-check';
import { marked, type Marked } from '../test/marked';
import {
  asWords,
  countLetters,
  INSET,
  lettersOf,
  partOf,
  piecesOf,
  pressMark,
  tokensOf,
  withMarks,
  withoutMarks,
  withoutPace,
  writtenMark,
  type Lasting,
} from '.';

/** The letters of a text with the marks that each is within, as it is read. */
const lettersIn = (text: string): Marked['letters'] =>
  piecesOf(text).flatMap(({ words, within, inset }) =>
    (inset ? [INSET] : lettersOf(words)).map((letter) => ({ letter, within: within.map(writtenMark) })),
  );
/** The same where it makes no difference in which order marks were opened. */
const looks = (letters: Marked['letters']) =>
  letters.map(({ letter, within }) => ({ letter, within: [...new Set(within)].sort() }));

test('every letter is read within the marks it stands in', () => {
  fc.assert(
    fc.property(marked, ({ text, letters }) => {
      expect(lettersIn(text)).toEqual(letters);
      expect(countLetters(text)).toBe(letters.length);
    }),
  );
});

test('nothing of a text is lost, whatever stands in brackets', () => {
  const piece = fc.constantFrom(
    '[',
    ']',
    '[[',
    '[/]',
    '[bold]',
    '[odd]',
    '[size 9999%]',
    '[wait x]',
    'ab',
    '{n}',
    '[key ',
  );
  fc.assert(
    fc.property(fc.array(piece, { maxLength: 12 }), (pieces) => {
      const text = pieces.join('');
      expect(
        tokensOf(text)
          .map((token) => token.text)
          .join(''),
      ).toBe(text);
      expect(withMarks(text, () => null)).toBe(text);
    }),
  );
  expect(withoutMarks('[odd] [size 9999%] [/] [[bold]')).toBe('[odd] [size 9999%] [/] [bold]');
});

test('words that come from elsewhere are never taken for marks', () => {
  fc.assert(
    fc.property(
      fc.array(fc.constantFrom('[', ']', '[bold]', '[/]', '[[', 'a'), { maxLength: 8 }),
      (pieces) => {
        const words = pieces.join('');
        expect(piecesOf(`x${asWords(words)}`)).toEqual([{ words: `x${words}`, within: [], inset: null }]);
      },
    ),
  );
});

test('a part of a text looks as it does in the whole', () => {
  fc.assert(
    fc.property(marked, fc.nat(20), fc.nat(20), ({ text, letters }, a, b) => {
      const [from, to] = [Math.min(a, b), Math.max(a, b)];
      expect(lettersIn(partOf(text, from, to))).toEqual(letters.slice(from, to));
    }),
  );
});

test('without pace it looks as it did; without marks pictures are told by name and keys by what they are called', () => {
  fc.assert(
    fc.property(marked, ({ text, letters }) => {
      expect(lettersIn(withoutPace(text))).toEqual(letters);
      expect(withoutPace(text)).not.toMatch(/\[(slow|usual|wait)/);
    }),
  );
  expect(withoutMarks('[slow]Press [key KeyE], [bold]take[/] the [picture Old lamp]')).toBe(
    'Press E, take the Old lamp',
  );
});

describe('a press of a mark', () => {
  const BOLD: Lasting = { mark: 'bold' };

  test('puts what is chosen within it and leaves all else; a second takes it off again', () => {
    fc.assert(
      fc.property(marked, fc.nat(60), fc.nat(60), ({ text, letters }, a, b) => {
        const [from, to] = [Math.min(a, b, text.length), Math.min(Math.max(a, b), text.length)];
        const once = pressMark(text, from, to, BOLD);
        const now = lettersIn(once.text);
        expect(now.map(({ letter }) => letter)).toEqual(letters.map(({ letter }) => letter));
        const chosen = now.flatMap((letter, i) =>
          looks([letter])[0]!.within.join() === looks([letters[i]!])[0]!.within.join() ? [] : [i],
        );
        if (chosen.length === 0) return;
        // What has changed is one stretch, all of it bold now, or none.
        const had = letters
          .slice(chosen[0], chosen.at(-1)! + 1)
          .every(({ within }) => within.includes('[bold]'));
        for (const { within } of now.slice(chosen[0], chosen.at(-1)! + 1))
          expect(within.includes('[bold]')).toBe(!had);
        const twice = pressMark(once.text, once.from, once.to, BOLD);
        for (const { within } of lettersIn(twice.text).slice(chosen[0], chosen.at(-1)! + 1))
          expect(within.includes('[bold]')).toBe(had);
      }),
    );
  });

  test('one of a kind takes the place of another; none is left where all are taken off', () => {
    const red = pressMark('The [colour Brass]old lamp[/]', 22, 26, { mark: 'colour', name: '#ff0000' });
    expect(red.text).toBe('The [colour Brass]old [/][colour #ff0000]lamp[/]');
    expect(red.text.slice(red.from, red.to)).toContain('lamp');
    expect(pressMark('[bold]a [wave]b[/] c[/]', 0, 24, null).text).toBe('a b c');
  });

  test('goes round names in braces, and stays within a branch', () => {
    const press = (text: string, words: string) => {
      const from = text.indexOf(words);
      return pressMark(text, from, from + words.length, BOLD).text;
    };
    expect(press('Only {oil} left', 'il} l')).toBe('Only [bold]{oil} l[/]eft');
    const plural = '{n, plural, one {# night} other {# nights}} left';
    expect(press(plural, 'nights')).toBe('{n, plural, one {# night} other {# [bold]nights[/]}} left');
    expect(press(plural, 'plural')).toBe('[bold]{n, plural, one {# night} other {# nights}}[/] left');
    expect(press(plural, 'nights}} le')).toBe('[bold]{n, plural, one {# night} other {# nights}} le[/]ft');
  });
});
