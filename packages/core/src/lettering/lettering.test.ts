import fc from 'fast-check';
import { blankProject, type Asset, type TextLook } from '../model';
import { BEATS, beating, typedItems, saidText, type Item, type TextItem } from '../drawing';
import { asWords, INSET, lettersOf, withoutMarks } from '../marks';
import { paintRun } from '../paint';
import { textLook } from '../style';
import { marked } from '../test/marked';
import { buttonOf, Play, projectOf, screenOf } from '../test/flows';
import { evenFigures, fits, builtInFont, textWidth } from '../text';
import { laySaid } from '.';

const picture = (id: string, more: Partial<Asset> = {}): Asset => ({
  id,
  name: id,
  media: 'image/png',
  width: 64,
  height: 32,
  bytes: 1,
  ...more,
});
const project = {
  ...projectOf([screenOf('s')], []),
  assets: [
    picture('Lamp'),
    picture('digits', {
      width: 100,
      height: 20,
      sheet: { by: 'grid', columns: 10, rows: 1 },
      characters: '0123456789',
    }),
  ],
};
project.styles = { ...blankProject('x').styles, colours: [{ id: 'c', name: 'Brass', colour: '#c09030' }] };
const look: TextLook = { font: 'plain', size: 40, weight: 400, colour: '#ffffff', align: 'start', line: 1.2 };
const WIDE = { width: 5000, height: 400 };
const plain = builtInFont('plain', 400);
const bold = builtInFont('plain', 700);

const drawn = (said: string, rect = { x: 0, y: 0, ...WIDE }, more: Partial<TextLook> = {}): Item[] =>
  saidText(project, 'e', rect, said, { ...look, ...more });
const textsOf = (items: readonly Item[]): TextItem[] =>
  items.flatMap((item) => (item.kind === 'text' ? [item] : item.kind === 'group' ? textsOf(item.items) : []));
const runsIn = (items: readonly Item[]) =>
  textsOf(items).flatMap(({ lines }) => lines.flatMap(({ runs = [] }) => runs));

test('without marks a text is laid as the plain one it is', () => {
  fc.assert(
    fc.property(fc.string({ maxLength: 60 }), fc.integer({ min: 60, max: 600 }), (words, width) => {
      const { lines } = laySaid(project, asWords(words), look, { width, height: 500 });
      expect(lines.every(({ runs }) => runs === undefined)).toBe(true);
      // Marks that change nothing break it at the same places, since kerning never crosses them here.
      const { lines: again } = laySaid(project, `[size 100%]${asWords(words)}[/]`, look, {
        width,
        height: 500,
      });
      expect(again.map(({ text }) => text)).toEqual(lines.map(({ text }) => text));
      again.forEach((line, i) => expect(line.width).toBeCloseTo(lines[i]!.width, 6));
    }),
  );
});

test('whatever is marked, lines are no wider than their box, lose no letter, and stand without a gap between their runs', () => {
  fc.assert(
    fc.property(marked, fc.integer({ min: 120, max: 700 }), ({ text, letters }, width) => {
      const { lines } = laySaid(project, text, look, { width, height: 500 });
      for (const line of lines) {
        if (lettersOf(line.text).length > 1) expect(line.width).toBeLessThanOrEqual(width + 1e-6);
        let at = 0;
        for (const run of line.runs ?? []) {
          expect(run.x).toBeCloseTo(at, 6);
          at += run.width;
        }
        if (line.runs) expect(line.width).toBeCloseTo(at, 6);
      }
      const solid = (words: string): string => words.replaceAll(' ', '');
      expect(solid(lines.map((line) => line.text).join(''))).toBe(
        solid(letters.map(({ letter }) => letter).join('')),
      );
    }),
  );
});

test('each stretch is measured in its own face and size, a picture by its shape, a key by its cap', () => {
  const [line] = laySaid(project, 'a [bold]bc[/] [size 200%]d[/][picture Lamp][key KeyE]', look, WIDE).lines;
  const widths = line!.runs!.map(({ width }) => width);
  expect(widths[0]).toBeCloseTo(textWidth('a ', plain, 40), 6);
  expect(widths[1]).toBeCloseTo(textWidth('bc', bold, 40), 6);
  expect(widths[3]).toBeCloseTo(textWidth('d', plain, 80), 6);
  // Twice as wide as it is high; as high as the letters.
  expect(widths[4]).toBe(80);
  expect(widths[5]).toBeGreaterThanOrEqual(40);
  // The line is as high as its largest letters need.
  expect(line!.high).toBeCloseTo(96, 6);
});

