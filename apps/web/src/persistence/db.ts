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
type Base = IDBPDatabase<Schema>;

let opened: Promise<Base> | null = null;
const listeners = new Set<() => void>();

/** Hears when the database has been closed under this window, and perhaps deleted: what it held may be gone. */
export function onLost(hear: () => void): () => void {
  listeners.add(hear);
  return () => void listeners.delete(hear);
}

function lost(): void {
  opened = null;
  for (const hear of listeners) hear();
}

function db(): Promise<Base> {
  opened ??= openDB<Schema>('tavu', 2, {
    upgrade: (base) => {
      // Whatever is missing is made, whichever version it was that lacks it.
      const has = (name: 'rows' | 'projects' | 'assets' | 'played') => base.objectStoreNames.contains(name);
      if (!has('rows')) base.createObjectStore('rows', { keyPath: 'id' });
      if (!has('projects')) base.createObjectStore('projects', { keyPath: 'id' });
      if (!has('assets')) base.createObjectStore('assets');
      if (!has('played')) base.createObjectStore('played');
    },
    // Whoever wants to delete or change the database waits until every window has closed it.
    blocking: (_now, _next, event) => {
      (event.target as IDBDatabase).close();
      lost();
    },
    // The person has cleared what this site keeps, or the browser has given up on it.
    terminated: lost,
  }).catch((error: unknown) => {
    opened = null;
    throw error;
  });
  return opened;
}

/** Works on the database; once more on a fresh connection where the old one turns out to be closed. */
async function withBase<T>(work: (base: Base) => Promise<T>): Promise<T> {
  try {
    return await work(await db());
  } catch (error) {
    if (!(error instanceof DOMException) || error.name !== 'InvalidStateError') throw error;
    opened = null;
    return work(await db());
  }
}

/** Newest first. */
export const listProjects = (): Promise<ProjectRow[]> =>
  withBase(async (base) => (await base.getAll('rows')).sort((a, b) => b.changed - a.changed));

/** When each project was last written, as far as this window has seen. */
const seen = new Map<Id, number>();

/** Whether another window has written a project since this one last read or wrote it. */
export const isNewer = (id: Id): Promise<boolean> =>
  withBase(async (base) => {
    const row = await base.get('rows', id);
    return row !== undefined && row.changed !== seen.get(id);
  });

/** Bytes that go in, and ids of those that are needed no more. */
export interface AssetChange {
  put: ReadonlyMap<Id, Uint8Array>;
  drop: readonly Id[];
}

/** Writes a project with its pictures in one go, and tells how many milliseconds copying it held the window up. */
export const keepProject = (project: Project, { put, drop }: AssetChange): Promise<number> =>
  withBase(async (base) => {
    // Strict: what is said to be kept has reached the disk, even if the browser is killed right after.
    const tx = base.transaction(['rows', 'projects', 'assets'], 'readwrite', { durability: 'strict' });
    const changed = Math.max(Date.now(), (seen.get(project.id) ?? 0) + 1);
    const row = { id: project.id, name: project.name, changed, screens: project.screens.length };
    try {
      const from = performance.now();
      const requests = [
        tx.objectStore('rows').put(row),
        tx.objectStore('projects').put(project),
        ...[...put].map(([id, bytes]) => tx.objectStore('assets').put(bytes, [project.id, id])),
        ...drop.map((id) => tx.objectStore('assets').delete([project.id, id])),
      ];
      const took = performance.now() - from;
      await Promise.all([...requests, tx.done]);
      seen.set(project.id, changed);
      return took;
    } catch (error) {
      tx.done.catch(() => undefined);
      // Requests of a transaction that failed only say that it was given up; the transaction knows why.
      throw tx.error ?? error;
    }
  });

export interface KeptProject {
  document: unknown;
  assets: Map<Id, Uint8Array>;
}

/**
 * A kept project as it was written, not checked yet, with the bytes that are not at hand; undefined when there is
 * none.
 */
export const fetchProject = (id: Id, atHand: ReadonlySet<Id> = new Set()): Promise<KeptProject | undefined> =>
  withBase(async (base) => {
    const tx = base.transaction(['rows', 'projects', 'assets']);
    const [row, document, keys] = await Promise.all([
      tx.objectStore('rows').get(id),
      tx.objectStore('projects').get(id) as Promise<unknown>,
      tx.objectStore('assets').getAllKeys(rangeOf(id)),
    ]);
    if (!document) return undefined;
    const wanted = keys.filter(([, asset]) => !atHand.has(asset));
    const bytes = await Promise.all(wanted.map((key) => tx.objectStore('assets').get(key)));
    if (row) seen.set(id, row.changed);
    return { document, assets: new Map(wanted.map((key, i) => [key[1], bytes[i]!])) };
  });

/** The assets of which bytes are stored. */
export const assetIds = (id: Id): Promise<Id[]> =>
  withBase(async (base) => (await base.getAllKeys('assets', rangeOf(id))).map(([, asset]) => asset));

const rangeOf = (project: Id): IDBKeyRange => IDBKeyRange.bound([project], [project, []]);

/** What was chosen and saved while a project was played, as it was written. */
export const fetchPlayed = (id: Id): Promise<unknown> => withBase((base) => base.get('played', id));

export const keepPlayed = (id: Id, played: unknown): Promise<unknown> =>
  withBase((base) => base.put('played', played, id));

export const forgetProject = (id: Id): Promise<void> =>
  withBase(async (base) => {
    const tx = base.transaction(['rows', 'projects', 'assets', 'played'], 'readwrite');
    await Promise.all([
      tx.objectStore('played').delete(id),
      tx.objectStore('rows').delete(id),
      tx.objectStore('projects').delete(id),
      tx.objectStore('assets').delete(rangeOf(id)),
      tx.done,
    ]);
    seen.delete(id);
  });

/** Why something could not be stored, in words. */
export function storageFault(error: unknown): string {
  const name = (error as { name?: string } | null)?.name;
  if (name === 'QuotaExceededError') return 'The browser’s storage is full.';
  if (name === 'VersionError') return 'A newer Tavu has changed the storage; reload this window.';
  if (name === 'InvalidStateError' || name === 'AbortError') return 'The browser closed its storage.';
  return 'The browser did not let it be stored.';
}

/** How much this site stores, how much it may, and whether the browser will leave it alone when room gets short. */
export interface Room {
  used: number;
  max: number;
  lasting: boolean;
}

/** Null where the browser does not tell. */
export async function roomLeft(): Promise<Room | null> {
  if (!navigator.storage?.estimate) return null;
  const [{ usage, quota }, lasting] = await Promise.all([
    navigator.storage.estimate(),
    navigator.storage.persisted(),
  ]);
  return usage === undefined || quota === undefined ? null : { used: usage, max: quota, lasting };
}

/** Asks the browser not to clear this site's storage by itself; whether it agreed. */
export const askToLast = (): Promise<boolean> => navigator.storage.persist();
