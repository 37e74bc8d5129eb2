import type { Id, Project } from '@tavu/core/model';
import { db, files, writer } from '../persistence';
import { neededAssets } from './needed';
import { dropBytes, follow, useStudio } from './store';

/**
 * How long after an edit it is written, in milliseconds: once it has been seen, and longer where copying it takes
 * long.
 */
const soonFor = (took: number): number => Math.min(100, Math.max(50, 3 * took));
/** In a drag or a run of typing: how long after the last edit, so that none is written between two letters. */
const pauseFor = (took: number): number => Math.min(400, 120 + 20 * took);
/** And at most after the first that is not written yet. */
const MAX_ITEMS = 2000;
/** How long until what was refused is tried again. */
const AGAIN = 5000;

/** What a project is kept with; a test has others. */
export interface Means {
  store: Pick<typeof db, 'assetIds' | 'fetchProject' | 'isNewer' | 'keepProject' | 'onLost'>;
  claim: typeof writer.claim;
  channel: typeof writer.channel;
  read: (document: unknown) => Promise<{ project: Project } | { problems: unknown }>;
}
const OWN: Means = {
  store: db,
  claim: writer.claim,
  channel: writer.channel,
  read: async (document) => (await files()).readDocument(document),
};

const { getState, setState, subscribe } = useStudio;
const stateNow = (): Pick<ReturnType<typeof getState>, 'project' | 'assets' | 'history'> => {
  const { project, assets, history } = getState();
  return { project, assets, history };
};

/** Whether the last edit went on with a drag or a run of typing that had begun before it. */
const isJoined = (now: AnyHistory, before: AnyHistory): boolean =>
  now !== before && now.past.length === before.past.length && (now.past.at(-1)?.edits.length ?? 0) > 1;
type AnyHistory = ReturnType<typeof getState>['history'];

/**
 * Keeps the open project: every change is written to the browser's own store, by the one window that is its writer; the others
 * follow that. If writing fails the work stays in memory, the person is told, and it is tried again. Returns what ends it, once
 * the last change has been written.
 */
export function keepOpen(id: Id, { store, claim, channel, read }: Means = OWN): () => void {
  const { opened } = getState();
  /** What there was to keep while it was open. */
  let latest = stateNow();
  let written: Project | null = null;
  /** Assets whose bytes are in the store. */
  let stored = new Set<Id>();
  let isWriter = false;
  let ended = false;
  /** Writings under way; one that begins later is done later. */
  const writing = new Set<Promise<void>>();
  let timer: ReturnType<typeof setTimeout> | undefined;
  /** When what has not been written began to be, and when it is to be written; null when all of it is. */
  let since: number | null = null;
  let due: number | null = null;
  /** Whether that is one drag or one run of typing. */
  let runs = false;
  /** How long copying it held the window up last. */
  let took = 0;

  const isOpen = (): boolean => !ended && getState().opened === opened;
  const tell = (saving: ReturnType<typeof getState>['saving']): void => {
    if (isOpen()) setState({ saving });
  };

  const bytesToWrite = (): db.AssetChange => {
    const { project, assets, history } = latest;
    const listed = new Set(project.assets.map((asset) => asset.id));
    const all = [...assets.keys(), ...stored];
    const needed = all.every((value) => listed.has(value)) ? listed : neededAssets(project, history);
    return {
      put: new Map([...assets].filter(([each]) => needed.has(each) && !stored.has(each))),
      drop: [...stored].filter((value) => !needed.has(value)),
    };
  };

  const writeNow = async (): Promise<void> => {
    const { project } = latest;
    const bytes = bytesToWrite();
    if (project === written && bytes.put.size === 0 && bytes.drop.length === 0) return;
    since = due = null;
    tell({ state: 'keeping' });
    try {
      took = await store.keepProject(project, bytes);
      written = project;
      for (const key of bytes.put.keys()) stored.add(key);
      for (const value of bytes.drop) stored.delete(value);
      if (isOpen() && bytes.drop.length > 0) dropBytes(bytes.drop);
      wire.tell();
      // What has been changed meanwhile is still to be written.
      if (latest.project === project) tell({ state: 'kept', at: Date.now() });
    } catch (error) {
      tell({ state: 'failed', reason: db.storageFault(error) });
      clearTimeout(timer);
      if (isOpen()) timer = setTimeout(write, AGAIN);
    }
  };
  const write = (): Promise<void> => {
    if (!isWriter) return Promise.resolve();
    const mine = writeNow().finally(() => writing.delete(mine));
    writing.add(mine);
    return mine;
  };
  const soon = (inRun: boolean): void => {
    if (!isWriter) return;
    if (getState().saving.state === 'kept') tell({ state: 'keeping' });
    const now = Date.now();
    since ??= now;
    // A drag or a run of typing may postpone its own writing, but not that of an earlier edit.
    if (inRun) runs ||= due === null;
    else runs = false;
    due = runs
      ? Math.min(now + pauseFor(took), since + MAX_ITEMS)
      : Math.min(due ?? Infinity, now + soonFor(took));
    clearTimeout(timer);
    timer = setTimeout(write, Math.max(0, due - now));
  };

  let turn = 0;
  /** Takes over what another window has kept. False when that cannot be read here. */
  const readAgain = async (): Promise<boolean> => {
    const mine = ++turn;
    const isLast = (): boolean => mine === turn && !isWriter && isOpen();
    const kept = await store.fetchProject(id, new Set(getState().assets.keys()));
    if (!kept || !isLast()) return true;
    const found = await read(kept.document);
    if (!isLast()) return true;
    if (!('project' in found)) return false;
    follow(found.project, kept.assets);
    latest = stateNow();
    written = latest.project;
    return true;
  };

  const becomeWriter = async (): Promise<void> => {
    try {
      // Another window may have written since this one last read; what it wrote is not written over.
      const newer = await store.isNewer(id);
      if (newer && !(await readAgain()))
        return tell({ state: 'failed', reason: 'What another window has kept cannot be read here.' });
      stored = new Set(await store.assetIds(id));
    } catch {
      // If the store cannot answer now, the next write will report it.
    }
    if (!isOpen()) return;
    isWriter = true;
    tell({ state: 'keeping' });
    await write();
    if (getState().saving.state === 'keeping') tell({ state: 'kept', at: Date.now() });
  };

  tell({ state: 'following' });
  const wire = channel(id, () => {
    if (!isWriter) void readAgain();
  });
  const release = claim(id, () => void becomeWriter());
  const stopLost = store.onLost(() => {
    // All of it is written anew.
    stored = new Set();
    written = null;
    soon(false);
  });
  const stop = subscribe((now, before) => {
    if (now.opened !== opened) return;
    latest = stateNow();
    if (now.project !== before.project || now.assets !== before.assets)
      soon(isJoined(now.history, before.history));
  });
  const leaving = (): void => void write();
  addEventListener('pagehide', leaving);
  document.addEventListener('visibilitychange', leaving);
  return () => {
    clearTimeout(timer);
    stop();
    stopLost();
    removeEventListener('pagehide', leaving);
    document.removeEventListener('visibilitychange', leaving);
    // What was changed just before another project was opened is written before another window may write it.
    ended = true;
    const last = Promise.all([...writing, write()]);
    release(last);
    void last.finally(() => wire.close());
  };
}
