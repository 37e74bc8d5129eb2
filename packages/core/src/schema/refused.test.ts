import { refusalWords } from '../refusal';
import type { Project } from '../model';
import { whole } from '../test/whole';
import { projectJsonSchema, readDocument, writeProject } from '.';

/** One wrong value in a whole file: which, where, and what is then said. */

type Path = (string | number)[];
const document = JSON.parse(writeProject(whole)) as Record<string, unknown>;

/** Every field with a value of its own, by its path, but for what is kept without being known. */
function leaves(value: unknown, path: Path = []): { path: Path; value: unknown }[] {
  if (typeof value !== 'object' || value === null) return [{ path, value }];
  return Object.entries(value).flatMap(([key, each]) =>
    leaves(each, [...path, Array.isArray(value) ? Number(key) : key]),
  );
}

const said = (path: Path): string =>
  path
    .map((part) => (typeof part === 'number' ? `[${part}]` : `.${part}`))
    .join('')
    .slice(1);

function withWrong(path: Path, put: unknown): unknown {
  const copy = structuredClone(document);
  let at = copy as Record<string | number, unknown>;
  for (const step of path.slice(0, -1)) at = at[step] as Record<string | number, unknown>;
  at[path.at(-1)!] = put;
  return copy;
}

/** Something that is no value of any field of that sort: of another type, or beyond all bounds. */
const wrongFor = (value: unknown, n: number): unknown =>
  typeof value === 'number'
    ? [['x'], 'many', true][n % 3]
    : typeof value === 'boolean'
      ? ['yes', 1, []][n % 3]
      : [['x'], true][n % 2];

/**
 * Fields that take what another sort of field takes too: a default, a sample and what is told can be of several
 * types.
 */
const LOOSE = /(^|\.)(default|sample|args\.[^.]+)$/;

const all = leaves(document).filter(({ path }) => !LOOSE.test(said(path)));
/** Six hundred of them, evenly from the whole file. */
const chosen = Array.from({ length: 600 }, (_, i) => all[Math.floor((i * all.length) / 600)]!);

test('six hundred files with one wrong value each are refused by the field', () => {
  expect(new Set(chosen.map(({ path }) => said(path))).size).toBe(600);
  chosen.forEach(({ path, value }, i) => {
    const put = wrongFor(value, i);
    const read = readDocument(withWrong(path, put));
    if (!('problems' in read)) throw new Error(`${said(path)} = ${JSON.stringify(put)} was read.`);
    expect(read.problems.map(({ place }) => place)).toEqual([said(path)]);
    expect(refusalWords(read.problems[0]!)).toMatch(/^It (should be|can be|cannot)/);
  });
});

/** The words of every field that has only some, by where the published schema says so. */
const isWord = (value: unknown): value is string => typeof value === 'string' && WORDS.has(value);
const WORDS = new Set<string>();
(function gather(schema: unknown): void {
  if (typeof schema !== 'object' || schema === null) return;
  if ('enum' in schema)
    for (const item of schema.enum as unknown[]) if (typeof item === 'string') WORDS.add(item);
  for (const [key, each] of Object.entries(schema)) if (key !== 'not') gather(each);
})(projectJsonSchema());

test('a wrong word is told with the field, what is allowed, and what was meant', () => {
  const words = all.filter(
    ({ path, value }) =>
      isWord(value) &&
      !/(name|text|label|note|title|from|id|music|easing|section)$/.test(String(path.at(-1))),
  );
  const some = words.filter((_, i) => i % 9 === 0);
  expect(some.length).toBeGreaterThan(60);
  let told = 0;
  for (const { path, value } of some) {
    const read = readDocument(withWrong(path, `${String(value)}x`));
    if (!('problems' in read)) continue;
    told += 1;
    const [first] = read.problems;
    expect(first!.place).toBe(said(path));
    expect(refusalWords(first!)).toContain(`it is “${String(value)}x”`);
    expect(refusalWords(first!)).toMatch(new RegExp(`${String(value)}\\b`));
    if (String(value).length > 3)
      expect(refusalWords(first!)).toMatch(new RegExp(`Did you mean ${String(value)}\\?$`));
  }
  expect(told).toBeGreaterThan(60);
});

