import { resolve } from 'node:path';

/** What may know what: folders have faces, and form no circle. */
const TESTS = '\\.test\\.tsx?$|/src/test/';

const SOURCES = '(?:packages/[^/]+|apps/web)/src/';
/** A folder with a face; each pane is one, and each part of the engine. */
const FOLDER = '(panes/[^/]+|run/[^/.]+|[^/]+)';

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
      comment:
        'What a folder shows others stands in its index.ts. What is loaded only when it is shown is named itself.',
      severity: 'error',
      from: { path: `^(${SOURCES})${FOLDER}/`, pathNot: TESTS },
      to: {
        path: '^$1.+/.+',
        pathNot: ['^$1$2/', `^$1${FOLDER}/index\\.ts$`, '/(elements|effects|triggers)/(author|fields)\\.ts$'],
        dynamic: false,
      },
    },
    {
      name: 'one-way',
      comment: 'The parts of the window know what lies beneath them, and never the window as a whole.',
      severity: 'error',
      from: { path: '^apps/web/src/(?!app/)', pathNot: TESTS },
      to: { path: '^apps/web/src/app/' },
    },
    {
      name: 'nothing-above-the-pieces',
      comment: 'Pieces of interface know the core and nothing of the project that is open.',
      severity: 'error',
      from: { path: '^apps/web/src/ui/', pathNot: TESTS },
      to: { path: '^apps/web/src/', pathNot: '^apps/web/src/ui/' },
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
