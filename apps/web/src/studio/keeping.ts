import type { Project } from '@tavu/core/model';
import { useEffect } from 'react';
import { fetchProject, keepAssets, keepProject } from '../storage/db';
import { files } from '../storage/files';
import { channel, claim } from '../storage/writer';
import { follow, useStudio } from './store';

/** How long after the last edit it is written, and after the first that is not yet, in milliseconds. */
const WAIT = 120;
const MOST = 2000;
/** What takes long to copy is not written between two letters. */
const waitFor = (took: number): number => Math.min(400, WAIT + 20 * took);

/**
 * Keeps the open project: every change is written to the browser's own store. If that fails the work stays in memory
 * and the person is told.
 */
export function useKeeping(): void {
  const opened = useStudio((studio) => studio.opened);
  useEffect(() => {
    if (opened === 0) return;
    const { id } = useStudio.getState().project;
    let writer = false;
    let timer: ReturnType<typeof setTimeout> | undefined;
    /** When what has not been written began to be. */
    let since: number | null = null;
    let wait = WAIT;
    let written: Project | null = null;
    let writing = false;
    let assetsWritten: unknown = null;

    const write = async (): Promise<void> => {
      const { project, assets } = useStudio.getState();
      if (writing || !writer || project === written || project.id !== id) return;
      writing = true;
      since = null;
      useStudio.setState({ saving: { state: 'keeping' } });
      try {
        if (assetsWritten !== assets) await keepAssets(id, assets);
        assetsWritten = assets;
        wait = waitFor(await keepProject(project));
        written = project;
        wire.tell();
        useStudio.setState({ saving: { state: 'kept', at: Date.now() } });
      } catch (error) {
        useStudio.setState({ saving: { state: 'failed', reason: reasonOf(error) } });
      }
      writing = false;
      if (useStudio.getState().project !== project) timer = setTimeout(write, WAIT);
    };
    const soon = (): void => {
      if (writer && useStudio.getState().saving.state === 'kept')
        useStudio.setState({ saving: { state: 'keeping' } });
      clearTimeout(timer);
      since ??= Date.now();
      timer = setTimeout(write, Math.max(0, Math.min(wait, since + MOST - Date.now())));
    };
    const wire = channel(id, () => {
      if (!writer) void readAgain(id);
    });
    useStudio.setState({ saving: { state: 'following' } });
    const release = claim(id, () => {
      writer = true;
      useStudio.setState({ saving: { state: 'kept', at: Date.now() } });
      void write();
    });
    const stop = useStudio.subscribe((now, before) => {
      if (now.project !== before.project && now.opened === before.opened) soon();
    });
    const leaving = (): void => void write();
    window.addEventListener('pagehide', leaving);
    document.addEventListener('visibilitychange', leaving);
    return () => {
      clearTimeout(timer);
      stop();
      release();
      wire.close();
      window.removeEventListener('pagehide', leaving);
      document.removeEventListener('visibilitychange', leaving);
    };
  }, [opened]);
}

async function readAgain(id: string): Promise<void> {
  const kept = await fetchProject(id);
  if (!kept) return;
  const read = await (await files()).readDocument(kept.document);
  if ('project' in read) follow(read.project);
}

function reasonOf(error: unknown): string {
  const name = error instanceof Error ? error.name : '';
  if (name === 'QuotaExceededError') return 'The browser’s storage is full.';
  if (name === 'InvalidStateError' || name === 'AbortError') return 'The browser closed its storage.';
  return 'The browser did not let it be stored.';
}
