const swc = (parser = {}) => ({
  jsc: {
    parser: { syntax: 'typescript', ...parser },
    target: 'es2022',
    transform: { react: { runtime: 'automatic' } },
  },
  module: { type: 'commonjs' },
});

/** Unit tests of core, player, stores: no browser. */
export default {
  testEnvironment: 'node',
  maxWorkers: 2,
  testMatch: [
    '<rootDir>/packages/**/*.test.ts',
    '<rootDir>/apps/**/*.test.{ts,tsx}',
    '<rootDir>/scripts/*.test.ts',
  ],
  modulePathIgnorePatterns: ['<rootDir>/.mutants/', '<rootDir>/test-results/'],
  setupFiles: ['<rootDir>/scripts/seed.ts'],
  moduleNameMapper: {
    '^@tavu/core/(.*)/author$': '<rootDir>/packages/core/src/$1/author.ts',
    '^@tavu/core/(.*)$': '<rootDir>/packages/core/src/$1/index.ts',
    '^@tavu/player$': '<rootDir>/packages/player/src/index.ts',
  },
  // These come as ES modules alone.
  transformIgnorePatterns: ['/node_modules/(?!(intl-messageformat|@formatjs|d3-[a-z]+)/)'],
  transform: {
    '^.+\\.m?[jt]s$': ['@swc/jest', swc()],
    '^.+\\.tsx$': ['@swc/jest', swc({ tsx: true })],
  },
};
