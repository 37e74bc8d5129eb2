/** Unit tests of core, player, stores: no browser. */
export default {
  testEnvironment: 'node',
  maxWorkers: 2,
  testMatch: [
    '<rootDir>/packages/**/*.test.ts',
    '<rootDir>/apps/**/*.test.ts',
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
  transformIgnorePatterns: ['/node_modules/(?!(intl-messageformat|@formatjs)/)'],
  transform: {
    '^.+\\.[jt]s$': [
      '@swc/jest',
      { jsc: { parser: { syntax: 'typescript' }, target: 'es2022' }, module: { type: 'commonjs' } },
    ],
  },
};
