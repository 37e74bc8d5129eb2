import { projectJsonSchema } from '@tavu/core/schema';
import { buildSync } from 'esbuild';
import { spawnSync } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { SaxesParser } from 'saxes';

/** The command line as a person or a script meets it: what it prints where, and with which code it ends. */

const DEMO = 'examples/saltwick-light/project.json';
const folder = mkdtempSync(join(tmpdir(), 'tavu-cli-'));
afterAll(() => rmSync(folder, { recursive: true }));

/** As one script, since starting each call from the sources takes longer than all it does. */
const SCRIPT = 'test-results/cli/tavu/tavu.mjs';
beforeAll(() => {
  buildSync({
    entryPoints: ['packages/cli/src/tavu.ts'],
    outfile: SCRIPT,
    bundle: true,
    platform: 'node',
    format: 'esm',
    // Packages of the CommonJS kind ask for parts of Node.
    banner: {
      js: "import { createRequire as requireBy } from 'node:module'; const require = requireBy(import.meta.url);",
    },
  });
});

function run(program: string, ...args: string[]): { code: number | null; out: string; err: string } {
  const { status, stdout, stderr } = spawnSync(program, args, { encoding: 'utf8' });
  return { code: status, out: stdout, err: stderr };
}
const tavu = (...args: string[]) => run('node', SCRIPT, ...args);

test('it runs from the sources as it is documented', () => {
  const { code, out } = run('npm', 'run', '--silent', 'tavu', '--', '--help');
  expect([code, out]).toEqual([0, tavu('--help').out]);
});

test('check says what is still to be made, and ends well', () => {
  const { code, out, err } = tavu('check', DEMO);
  expect([code, err]).toEqual([0, '']);
  expect(out).toMatch(/^Saltwick Light: \d+ screens, \d+ links\n/);
  expect(out).toContain('Dawn: “Logbook” is not made yet.');
});

test('a file that cannot be read ends with 1, its name, the place and the reason, and prints nothing else', () => {
  const half = join(folder, 'half.json');
  writeFileSync(half, '{"format": 7, "id": ');
  const wrong = join(folder, 'wrong.json');
  writeFileSync(wrong, '{"format": "seven"}');
  for (const [path, reason] of [
    [half, /: line 1, column \d+: The file ends in the middle/],
    [wrong, /: format: /],
    [join(folder, 'nowhere.json'), /: there is no such file\n$/],
    [folder, /: it is a folder\n$/],
  ] as const) {
    const { code, out, err } = tavu('check', path);
    expect([path, code, out]).toEqual([path, 1, '']);
    expect(err.startsWith(`${path}: `)).toBe(true);
    expect(err).toMatch(reason);
    expect(err).not.toMatch(/\n {4}at /);
  }
});

test('read prints what every screen does, in sentences', () => {
  const { code, out } = tavu('read', DEMO);
  expect(code).toBe(0);
  expect(out).toContain(
    'Warning\n  After 4.5 s from the press that led here, go to Loading with a 400 ms fade.\n',
  );
});

test('picture prints a screen by its name as a well-formed drawing', () => {
  const { code, out } = tavu('picture', DEMO, 'the WATCH');
  expect(code).toBe(0);
  const tags = new Set<string>();
  const parser = new SaxesParser();
  parser.on('error', (error) => {
    throw error;
  });
  parser.on('opentag', (tag) => void tags.add(tag.name));
  parser.write(out).close();
  expect([...tags]).toEqual(expect.arrayContaining(['svg', 'text', 'rect']));
  const gone = tavu('picture', DEMO, 'Nowhere');
  expect([gone.code, gone.out]).toEqual([1, '']);
  expect(gone.err).toMatch(/there is no screen called “Nowhere”. There are: Warning, Loading, Title/);
});

test('schema prints the schema that files are held to', () => {
  const { code, out } = tavu('schema');
  expect(code).toBe(0);
  expect(JSON.parse(out)).toEqual(JSON.parse(JSON.stringify(projectJsonSchema())));
});

test('whoever reads only the beginning of it is not told of a fault', () => {
  const { stderr, status } = spawnSync(
    'bash',
    ['-c', `set -o pipefail; node ${SCRIPT} schema | head -c 10`],
    { encoding: 'utf8' },
  );
  expect([status, stderr]).toEqual([0, '']);
});

test('what is no command, or lacks what it takes, is said', () => {
  expect(tavu('frobnicate')).toMatchObject({
    code: 1,
    err: expect.stringContaining("unknown command 'frobnicate'"),
  });
  expect(tavu('picture', DEMO)).toMatchObject({
    code: 1,
    err: expect.stringContaining("missing required argument 'screen'"),
  });
  expect(tavu('--help')).toMatchObject({
    code: 0,
    out: expect.stringContaining('check <file>') as string,
  });
});

test('write puts each format beside the file or where it is told, and says what else it needs', () => {
  const at = (name: string): string => join(folder, name);
  expect(tavu('write', DEMO, 'xliff', 'de', '-o', at('de.xlf'))).toEqual({
    code: 0,
    out: `${at('de.xlf')}\n`,
    err: '',
  });
  const parser = new SaxesParser();
  const units: string[] = [];
  parser.on('opentag', ({ name }) => void (name === 'unit' && units.push(name)));
  parser.write(readFileSync(at('de.xlf'), 'utf8')).close();
  expect(units.length).toBeGreaterThan(50);
  expect(tavu('write', DEMO, 'vtt', 'storm call', '-o', at('storm.vtt')).code).toBe(0);
  expect(readFileSync(at('storm.vtt'), 'utf8')).toMatch(/^WEBVTT\n\n1\n00:00:/);
  writeFileSync(at('own.json'), readFileSync(DEMO));
  expect(tavu('write', at('own.json'), 'file').out).toMatch(/own\.tavu\.(zip|json)\n$/);
  for (const [args, says] of [
    [['csv'], /say which language: de/],
    [['vtt', 'nobody'], /say which conversation: Storm call/],
    [['scroll'], /there is no format scroll. There are: page, file/],
  ] as const) {
    const { code, out, err } = tavu('write', DEMO, ...args);
    expect([code, out]).toEqual([1, '']);
    expect(err).toMatch(says);
  }
});
