import unit from '../jest.config.js';

const [folder] = process.env.TAVU_MUTANTS.split('/');

/** The tests of one folder of the core, with few runs a property. */
export default {
  ...unit,
  rootDir: '..',
  testMatch: [`<rootDir>/packages/core/src/${folder}/**/*.test.ts`],
  setupFiles: ['<rootDir>/mutants/few.ts'],
};
