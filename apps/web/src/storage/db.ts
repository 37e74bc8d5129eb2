import type { Id, Project } from '@tavu/core/model';
import { openDB, type DBSchema, type IDBPDatabase } from 'idb';

export interface ProjectRow {
  id: Id;
  name: string;
  /** Milliseconds since 1970. */
  changed: number;
  screens: number;
}

interface Schema extends DBSchema {
  rows: { key: Id; value: ProjectRow };
  projects: { key: Id; value: Project };
  /** Asset bytes, by project and asset. */
  assets: { key: [Id, Id]; value: Uint8Array };
  /** What was chosen and saved while playing, by project. */
  played: { key: Id; value: unknown };
}

let opened: Promise<IDBPDatabase<Schema>> | null = null;

function db(): Promise<IDBPDatabase<Schema>> {
  opened ??= openDB<Schema>('tavu', 2, {
    upgrade: (fresh, before) => {
      if (before < 1) {
        fresh.createObjectStore('rows', { keyPath: 'id' });
        fresh.createObjectStore('projects', { keyPath: 'id' });
        fresh.createObjectStore('assets');
      }
      fresh.createObjectStore('played');
    },
    // Another window of an older build would stand in the way of the change.
    blocking: (_now, _next, event) => (event.target as IDBDatabase).close(),
    terminated: () => {
      opened = null;
    },
  }).catch((error: unknown) => {
    opened = null;
    throw error;
  });
  return opened;
}

/** Newest first. */
export async function listProjects(): Promise<ProjectRow[]> {
  return (await (await db()).getAll('rows')).sort((a, b) => b.changed - a.changed);
}

/** Writes a project, and tells how many milliseconds copying it held the window up. */
export async function keepProject(project: Project): Promise<number> {
  // Strict: what is said to be kept has reached the disk, even if the browser is killed right after.
  const tx = (await db()).transaction(['rows', 'projects'], 'readwrite', { durability: 'strict' });
  const row = { id: project.id, name: project.name, changed: Date.now(), screens: project.screens.length };
  const from = performance.now();
  const puts = [tx.objectStore('rows').put(row), tx.objectStore('projects').put(project)];
  const took = performance.now() - from;
  await Promise.all([...puts, tx.done]);
  return took;
}

export async function keepAssets(project: Id, assets: ReadonlyMap<Id, Uint8Array>): Promise<void> {
  const tx = (await db()).transaction('assets', 'readwrite');
  await Promise.all([...[...assets].map(([id, bytes]) => tx.store.put(bytes, [project, id])), tx.done]);
}

/** A kept project as it was written, not checked yet; undefined when there is none. */
export async function fetchProject(
  id: Id,
): Promise<{ document: unknown; assets: Map<Id, Uint8Array> } | undefined> {
  const base = await db();
  const document: unknown = await base.get('projects', id);
  if (!document) return undefined;
  const range = IDBKeyRange.bound([id], [id, []]);
  const [keys, values] = await Promise.all([base.getAllKeys('assets', range), base.getAll('assets', range)]);
  return { document, assets: new Map(keys.map((key, i) => [key[1], values[i]!])) };
}

/** What was chosen and saved while a project was played, as it was written. */
export async function fetchPlayed(id: Id): Promise<unknown> {
  return (await db()).get('played', id);
}

export async function keepPlayed(id: Id, played: unknown): Promise<void> {
  await (await db()).put('played', played, id);
}

export async function forgetProject(id: Id): Promise<void> {
  const tx = (await db()).transaction(['rows', 'projects', 'assets', 'played'], 'readwrite');
  await Promise.all([
    tx.objectStore('played').delete(id),
    tx.objectStore('rows').delete(id),
    tx.objectStore('projects').delete(id),
    tx.objectStore('assets').delete(IDBKeyRange.bound([id], [id, []])),
    tx.done,
  ]);
}
