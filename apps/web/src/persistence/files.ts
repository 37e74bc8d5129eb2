import { refusal } from '@tavu/core/refusal';
import type { Exported, Imported, Opened } from '@tavu/core/exchange';
import { wrap, type Remote } from 'comlink';
import { create } from 'zustand';
import type { Files } from './files.worker';
import { READY } from './ready';

let started: Promise<{ worker: Remote<Files>; end: () => void }> | null = null;

/** The worker that reads and writes files. It is started when it is first needed, and again if it could not start. */
export async function files(): Promise<Remote<Files>> {
  started ??= start();
  try {
    return (await started).worker;
  } catch (error) {
    started = null;
    throw error;
  }
}

function start(): Promise<{ worker: Remote<Files>; end: () => void }> {
  const worker = new Worker(new URL('./files.worker.ts', import.meta.url), { type: 'module' });
  return new Promise((done, failed) => {
    const hear = (event: MessageEvent): void => {
      if (event.data !== READY) return;
      worker.removeEventListener('message', hear);
      done({ worker: wrap<Files>(worker), end: () => worker.terminate() });
    };
    worker.addEventListener('message', hear);
    worker.addEventListener('error', () =>
      failed(new Error('The part that reads files could not be started.')),
    );
  });
}

/** What the person waits for, once that has taken half a second. */
export interface Busy {
  words: string;
  /** Milliseconds since 1970. */
  since: number;
  stop: () => void;
}
export const useBusy = create<{ busy: Busy | null }>(() => ({ busy: null }));
const PATIENCE = 500;

/** What was waited for has been stopped by the person. */
export class Stopped extends Error {}

/** Has the worker do something, and offers to stop that when it takes long. Rejects with `Stopped` then. */
export async function patiently<T>(words: string, work: (worker: Remote<Files>) => T): Promise<Awaited<T>> {
  const since = Date.now();
  const worker = await files();
  const mine = started;
  let busy: Busy | null = null;
  return new Promise<Awaited<T>>((done, failed) => {
    const stop = (): void => {
      // A busy worker receives no messages, so it is replaced by another.
      void mine?.then(({ end }) => end());
      if (started === mine) started = null;
      failed(new Stopped());
    };
    const timer = setTimeout(() => {
      busy = { words, since, stop };
      useBusy.setState({ busy });
    }, PATIENCE);
    Promise.resolve(work(worker))
      .then(done, failed)
      .finally(() => clearTimeout(timer));
  }).finally(() => {
    if (busy && useBusy.getState().busy === busy) useBusy.setState({ busy: null });
  });
}

const LARGEST_FILE = 100_000_000;

export async function openFile(file: File): Promise<Opened> {
  if (file.size > LARGEST_FILE)
    return { problems: [{ ...refusal('too many bytes', { max: LARGEST_FILE }), place: file.name }] };
  try {
    return await readFile('project', file);
  } catch (error) {
    const why = refusal(error instanceof Stopped ? 'stopped' : 'unread');
    return { problems: [{ ...why, place: file.name }] };
  }
}

async function download(name: string, bytes: BlobPart, media: string): Promise<void> {
  const url = URL.createObjectURL(new Blob([bytes], { type: media }));
  const link = document.createElement('a');
  link.href = url;
  link.download = name;
  link.click();
  // The browser takes the address before this runs out.
  setTimeout(() => URL.revokeObjectURL(url), 60_000);
}

/** A name as one of files: small letters and hyphens. */
const fileName = (name: string): string =>
  name
    .toLowerCase()
    .replace(/[^\p{L}\p{N}]+/gu, '-')
    .replace(/^-+|-+$/g, '') || 'project';

/** Writes something in one of the formats there are, and hands it to the person as a file. Gives what is said then. */
export async function saveAs<Of extends keyof Exported>(
  format: string,
  of: Of,
  given: Exported[Of],
  name: string,
): Promise<string> {
  const { bytes, ending, media, done } = await patiently('Writing the file', (worker) =>
    worker.writeAs(format, of, given),
  );
  await download(`${fileName(name)}.${ending}`, bytes as BlobPart, media);
  return done;
}

/** Reads something from a file in whichever format it is. Rejects with `Stopped` when the person stopped it. */
export async function readFile<Of extends keyof Imported>(of: Of, file: File): Promise<Imported[Of]> {
  const bytes = new Uint8Array(await file.arrayBuffer());
  return patiently(
    `Reading ${file.name}`,
    async (worker) => (await worker.readAs(of, bytes)) as Imported[Of],
  );
}
