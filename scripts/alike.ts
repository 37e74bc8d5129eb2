import { execFileSync } from 'node:child_process';
import { existsSync, mkdirSync, readFileSync } from 'node:fs';
import { join, resolve } from 'node:path';
import { build } from 'esbuild';
import type { Case } from '../packages/core/src/test/told';

/**
 * Holds the core against itself at another commit: all it says of the examples and of random projects must be the same,
 * to the letter. For changes that move code and are meant to change nothing.
 *   npm run alike -- <commit> [how many projects, 1000 by default] [seed]
 */

type Told = typeof import('../packages/core/src/test/told');

const ROOT = resolve(import.meta.dirname, '..');
const EXAMPLES = ['examples/saltwick-light/project.json'];
const SHOWN = 300;

/** Loads what `told.ts` gives under a folder that has the packages in it. */
async function load(folder: string, as: string): Promise<Told> {
  const outfile = join(ROOT, 'test-results', `told-${as}.mjs`);
  await build({
    entryPoints: [join(folder, 'packages/core/src/test/told.ts')],
    outfile,
    bundle: true,
    format: 'esm',
    platform: 'node',
    packages: 'external',
    logLevel: 'error',
  });
  return (await import(`${outfile}?${Date.now()}`)) as Told;
}

/** The core as it was at a commit, unpacked once. */
function unpacked(commit: string): string {
  const id = execFileSync('git', ['rev-parse', '--short=12', commit], { cwd: ROOT, encoding: 'utf8' }).trim();
  const folder = join(ROOT, 'test-results', `core-${id}`);
  if (!existsSync(folder)) {
    mkdirSync(folder, { recursive: true });
    const packed = execFileSync('git', ['archive', id, 'packages/core'], { cwd: ROOT, maxBuffer: 1 << 28 });
    execFileSync('tar', ['-x', '-C', folder], { input: packed });
  }
  return folder;
}

/** The first thing that is told otherwise, with the letters around the difference. */
function difference(before: Told, now: Told, each: Case): string | null {
  const was = before.toldOf(each);
  const is = now.toldOf(each);
  for (const [i, [what, text]] of was.entries()) {
    const [also, other] = is[i] ?? ['nothing', ''];
    if (what === also && text === other) continue;
    let at = 0;
    while (at < text.length && text[at] === other[at]) at++;
    const from = Math.max(0, at - 80);
    return `${what}${what === also ? '' : ` / ${also}`}\n  was: ${text.slice(from, from + SHOWN)}\n  is:  ${other.slice(from, from + SHOWN)}`;
  }
  return is.length > was.length ? `${is[was.length]![0]} is told as well` : null;
}

const [commit, howMany = '1000', seed = '1'] = process.argv.slice(2);
if (commit === undefined) throw new Error('Name the commit to compare with: npm run alike -- <commit>');
const before = await load(unpacked(commit), 'before');
const now = await load(ROOT, 'now');
const cases: [string, Case][] = [
  ...EXAMPLES.map((path): [string, Case] => {
    const project = JSON.parse(readFileSync(join(ROOT, path), 'utf8')) as Case['project'];
    const [drawn] = before.drawCases(Number(seed), 1);
    return [path, { ...drawn!, project }];
  }),
  ...before
    .drawCases(Number(seed), Number(howMany))
    .map((drawCase, i): [string, Case] => [`random project ${i}`, drawCase]),
];
let things = 0;
let different = 0;
for (const [name, each] of cases) {
  things += before.toldOf(each).length;
  const found = difference(before, now, each);
  if (found === null) continue;
  different++;
  console.log(`${name}: ${found}\n`);
  if (different === 5) break;
}
console.log(`${cases.length} projects, ${things} things told of each version, ${different} projects differ`);
process.exitCode = different === 0 ? 0 : 1;
