import { freeName, freshId, type Id, type Project } from '@tavu/core/model';
import type { AssetBytes } from '@tavu/core/exchange';
import { largeProject } from '@tavu/core/starter';
import { refusal, type Problem } from '@tavu/core/refusal';
import { readKept } from '@tavu/core/run';
import {
  builtDemo,
  fetchPlayed,
  fetchProject,
  keepProject,
  listProjects,
  storageFault,
  patiently,
  Stopped,
} from '../persistence';
import { openInStudio, notify } from '../store';
import { offerFirstNotes } from '../ui';

/** Opens what was made or read as a project of its own, so that nothing kept before is written over. */
export async function openAsNew({
  project,
  assets,
}: {
  project: Project;
  assets: AssetBytes;
}): Promise<void> {
  const known = await listProjects().catch(() => []);
  const same = known.some((row) => row.id === project.id);
  const name = freeName(
    project.name,
    known.map((row) => row.name),
  );
  const fresh = { ...project, name, id: same ? freshId('p') : project.id };
  await keep(fresh, assets);
  openInStudio(fresh, assets);
}

async function keep(project: Project, assets: AssetBytes): Promise<void> {
  try {
    await keepProject(project, { put: assets, drop: [] });
  } catch (error) {
    notify(`It is not saved: ${storageFault(error)} Save a file before you leave.`);
  }
}

const STORAGE = 'the browser’s storage';

/** Opens a kept project, played or still; gives what is wrong with it if it cannot be read. */
export async function openKept(id: Id, plays = true): Promise<Problem[] | null> {
  const kept = await fetchProject(id);
  if (!kept) return [{ ...refusal('gone'), place: STORAGE }];
  try {
    const read = await patiently('Reading the project', (worker) => worker.readDocument(kept.document));
    if ('problems' in read) return read.problems;
    openInStudio(read.project, kept.assets, readKept(await fetchPlayed(id).catch(() => null)), plays);
    return null;
  } catch (error) {
    if (!(error instanceof Stopped)) throw error;
    return [{ ...refusal('stopped'), place: STORAGE }];
  }
}

export async function openDemoProject(): Promise<void> {
  await openAsNew(await builtDemo());
}

/** What was open last, else the demo. */
export async function openFirst(): Promise<void> {
  const [last] = await listProjects().catch(() => []);
  offerFirstNotes(!last);
  const problems = last ? await openKept(last.id).catch(() => []) : [];
  if (last && problems === null) return;
  if (last && problems) notify(`“${last.name}” could not be read; here is the demo.`);
  await openDemoProject();
}

/** A flow of three hundred screens, made up by rule. */
export async function openLarge(): Promise<void> {
  await openAsNew({ project: largeProject(300), assets: new Map() });
}
