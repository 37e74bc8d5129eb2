/** Makes what the app serves as it is: the player as one script, the built-in fonts, their notices, and the demo. */
import { copyFileSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { problemWords } from '../packages/core/src/refusal';
import { readProject } from '../packages/core/src/schema';
import { buildPlayer } from './player';
import { noticesOf, packageOf, runtimePackages } from './notices';

const at = (path: string): string => fileURLToPath(new URL(`../${path}`, import.meta.url));
const out = at('apps/web/public/built/');
mkdirSync(`${out}fonts`, { recursive: true });

const { metafile } = await buildPlayer(`${out}player.js`);

const FONTS = {
  plain: 'atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-400-normal.woff2',
  'plain-bold': 'atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-700-normal.woff2',
  display: 'marcellus/files/marcellus-latin-400-normal.woff2',
};
for (const [face, file] of Object.entries(FONTS))
  copyFileSync(at(`node_modules/@fontsource/${file}`), `${out}fonts/${face}.woff2`);

// What a page carries of other people's work, and what the window does.
const carried = [
  ...Object.keys(metafile.inputs),
  ...Object.values(FONTS).map((file) => `node_modules/@fontsource/${file}`),
];
writeFileSync(`${out}notices.txt`, noticesOf(carried.flatMap((file) => packageOf(file) ?? [])));
writeFileSync(`${out}notices-window.txt`, noticesOf(runtimePackages()));

const read = readProject(readFileSync(at('examples/saltwick-light/project.json'), 'utf8'));
if ('problems' in read) {
  for (const problem of read.problems) console.error(`The demo project is wrong at ${problemWords(problem)}`);
  process.exit(1);
}
// What is found right here need not be looked through again by every browser that opens it.
const assets = read.project.assets.map((asset) => {
  const file = `${asset.id}.${asset.media === 'audio/wav' ? 'wav' : 'svg'}`;
  return [asset.id, readFileSync(at(`examples/saltwick-light/assets/${file}`), 'base64')];
});
const demo = JSON.stringify({ project: read.project, assets });
writeFileSync(`${out}saltwick-light.json`, demo);
console.log(
  `Prepared the player, ${Object.keys(FONTS).length} fonts and the demo (${demo.length} characters).`,
);
