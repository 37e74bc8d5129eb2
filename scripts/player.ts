import { build } from 'esbuild';
import { fileURLToPath } from 'node:url';

const at = (path: string): string => fileURLToPath(new URL(`../${path}`, import.meta.url));

/** Builds the player for exported pages as one classic script. Pages carry their messages parsed, so the parser is left out. */
export const buildPlayer = (outfile: string, write = true) =>
  build({
    entryPoints: [at('packages/player/src/page.ts')],
    outfile,
    write,
    bundle: true,
    minify: write,
    format: 'iife',
    globalName: 'TavuPlayer',
    target: 'es2022',
    charset: 'utf8',
    metafile: true,
    alias: { '@formatjs/icu-messageformat-parser': '@formatjs/icu-messageformat-parser/no-parser.js' },
  });
