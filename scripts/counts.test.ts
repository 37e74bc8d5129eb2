import { spawnSync } from 'node:child_process';
import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

/** What the last line of the tests counts, from a report such as the browser tests write. */
function counted(report: object): { counts: string; said: string; status: number | null } {
  const path = join(mkdtempSync(join(tmpdir(), 'tavu-report-')), 'report.json');
  writeFileSync(path, JSON.stringify(report));
  const { stdout, stderr, status } = spawnSync('node', ['scripts/counts.mjs', 'playwright', path], {
    encoding: 'utf8',
  });
  return { counts: stdout.trim(), said: stderr, status };
}
const spec = (title: string, status: string) => ({ file: 'a.spec.ts', title, tests: [{ status }] });
const report = (flaky: number, specs: object[]) => ({
  stats: { expected: 3, unexpected: 1, flaky },
  errors: [],
  suites: [{ suites: [{ specs }], specs: [] }],
});

test('a test that needed a second go has failed, unless it is listed', () => {
  expect(counted(report(0, [spec('a', 'expected')]))).toMatchObject({ counts: '3 1', status: 0 });
  const again = counted(report(1, [spec('a', 'expected'), spec('b', 'flaky')]));
  expect(again.counts).toBe('3 2');
  expect(again.said).toContain('not listed: a.spec.ts: b');
});

test('a report of nothing is an error', () => {
  const { status } = counted({ ...report(0, []), stats: { expected: 0, unexpected: 0, flaky: 0 } });
  expect(status).toBe(1);
});