test('a text with marks that is fitted to its box fits it', () => {
  fc.assert(
    fc.property(marked, ({ text }) => {
      const block = laySaid(
        project,
        text,
        { ...look, fit: { min: 4, max: 60 } },
        { width: 300, height: 120 },
      );
      if (block.size > 4) expect(fits(block)).toBe(true);
    }),
  );
});

test('colours and styles are those of the project by name; what nothing goes by changes nothing', () => {
  const runs = runsIn(
    drawn('[colour brass]a[/][colour #102030]b[/][style Title]c[/][style Nobody]d[/][colour Nobody]e[/]'),
  );
  expect(runs.map(({ colour }) => colour)).toEqual(['#c09030', '#102030', '#f3ead7', undefined, undefined]);
  expect(runs.map(({ face, size }) => `${face} ${size}`)).toEqual([
    'plain 40',
    'plain 40',
    'display 112',
    'plain 40',
    'plain 40',
  ]);
});

test('italics and bold that a face lacks are slanted and heavier, at the same width', () => {
  const [slanted, heavy] = runsIn(drawn('[italic]gull[/] [style Title][bold]gull[/][/]')).filter(
    ({ text }) => text === 'gull',
  );
  expect([slanted!.slanted, heavy!.heavier! > 0]).toEqual([true, true]);
  expect(slanted!.width).toBeCloseTo(textWidth('gull', plain, 40), 6);
});

test('typing shows the first letters of it where they will stand, one for a picture', () => {
  fc.assert(
    fc.property(marked, fc.nat(12), ({ text, letters }, count) => {
      // A space that a line begins with is not drawn.
      fc.pre(letters[0]?.letter !== ' ');
      const items = drawn(text);
      const typed = textsOf(typedItems(items, count)).flatMap(({ lines }) =>
        lines.flatMap((line) => (line.runs ? line.runs : [line]).map(({ text: words }) => words)),
      );
      const all = letters.map(({ letter }) => letter);
      expect(typed.join('')).toBe(all.slice(0, count).join(''));
      const whole = runsIn(items).map(({ x }) => x);
      const places = runsIn(typedItems(items, count)).map(({ x }) => x);
      expect(places).toEqual(whole.slice(0, places.length));
    }),
  );
  expect(withoutMarks('[picture Lamp]')).toBe('Lamp');
  expect(runsIn(typedItems(drawn('a[picture Lamp]b'), 2)).map(({ text }) => text)).toEqual(['a', INSET]);
});

test('even figures are as wide as one another, each in the middle of its room', () => {
  const wide = textWidth('0', evenFigures(plain), 40);
  const of = (words: string) => runsIn(drawn(words, undefined, { figures: 'even' }));
  for (const words of ['1111', '0890', '1717']) {
    const runs = of(words);
    runs.forEach(({ x, width }, i) => expect(x + width / 2).toBeCloseTo(wide * (i + 0.5), 6));
  }
  expect(of('ab')).toEqual([]);
});

test('an arc turns each letter about the middle of its circle, as far round as it says', () => {
  const [item] = textsOf(
    drawn('lighthouse', { x: 0, y: 0, width: 800, height: 200 }, { arc: 90, align: 'centre' }),
  );
  const { runs, width } = item!.lines[0]!;
  const radius = width / (Math.PI / 2);
  const turns = runs!.map(({ turn }) => turn!);
  const half = ({ width: own }: { width: number }): number => ((own / 2 / radius) * 180) / Math.PI;
  expect(turns[0]! - half(runs![0]!)).toBeCloseTo(-45, 4);
  expect(turns.at(-1)! + half(runs!.at(-1)!)).toBeCloseTo(45, 4);
  const middles = runs!.map(({ x, y, turn, width: own }) => {
    const angle = (turn! * Math.PI) / 180;
    return { x: x + (own / 2) * Math.cos(angle), y: y + (own / 2) * Math.sin(angle), angle };
  });
  const top = middles[0]!.y + radius * Math.cos(middles[0]!.angle);
  for (const { x, y } of middles) expect(Math.hypot(x - 400, y - top)).toBeCloseTo(radius, 1);
  // It stands as much above its line in the middle as beneath it at its ends.
  const straight = item!.lines[0]!.y;
  const ends = top - radius * Math.cos(Math.PI / 4);
  expect(straight - (top - radius)).toBeCloseTo(ends - straight, 4);
});

