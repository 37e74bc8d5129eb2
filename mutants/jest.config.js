import unit from '../jest.config.js';

/** The tests of one folder of the core, with few runs a property. */
export default {
  ...unit,
  rootDir: '..',
  testMatch: [`<rootDir>/packages/core/src/${process.env.TAVU_MUTANTS}/**/*.test.ts`],
  setupFiles: ['<rootDir>/mutants/few.ts'],
};
