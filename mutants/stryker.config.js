/** A folder of the core, or a file of it without its ending: `run`, `run/step`. */
const [folder, file = '**/*'] = process.env.TAVU_MUTANTS.split('/');

/** The code is changed in each way that a slip of the hand would, and the tests of its folder have to notice. */
export default {
  packageManager: 'npm',
  testRunner: 'jest',
  plugins: ['@stryker-mutator/jest-runner'],
  jest: { configFile: 'mutants/jest.config.js' },
  mutate: [`packages/core/src/${folder}/${file}.ts`, '!**/*.test.ts', '!**/index.ts'],
  coverageAnalysis: 'perTest',
  incremental: true,
  incrementalFile: `.mutants/${folder}.json`,
  concurrency: 2,
  timeoutMS: 10_000,
  tempDirName: '.mutants/tried',
  ignorePatterns: ['apps', 'docs/screenshots', 'test-results', 'e2e'],
  reporters: ['clear-text', 'progress-append-only'],
  clearTextReporter: { allowColor: false, logTests: false, reportTests: false },
  checkers: [],
  allowConsoleColors: false,
};
