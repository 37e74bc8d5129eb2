import { build } from 'esbuild';
import { fileURLToPath } from 'node:url';

const at = (path: string): string => fileURLToPath(new URL(`../${path}`, import.meta.url));

/**
 * Puts what plays an exported page into one classic script. Its messages come read already, so that what reads them is left
 * out.
 */
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
