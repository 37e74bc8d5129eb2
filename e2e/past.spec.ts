import { readFileSync } from 'node:fs';
import { gunzipSync } from 'node:zlib';
import { FORMAT } from '../packages/core/src/model';
import { Desk, expect, test } from './desk';

/** What the browser kept with earlier versions of the application. */

const STORES = { 1: ['rows', 'projects', 'assets'], 2: ['rows', 'projects', 'assets', 'played'] } as const;

/** Each version of the store, with each format that was kept in it. */
const KEPT: [version: 1 | 2, format: number][] = [
  [1, 1],
  [1, 2],
  [1, 3],
  [2, 5],
  [2, 6],
  [2, 7],
];

for (const [version, format] of KEPT)
  test(`a store of version ${version} that holds a project of format ${format} opens, and is kept in this format`, async ({
    page,
  }) => {
    const project = JSON.parse(
      gunzipSync(readFileSync(`packages/core/src/test/past/format-${format}.json.gz`)).toString('utf8'),
    ) as { id: string; name: string; screens: unknown[] };
    // A page of the same origin that does not open the store itself.
    await page.goto('/api/schema');
    await page.evaluate(
      ([version, stores, project]) =>
        new Promise<void>((done, failed) => {
          const opening = indexedDB.open('tavu', version);
          opening.onupgradeneeded = () => {
            for (const store of stores)
              opening.result.createObjectStore(
                store,
                store === 'rows' || store === 'projects' ? { keyPath: 'id' } : {},
              );
          };
          opening.onsuccess = () => {
            const writing = opening.result.transaction(['rows', 'projects'], 'readwrite');
            const { id, name, screens } = project;
            writing.objectStore('projects').put({ ...project, name: `${name}, kept` });
            writing
              .objectStore('rows')
              .put({ id, name: `${name}, kept`, changed: 1_700_000_000_000, screens: screens.length });
            writing.oncomplete = () => {
              opening.result.close();
              done();
            };
            writing.onerror = () => failed(new Error('The store could not be written.'));
          };
        }),
      [version, STORES[version], project] as const,
    );
    const desk = new Desk(page);
    await desk.open();
    await expect(page.getByTitle('Projects')).toHaveText('Saltwick Light, kept');
    await desk.choose('Credits');
    const name = desk.reading.getByRole('textbox', { name: 'Name' });
    await name.fill('Thanks');
    await name.press('Enter');
    await desk.kept();
    const stored = await page.evaluate(
      (id) =>
        new Promise<{ version: number; format: number; names: string[] }>((done) => {
          const opening = indexedDB.open('tavu');
          opening.onsuccess = () => {
            const base = opening.result;
            const asked = base.transaction('projects').objectStore('projects').get(id);
            asked.onsuccess = () => {
              const kept = asked.result as { format: number; screens: { name: string }[] };
              base.close();
              done({
                version: base.version,
                format: kept.format,
                names: kept.screens.map((screen) => screen.name),
              });
            };
          };
        }),
      project.id,
    );
    expect(stored).toMatchObject({ version: 2, format: FORMAT });
    expect(stored.names).toContain('Thanks');
  });
