import { problemWords, refusalWords } from '../refusal';
import Ajv from 'ajv/dist/2020';
import fc from 'fast-check';
import { readFileSync } from 'node:fs';
import { FORMAT, type Project } from '../model';
import { anyProject } from '../test/arbitrary';
import { lighthouse } from '../test/flows';
import { projectJsonSchema, projectSchema, readDocument, readProject, writeProject } from '.';

const validate = new Ajv({ strict: false }).compile(projectJsonSchema());
const byJoi = (value: unknown): boolean =>
  projectSchema.validate(value, { convert: false }).error === undefined;

/** Some place in a document, and something else to put there. */
const damage = fc.record({
  path: fc.array(fc.nat(30), { minLength: 1, maxLength: 6 }),
  put: fc.oneof(
    fc.constant(undefined),
    fc.constantFrom<unknown>(
      null,
      -1,
      1.5,
      1e9,
      '',
      'x',
      '40%',
      '3 s',
      '#123456',
      true,
      [],
      {},
      'go',
      'none',
    ),
  ),
});

function damaged(project: Project, { path, put }: { path: number[]; put: unknown }): unknown {
  const copy = JSON.parse(JSON.stringify(project)) as Record<string, unknown>;
  let at: Record<string, unknown> = copy;
  for (const [i, n] of path.entries()) {
    const keys = Object.keys(at);
    if (keys.length === 0) break;
    const key = keys[n % keys.length]!;
    const next = at[key];
    if (i === path.length - 1 || typeof next !== 'object' || next === null) {
      if (put === undefined && !Array.isArray(at)) delete at[key];
      else at[key] = put ?? null;
      break;
    }
    at = next as Record<string, unknown>;
  }
  return copy;
}

test('Joi and the published schema say the same of any document, whole or damaged', () => {
  let all = 0;
  let bad = 0;
  fc.assert(
    fc.property(anyProject, damage, (project, how) => {
      expect([byJoi(project), validate(project)]).toEqual([true, true]);
      all += 1;
      const document = damaged(project, how);
      const said = byJoi(document);
      if (!said) bad += 1;
      expect(validate(document)).toBe(said);
    }),
    { numRuns: 500 },
  );
  // Of damages enough are wrong that both have had something to refuse.
  expect(bad).toBeGreaterThan(all / 8);
});

test('the schema in the docs is the one in force', () => {
  expect(JSON.parse(readFileSync('docs/project.schema.json', 'utf8'))).toEqual(projectJsonSchema());
});

test('what is written is read back the same, and writing it again gives the same text', () => {
  fc.assert(
    fc.property(anyProject, (project) => {
      const text = writeProject(project);
      const read = readProject(text);
      expect(read).toEqual({ project });
      expect(writeProject((read as { project: Project }).project)).toBe(text);
    }),
    { numRuns: 100 },
  );
});

test('one thing changed is few lines changed; unknown keys are kept', () => {
  const project = lighthouse();
  const lines = writeProject(project).split('\n');
  const changed = structuredClone(project);
  changed.screens[0]!.name = 'Other';
  const others = writeProject(changed).split('\n');
  expect(others.filter((line, i) => line !== lines[i])).toHaveLength(1);
  const odd = { ...project, later: { a: 1 } } as Project;
  expect(readProject(writeProject(odd))).toEqual({ project: odd });
});

const text = writeProject(lighthouse());
const bad: [string, string, RegExp, RegExp][] = [
  ['an empty file', '', /line 1/, /empty/],
  ['no JSON', 'hello there', /line 1, column 1/, /not JSON/],
  ['half a file', text.slice(0, text.length / 2), /line \d+/, /ends in the middle/],
  ['a list', '[1]', /whole file/, /not a Tavu project/],
  ['a wrong type', text.replace('"margin": 5', '"margin": "five"'), /^design\.margin$/, /number/],
  [
    'a wrong word',
    text.replace('"layer": "overlay"', '"layer": "upstairs"'),
    /^screens\[2\]\.layer$/,
    /It can be base, overlay, notice or hud; it is “upstairs”/,
  ],
  ['a newer format', text.replace(`"format": ${FORMAT}`, '"format": 99'), /^format$/, /newer/],
  [
    'a __proto__ key',
    text.replace('"design":', '"__proto__": {"x": 1}, "design":'),
    /^__proto__$/,
    /not allowed/,
  ],
  [
    'a deep __proto__',
    text.replace('"background": {', '"background": {"__proto__": {}, '),
    /screens\[0\]\.background\.__proto__/,
    /not allowed/,
  ],
  ['an id twice', text.replace('"id": "watch"', '"id": "title"'), /^screens\[1\]\.id$/, /twice/],
  ['an endless nest', `{"format":1,"x":${'['.repeat(60)}${']'.repeat(60)}}`, /x/, /deep/],
];
test.each(bad)('%s is refused with place and reason', (_, file, place, reason) => {
  const read = readProject(file);
  if ('project' in read) throw new Error('It was read.');
  expect(read.problems[0]!.place).toMatch(place);
  expect(refusalWords(read.problems[0]!)).toMatch(reason);
});

test('no text whatever makes reading throw', () => {
  fc.assert(
    fc.property(
      fc.oneof(
        fc.string(),
        fc.json(),
        fc.nat(text.length).map((n) => text.slice(0, n)),
      ),
      (any) => {
        const read = readProject(any);
        if ('problems' in read)
          for (const problem of read.problems)
            expect([problem.place, refusalWords(problem)].every(Boolean)).toBe(true);
      },
    ),
    { numRuns: 300 },
  );
});

test('an element that holds itself is refused', () => {
  const project = lighthouse();
  const [a, b] = project.screens[0]!.elements;
  [a!.parent, b!.parent] = [b!.id, a!.id];
  expect(readProject(writeProject(project))).toMatchObject({
    problems: [{ code: 'holds itself' }, {}],
  });
});

describe('values and areas in a file', () => {
  const full = () => ({
    ...lighthouse(),
    values: [{ id: 'v', name: 'oil', section: 'Lamp', life: 'session', type: 'number', default: 4 }],
    areas: [
      { id: 'r', name: 'Night', parent: null },
      { id: 's', name: 'Storm', parent: 'r' },
    ],
  });
  const problems = (document: unknown) => {
    const read = readDocument(JSON.parse(JSON.stringify(document)));
    return 'problems' in read ? read.problems.map(problemWords) : [];
  };

  test('a file of the first format is read as one that has none', () => {
    const { values: _, areas: __, ...old } = full();
    const read = readDocument({ ...old, format: 1 });
    expect(read).toMatchObject({ project: { format: FORMAT, values: [], areas: [] } });
    expect(problems(old)).toEqual(['values: It is required.', 'areas: It is required.']);
  });

  test('a default that its value cannot hold, an area in itself, and an id used twice are refused', () => {
    expect(problems(full())).toEqual([]);
    const wrong = full();
    wrong.values[0]!.default = 'much' as never;
    expect(problems(wrong)).toEqual(['values[0].default: It cannot stand in oil.']);
    const round = full();
    round.areas[0]!.parent = 's' as never;
    expect(problems(round)).toContain('areas[0].parent: The area holds itself.');
    const twice = full();
    twice.areas[1]!.id = 'r';
    expect(problems(twice).some((problem) => problem.startsWith('areas'))).toBe(true);
  });

  test('an expression that is empty or endless is refused where it stands', () => {
    for (const when of ['', 'x'.repeat(2001)]) {
      const wrong = full();
      wrong.links[0]!.when = when;
      expect(problems(wrong)[0]).toMatch(/^links\[0\]\.when/);
    }
  });
});
