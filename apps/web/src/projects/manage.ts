import type { AssetBytes } from '@tavu/core/exchange';
import { freeName, freshId, type Id, type Project } from '@tavu/core/model';
import {
  fetchPlayed,
  fetchProject,
  files,
  forgetProject,
  keepPlayed,
  keepProject,
  listProjects,
  whileClosed,
  type ProjectRow,
} from '../persistence';
import { previewOf, type Preview } from './preview';

/** What can be done with projects that are kept and not open. */

interface Whole {
  project: Project;
  assets: AssetBytes;
}

/** A kept project, checked; null where there is none or it cannot be read. */
async function readWhole(id: Id): Promise<(Whole & { bytes: number }) | null> {
  const kept = await fetchProject(id);
  if (!kept) return null;
  const read = await (await files()).readDocument(kept.document);
  if ('problems' in read) return null;
  let bytes = new Blob([JSON.stringify(kept.document)]).size;
  for (const asset of kept.assets.values()) bytes += asset.byteLength;
  return { project: read.project, assets: kept.assets, bytes };
}

/** Its title screen in small, and how many bytes it takes. */
export async function lookAt(id: Id): Promise<{ preview: Preview | null; bytes: number } | null> {
  const whole = await readWhole(id);
  return whole && { preview: previewOf(whole.project, whole.assets), bytes: whole.bytes };
}

/** A project of its own like another, under a name that is free. False where there is nothing to copy. */
export async function duplicate(id: Id): Promise<boolean> {
  const whole = await readWhole(id);
  if (!whole) return false;
  const taken = (await listProjects()).map(({ name }) => name);
  const name = freeName(whole.project.name, taken);
  await keepProject({ ...whole.project, name, id: freshId('p') }, { put: whole.assets, drop: [] });
  return true;
}

/** False where a window has it open, or where it cannot be read. */
export async function rename(id: Id, name: string): Promise<boolean> {
  let done = false;
  const closed = await whileClosed(id, async () => {
    const whole = await readWhole(id);
    if (!whole) return;
    await keepProject({ ...whole.project, name }, { put: new Map(), drop: [] });
    done = true;
  });
  return closed && done;
}

/** A project that was deleted, with all it takes to bring it back. */
export interface Deleted {
  row: ProjectRow;
  bringBack: () => Promise<void>;
}

/** Null where a window has it open. What cannot be read can be deleted and brought back as well. */
export async function remove(row: ProjectRow): Promise<Deleted | null> {
  let bringBack = (): Promise<void> => Promise.resolve();
  const closed = await whileClosed(row.id, async () => {
    // Read while no window can write it, so that nothing is older when it comes back.
    const [kept, played] = await Promise.all([
      fetchProject(row.id),
      fetchPlayed(row.id).catch(() => undefined),
    ]);
    await forgetProject(row.id);
    bringBack = async () => {
      if (!kept) return;
      // As it was written, whatever that was.
      await keepProject(kept.document as Project, { put: kept.assets, drop: [] });
      if (played !== undefined) await keepPlayed(row.id, played);
    };
  });
  return closed ? { row, bringBack } : null;
}
