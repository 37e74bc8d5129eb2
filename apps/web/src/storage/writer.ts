import type { Id } from '@tavu/core/model';

/**
 * One window writes a project; the others follow it. Holding the lock is being the writer, and a window that waits
 * becomes the writer when the other closes.
 */
export function claim(project: Id, onWriter: () => void): () => void {
  if (!navigator.locks) {
    onWriter();
    return () => undefined;
  }
  const stop = new AbortController();
  let release: () => void = () => undefined;
  navigator.locks
    .request(`tavu ${project}`, { signal: stop.signal }, () => {
      onWriter();
      return new Promise<void>((done) => (release = done));
    })
    .catch(() => undefined);
  return () => {
    release();
    stop.abort();
  };
}

/** Tells other windows that a project has been kept, and hears it from them. */
export function channel(project: Id, onKept: () => void): { tell: () => void; close: () => void } {
  const wire = new BroadcastChannel(`tavu ${project}`);
  wire.onmessage = onKept;
  return { tell: () => wire.postMessage('kept'), close: () => wire.close() };
}
