import type { GivenTexts } from './given';
import { problemWords, refusalWords } from '../refusal';
import { strToU8 } from 'fflate';
import { demo } from '../test/whole';
import { documents, pieces, tables, xliffs, zips } from '../test/hostile';
import { bytesFault, saveProject } from '.';
import { openProject } from './bundle';
import { readCsv } from './csv';
import { readXliff } from './xliff';

/** Whatever is meant to do harm is refused or left out in words, and nothing is thrown. */

test.each(documents)('a document of %s is refused in words', async (_, text) => {
  const opened = await openProject(strToU8(text));
  if (!('problems' in opened)) throw new Error('It was opened.');
  for (const problem of opened.problems) {
    expect(problem.place.length).toBeGreaterThan(0);
    expect(refusalWords(problem)).toMatch(/[a-z]{2,} .{4,}/);
  }
  expect('polluted' in {}).toBe(false);
});

test.each(zips)('a zip with %s is refused in words', async (_, bytes) => {
  const opened = await openProject(bytes);
  if (!('problems' in opened)) throw new Error('It was opened.');
  expect(refusalWords(opened.problems[0]!)).toMatch(/[a-z]{2,} .{4,}/);
});

test.each(pieces.filter(([, media]) => media !== 'font/woff'))('%s is told to be none', (_, media, bytes) =>
  expect(refusalWords(bytesFault(media, bytes)!)).toMatch(/[a-z]{2,} .{4,}/),
);

test('and in a bundle they are all left out, each with its name', async () => {
  const asset = { media: 'image/svg+xml', width: 1, height: 1, bytes: 1 };
  const bad = pieces.filter(([, media]) => media !== 'font/woff');
  const assets = bad.map(([name, media], i) => ({ ...asset, media, id: `i-${i}`, name }));
  const { bytes } = await saveProject(
    { ...demo, assets: [...demo.assets, ...assets] },
    new Map(bad.map(([, , held], i) => [`i-${i}`, held])),
  );
  const opened = await openProject(bytes);
  if ('problems' in opened) throw new Error('It was refused.');
  expect(opened.left.map((item) => item.name)).toEqual(bad.map(([name]) => name));
  expect(opened.assets.size).toBe(0);
});

const refused = (read: GivenTexts): string => ('problem' in read ? problemWords(read.problem) : '');

test.each(xliffs)('XLIFF of %s is refused in words', (_, text) =>
  expect(refused(readXliff(text))).toMatch(/[a-z]{2,} .{4,}/),
);

test.each(tables)('CSV of %s is refused in words', (_, text) =>
  expect(refused(readCsv(text))).toMatch(/[a-z]{2,} .{4,}/),
);

test('that is a hundred and more', () =>
  expect([documents, zips, pieces, xliffs, tables].flat(1).length).toBeGreaterThanOrEqual(100));
