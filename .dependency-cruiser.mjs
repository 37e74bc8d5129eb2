import { resolve } from 'node:path';

/** What may know what: folders have faces, and form no circle. */
const TESTS = '\\.test\\.tsx?$|/src/test/';

/** @type {import('dependency-cruiser').IConfiguration} */
export default {
  forbidden: [
    {
      name: 'no-circles-between-folders',
      comment: 'Folders form no circle, so that each can be read and moved by itself.',
      severity: 'error',
      scope: 'folder',
      from: { path: '^(packages/[^/]+|apps/web)/src/' },
      to: { circular: true },
    },
    {
      name: 'through-the-face',
      comment: 'What a folder shows others stands in its index.ts.',
      severity: 'error',
      from: { path: '^((?:packages/[^/]+|apps/web)/src/)([^/]+)/', pathNot: TESTS },
      to: {
        path: '^$1[^/]+/.+',
        pathNot: ['^$1$2/', '^$1[^/]+/index\\.ts$', '/(elements|effects|triggers)/(author|fields)\\.ts$'],
      },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    exclude: { path: TESTS },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: resolve(import.meta.dirname, 'apps/web/tsconfig.json') },
    enhancedResolveOptions: { extensions: ['.ts', '.tsx', '.js', '.json'] },
  },
};
