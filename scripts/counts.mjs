/** Prints how many tests passed and failed, from a runner's report. A report that cannot be read is an error. */
import { readFileSync } from 'node:fs';

const [runner, path] = process.argv.slice(2);
const report = JSON.parse(readFileSync(path, 'utf8'));
const counts =
  runner === 'jest'
    ? [report.numPassedTests, report.numFailedTests + report.numRuntimeErrorTestSuites]
    : [report.stats.expected + report.stats.flaky, report.stats.unexpected + report.errors.length];
if (counts.some((each) => !Number.isInteger(each)) || counts[0] + counts[1] === 0) process.exit(1);
console.log(counts.join(' '));
