import js from '@eslint/js';
import hooks from 'eslint-plugin-react-hooks';
import ts from 'typescript-eslint';

/** Packages depend one way: web → player → core, cli → core. Core knows no interface, page or Node. */
const NOT_IN_CORE = [
  'react*',
  'next*',
  'zustand*',
  'radix-ui*',
  '@radix-ui/*',
  'lucide-react',
  'cmdk',
  'd3-*',
  'idb*',
  'echarts*',
  'comlink',
  'node:*',
  'fs',
  'path',
  'os',
  'crypto',
  'worker_threads',
  '@tavu/player*',
  '@tavu/web*',
  '@tavu/cli*',
  '**/player/**',
  '**/apps/**',
  '**/cli/**',
];
const NOT_IN_PLAYER = [
  'react*',
  'next*',
  'zustand*',
  'radix-ui*',
  'idb*',
  'node:*',
  'fs',
  'path',
  '@tavu/web*',
  '@tavu/cli*',
  '**/apps/**',
  '**/cli/**',
];
const NOT_IN_CLI = ['react*', 'next*', '@tavu/web*', '@tavu/player*'];
const PAGE = [
  'window',
  'document',
  'navigator',
  'localStorage',
  'indexedDB',
  'location',
  'fetch',
  'process',
  'Buffer',
  'requestAnimationFrame',
  'setTimeout',
  'setInterval',
  'performance',
  'console',
];

const oneWay = (patterns) => ({
  'no-restricted-imports': [
    'error',
    { patterns: [{ group: patterns, message: 'Packages depend one way: web → player → core, cli → core.' }] },
  ],
});

export default ts.config(
  {
    ignores: [
      '**/node_modules/**',
      '**/.next/**',
      'apps/web/public/**',
      'test-results/**',
      '.mutants/**',
      '**/next-env.d.ts',
    ],
  },
  js.configs.recommended,
  ...ts.configs.recommended,
  {
    rules: {
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_' }],
      eqeqeq: 'error',
      'no-eval': 'error',
      'no-implied-eval': 'error',
      'no-new-func': 'error',
    },
  },
  {
    files: ['packages/core/src/**/*.ts'],
    ignores: ['**/*.test.ts', '**/test/**'],
    rules: {
      ...oneWay(NOT_IN_CORE),
      'no-restricted-globals': [
        'error',
        ...PAGE.map((name) => ({ name, message: 'The core knows no page and no Node.' })),
      ],
    },
  },
  { files: ['packages/player/src/**/*.ts'], ignores: ['**/*.test.ts'], rules: oneWay(NOT_IN_PLAYER) },
  { files: ['packages/cli/src/**/*.ts'], rules: oneWay(NOT_IN_CLI) },
  {
    files: ['apps/web/**/*.{ts,tsx}'],
    plugins: { 'react-hooks': hooks },
    rules: { 'react-hooks/rules-of-hooks': 'error', 'react-hooks/exhaustive-deps': 'error' },
  },
  {
    files: ['*.js', 'scripts/**', 'e2e/**', 'bench/**', 'mutants/**'],
    languageOptions: { globals: { console: 'readonly', process: 'readonly' } },
  },
);
