import type { Opened } from '@tavu/core/exchange';
import type { Project } from '@tavu/core/model';
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
      // A worker that is busy hears nothing; another takes its place.
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
    return { problems: [{ place: file.name, reason: 'It is larger than 100 MB.' }] };
  const bytes = new Uint8Array(await file.arrayBuffer());
  try {
    return await patiently(`Reading ${file.name}`, (worker) => worker.openProject(bytes));
  } catch (error) {
    const stopped = error instanceof Stopped;
    const reason = stopped ? 'It was stopped before all of it was read.' : 'It could not be read to its end.';
    return { problems: [{ place: file.name, reason }] };
  }
}

export async function download(name: string, bytes: BlobPart, media: string): Promise<void> {
  const url = URL.createObjectURL(new Blob([bytes], { type: media }));
  const link = document.createElement('a');
  link.href = url;
  link.download = name;
  link.click();
  // The browser takes the address before this runs out.
  setTimeout(() => URL.revokeObjectURL(url), 60_000);
}

export const fileName = (project: Project): string =>
  project.name
    .toLowerCase()
    .replace(/[^\p{L}\p{N}]+/gu, '-')
    .replace(/^-+|-+$/g, '') || 'project';

const FACES = ['plain', 'plain-bold', 'display'];
export const fontAddress = (face: string): string => `/built/fonts/${face}.woff2`;
export const fontAddresses = (): Record<string, string> =>
  Object.fromEntries(FACES.map((face) => [face, fontAddress(face)]));

const bytesOf = async (address: string): Promise<Uint8Array> => {
  const answer = await fetch(address);
  if (!answer.ok) throw new Error(`${address} could not be read (${answer.status}).`);
  return new Uint8Array(await answer.arrayBuffer());
};

export async function openDemo(): Promise<Opened> {
  return (await files()).openProject(await bytesOf('/built/saltwick-light.tavu.zip'));
}

export async function saveFile(project: Project, assets: Map<string, Uint8Array>): Promise<void> {
  const { bytes, ending } = await patiently('Writing the file', (worker) =>
    worker.saveProject(project, assets),
  );
  await download(`${fileName(project)}.${ending}`, bytes as BlobPart, 'application/octet-stream');
}

/** One HTML file that plays by itself. */
export async function savePage(project: Project, assets: Map<string, Uint8Array>): Promise<void> {
  const [player, ...fonts] = await Promise.all(['/built/player.js', ...FACES.map(fontAddress)].map(bytesOf));
  const page = await patiently('Writing the page', (worker) =>
    worker.playablePage(project, assets, {
      player: new TextDecoder().decode(player),
      fonts: Object.fromEntries(FACES.map((face, i) => [face, fonts[i]!])),
    }),
  );
  await download(`${fileName(project)}.html`, page, 'text/html');
}
