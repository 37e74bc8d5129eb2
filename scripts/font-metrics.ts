/** Writes the built-in fonts' metrics, which the core breaks lines with, from the font files themselves. */
import { readFileSync, writeFileSync, mkdirSync } from 'node:fs';
import { readMetrics } from '../packages/core/src/font';
import { packFace } from '../packages/core/src/text';

const HOUSE = {
  plain: 'atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-400-normal.woff',
  'plain-bold': 'atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-700-normal.woff',
  display: 'marcellus/files/marcellus-latin-400-normal.woff',
};

const out = new URL('../packages/core/src/text/built-in/', import.meta.url);
mkdirSync(out, { recursive: true });
for (const [name, file] of Object.entries(HOUSE)) {
  const bytes = readFileSync(new URL(`../node_modules/@fontsource/${file}`, import.meta.url));
  const metrics = readMetrics(bytes.buffer.slice(bytes.byteOffset, bytes.byteOffset + bytes.byteLength));
  const json = JSON.stringify(packFace(metrics));
  writeFileSync(new URL(`${name}.json`, out), json + '\n');
  console.log(`${name}: ${Object.keys(metrics.advances).length} characters, ${json.length} bytes`);
}