test('what goes by another word elsewhere is known', () => {
  const axis = leaves(document).find(
    ({ path }) => path.at(-1) === 'at' && path.at(-2) === 'x' && path[0] === 'screens',
  )!;
  expect(readDocument(withWrong(axis.path, 'middle'))).toEqual({
    problems: [
      {
        place: said(axis.path),
        code: 'none of these',
        params: { known: ['start', 'centre', 'end', 'stretch'], is: '“middle”', meant: 'centre' },
      },
    ],
  });
});

const first = (over: object, from: Project = whole): string => {
  const read = readDocument(JSON.parse(JSON.stringify({ ...from, ...over })));
  return 'problems' in read ? `${read.problems[0]!.place}: ${refusalWords(read.problems[0]!)}` : 'read';
};
const twice = <T>(list: readonly T[] | undefined): T[] => [...list!, list![0]!];

test.each<[string, () => string, RegExp]>([
  ['screens', () => first({ screens: twice(whole.screens) }), /^screens\[\d+\]\.id: .* is used twice/],
  [
    'text styles',
    () => first({ styles: { ...whole.styles, text: twice(whole.styles.text) } }),
    /^styles\.text\[\d+\]\.id/,
  ],
  [
    'box styles',
    () => first({ styles: { ...whole.styles, box: twice(whole.styles.box) } }),
    /^styles\.box\[\d+\]\.id/,
  ],
  ['motions', () => first({ motions: twice(whole.motions) }), /^motions\[\d+\]\.id/],
  ['speakers', () => first({ speakers: twice(whole.speakers) }), /^speakers\[\d+\]\.id/],
  ['conversations', () => first({ conversations: twice(whole.conversations) }), /^conversations\[\d+\]\.id/],
  ['routines', () => first({ routines: twice(whole.routines) }), /^routines\[\d+\]\.id/],
  ['languages', () => first({ languages: twice(whole.languages) }), /^languages\[\d+\]\.code: .*twice/],
  [
    'steps',
    () =>
      first({
        conversations: [{ ...whole.conversations![0]!, steps: twice(whole.conversations![0]!.steps) }],
      }),
    /^conversations\[0\]\.steps\[\d+\]\.id/,
  ],
  [
    'parameters',
    () => {
      const told = { id: 'q', name: 'q', type: 'text' };
      return first({ screens: [{ ...whole.screens[0]!, parameters: [told, told] }] });
    },
    /^screens\[0\]\.parameters\[1\]\.id/,
  ],
  [
    'options',
    () => {
      const option = { id: 'o', label: 'O' };
      const value = { id: 'v', name: 'v', section: 'S', life: 'session', type: 'choice', default: 'o' };
      return first({ values: [{ ...value, options: [option, option] }] });
    },
    /^values\[0\]\.options\[1\]\.id/,
  ],
  [
    'a screen and an area',
    () => first({ areas: [{ id: whole.screens[0]!.id, name: 'A', parent: null }] }),
    /is used twice/,
  ],
  [
    'the whole project',
    () => first({ areas: [{ id: 'project', name: 'A', parent: null }] }),
    /is used twice/,
  ],
])('an id used twice is refused: of %s', (_, read, words) => expect(read()).toMatch(words));

test.each(['constructor', '__proto__', 'toString', 'hasOwnProperty', 'valueOf'])(
  'no thing goes by the id %s',
  (id) => {
    const { screens, values } = whole;
    expect(first({ screens: [{ ...screens[0]!, id }, ...screens.slice(1)] })).toMatch(
      /^screens\[0\]\.id: .*can be no id/,
    );
    expect(first({ values: [{ ...values[0]!, id }, ...values.slice(1)] })).toMatch(
      /^values\[0\]\.id: .*can be no id/,
    );
  },
);

test('what an opacity in a motion goes from is a number, and kept between nothing and all where it is played', () => {
  const track = { of: 'screen', change: 'opacity', from: '-50%', duration: '1 s' };
  expect(first({ motions: [{ id: 'm', name: 'M', tracks: [track] }] })).toBe(
    'motions[0].tracks[0].from: It should be a number; it is “-50%”.',
  );
});