test('letters can be the frames of a picture', () => {
  const runs = runsIn(drawn('10 7', undefined, { font: 'digits' }));
  const cells = runs.map(({ items }) =>
    items!.map((item) => (item.kind === 'picture' && item.own ? item.cell : null)),
  );
  expect(cells).toEqual([
    [{ x: 10, y: 0, width: 10, height: 20 }],
    [{ x: 0, y: 0, width: 10, height: 20 }],
    [],
    [{ x: 70, y: 0, width: 10, height: 20 }],
  ]);
  // A frame of 10 × 20 is half as wide as the letters are high.
  expect(runs.map(({ x }) => x)).toEqual([0, 20, 40, 54]);
});

test('further outlines lie beneath, each as wide as all within it; shadows beneath those', () => {
  const edge = (width: number, colour: string) => ({ width, colour });
  const items = drawn('ab', undefined, {
    outline: edge(2, '#111111'),
    outlines: [edge(3, '#222222'), edge(4, '#333333')],
    shadow: { x: 1, y: 2, blur: 0, colour: '#444444' },
    shadows: [{ x: 5, y: 6, blur: 0, colour: '#555555' }],
  });
  expect(textsOf(items).map(({ colour, outline }) => [colour, outline?.width])).toEqual([
    ['#555555', 9],
    ['#444444', 9],
    ['#333333', 9],
    ['#222222', 5],
    ['#ffffff', 2],
  ]);
});

test('a look of letters has its colours by name wherever one stands', () => {
  const made = textLook(project, {
    style: 't-body',
    gradient: { angle: 0, stops: [{ at: 0, colour: 'c' }] },
    outlines: [{ width: 1, colour: 'c' }],
    shadows: [{ x: 0, y: 0, blur: 0, colour: 'c' }],
  });
  expect([made.gradient!.stops[0]!.colour, made.outlines![0]!.colour, made.shadows![0]!.colour]).toEqual(
    Array(3).fill('#c09030'),
  );
});

test('a place in another colour than its style is in that colour, though the style fills its letters', () => {
  const filled = {
    ...project,
    styles: { ...project.styles, text: project.styles.text.map((style) => ({ ...style, gradient: GOLD })) },
  };
  expect(textLook(filled, { style: 't-body' }).gradient).toEqual(GOLD);
  expect(textLook(filled, { style: 't-body', colour: '#102030' })).toMatchObject({ colour: '#102030' });
  expect(textLook(filled, { style: 't-body', colour: '#102030' }).gradient).toBeUndefined();
  expect(textLook(filled, { style: 't-body', colour: '#102030', gradient: GOLD }).gradient).toEqual(GOLD);
});
const GOLD = { angle: 0, stops: [{ at: 0, colour: '#d9a441' }] };

test('words that wave go round and are back where they were; what shakes stays near; all else stands still', () => {
  const items = drawn('still [wave]sea[/] [shake]storm[/]');
  const at = (beat: number) => runsIn(beating(items, beat));
  const rest = runsIn(items);
  expect(at(BEATS)[1]!.y).toBeCloseTo(at(0)[1]!.y, 6);
  const moved = rest.map((run, i) => {
    const beats = Array.from({ length: BEATS }, (_, beat) => at(beat)[i]!);
    for (const { x, y } of beats)
      expect(Math.hypot(x - run.x, y - run.y)).toBeLessThanOrEqual(run.size * 0.11);
    return new Set(beats.map(({ x, y }) => `${x} ${y}`)).size > BEATS / 2;
  });
  const marks = rest.map(({ moves }) => moves !== undefined);
  expect(moved).toEqual(marks);
  expect(marks.filter(Boolean)).toHaveLength('seastorm'.length);
  // A wave moves up and down alone, and its letters one after another.
  expect(new Set(Array.from({ length: BEATS }, (_, beat) => at(beat)[1]!.x)).size).toBe(1);
  expect(at(3)[1]!.y - rest[1]!.y).not.toBeCloseTo(at(3)[2]!.y - rest[2]!.y, 3);
});

test('on a screen that is up they move with time, and stand still where less motion is asked for', () => {
  const sea = screenOf('s', { elements: [{ ...buttonOf('a', 0, '[wave]sea[/]') }] });
  const heights = (asked: boolean): number => {
    const play = new Play({ ...projectOf([sea], []), ...(asked ? REDUCED : {}) });
    const seen = [0, 1, 2].map(() => runsIn(paintRun(play.flow, play.wait(100).state))[0]!.y);
    return new Set(seen).size;
  };
  expect([heights(false), heights(true)]).toEqual([3, 1]);
});
const REDUCED = { defaults: { ...blankProject('x').defaults, reduced: 'always' as const } };
