import type { Id } from '@tavu/core/model';

const lockOf = (project: Id): string => `tavu ${project}`;

/**
 * One window writes a project; the others follow it. Holding the lock is being the writer, and a window that waits
 * becomes the writer when the other closes. The lock is given back once what `release` is given has been done.
 */
export function claim(project: Id, onWriter: () => void): (last: Promise<unknown>) => void {
  if (!navigator.locks) {
    onWriter();
    return () => undefined;
  }
  const stop = new AbortController();
  let release: (last?: Promise<unknown>) => void = () => undefined;
  navigator.locks
    .request(lockOf(project), { signal: stop.signal }, () => {
      onWriter();
      return new Promise<unknown>((done) => (release = done));
    })
    .catch(() => undefined);
  return (last) => {
    release(last.catch(() => undefined));
    stop.abort();
  };
}

/** Does something with a project that no window has open; false when one has. */
export async function whileClosed(project: Id, work: () => Promise<void>): Promise<boolean> {
  if (!navigator.locks) return work().then(() => true);
  return navigator.locks.request(lockOf(project), { ifAvailable: true }, async (lock) => {
    if (!lock) return false;
    await work();
    return true;
  });
}

/** Tells other windows that a project has been kept, and hears it from them. */
export function channel(project: Id, onKept: () => void): { tell: () => void; close: () => void } {
  const wire = new BroadcastChannel(lockOf(project));
  wire.onmessage = onKept;
  return { tell: () => wire.postMessage('kept'), close: () => wire.close() };
}
