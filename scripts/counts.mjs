/**
 * Prints how many tests passed and failed, from a runner's report. A report that cannot be read is an error. A browser test that
 * needed a second go has failed, unless it is listed in e2e/flaky.json with the reason why that may be.
 */
import { readFileSync } from 'node:fs';

const [runner, path] = process.argv.slice(2);
const report = JSON.parse(readFileSync(path, 'utf8'));

/** Every test of a report that passed only when it was tried again, by file and title. */
function flaky(suites) {
  return suites.flatMap(({ suites: inner = [], specs = [] }) => [
    ...specs
      .filter(({ tests }) => tests.some(({ status }) => status === 'flaky'))
      .map(({ file, title }) => `${file}: ${title}`),
    ...flaky(inner),
  ]);
}

function countBrowser() {
  const { expected, unexpected } = report.stats;
  const listed = new Map(
    JSON.parse(readFileSync('e2e/flaky.json', 'utf8')).map(({ test, why }) => [test, why]),
  );
  const again = flaky(report.suites);
  for (const test of again)
    console.error(
      listed.has(test)
        ? `Needed a second go, as it may: ${test} (${listed.get(test)})`
        : `Needed a second go, and is not listed: ${test}`,
    );
  const forgiven = again.filter((test) => listed.has(test)).length;
  return [expected + forgiven, unexpected + again.length - forgiven + report.errors.length];
}

const counts =
  runner === 'jest'
    ? [report.numPassedTests, report.numFailedTests + report.numRuntimeErrorTestSuites]
    : countBrowser();
if (counts.some((each) => !Number.isInteger(each)) || counts[0] + counts[1] === 0) process.exit(1);
console.log(counts.join(' '));
