import { strFromU8, strToU8, zip, type Zippable } from 'fflate';
import type { Id, Project } from '../model';
import { refusal, type Problem, type Refusal } from '../refusal';
import { readProject, writeProject } from '../schema';
import { bytesFault } from './fault';
import type { Export, Import } from './format';
import { isRefused, unpack } from './unpack';

/** The bytes of a project's assets, by id. */
export type AssetBytes = Map<Id, Uint8Array>;

/** `left` is what of it was left out and why, by name: bytes that are not what they say they are. */
export type Opened =
  { project: Project; assets: AssetBytes; left: { name: string; why: Refusal }[] } | { problems: Problem[] };

export const fileOut: Export<'project'> = {
  of: 'project',
  title: 'The project as a file',
  about: 'To keep, send or open again',
  done: 'Saved as a file.',
  write: async ({ project, assets }) => ({
    ...(await saveProject(project, assets)),
    media: 'application/octet-stream',
  }),
};

export const fileIn: Import<'project'> = {
  of: 'project',
  endings: ['.json', '.zip', '.tavu'],
  fits: () => true,
  read: openProject,
};

/** Limits on what a bundle may unpack to, in bytes and files. */
const LARGEST_BUNDLE = 200_000_000;
const MAX_FILES = 4000;

/** A file as it is saved: JSON by itself, or a zip of JSON and assets when there are any. */
export async function saveProject(
  project: Project,
  assets: AssetBytes,
): Promise<{ bytes: Uint8Array; ending: string }> {
  const json = strToU8(writeProject(project));
  if (project.assets.length === 0) return { bytes: json, ending: 'tavu.json' };
  const files: Zippable = { 'project.json': json };
  for (const asset of project.assets) {
    const bytes = assets.get(asset.id);
    if (bytes) files[assetPath(asset.id)] = bytes;
  }
  const bytes = await new Promise<Uint8Array>((done, failed) =>
    zip(files, { level: 6, mtime: '2026-01-01' }, (error, data) => (error ? failed(error) : done(data))),
  );
  return { bytes, ending: 'tavu.zip' };
}

const isWanted = (name: string): boolean => name === 'project.json' || name.startsWith('assets/');

const assetPath = (id: Id): string => `assets/${encodeURIComponent(id)}`;

/** Opens either form. Nothing is half read: it is a whole project or a list of what is wrong. */
export async function openProject(file: Uint8Array): Promise<Opened> {
  const zipped = file[0] === 0x50 && file[1] === 0x4b;
  if (!zipped) {
    const read = readProject(strFromU8(file));
    return 'project' in read ? { project: read.project, assets: new Map(), left: [] } : read;
  }
  const files = await unpack(file, isWanted, LARGEST_BUNDLE, MAX_FILES);
  if (isRefused(files)) return { problems: [{ ...files, place: 'the zip file' }] };
  const json = files['project.json'];
  if (!json) return { problems: [{ ...refusal('no project.json'), place: 'the zip file' }] };
  const read = readProject(strFromU8(json));
  if ('problems' in read) return read;
  const assets: AssetBytes = new Map();
  const left: { name: string; why: Refusal }[] = [];
  for (const asset of read.project.assets) {
    const bytes = files[assetPath(asset.id)];
    const fault = bytes && bytesFault(asset.media, bytes);
    if (fault) left.push({ name: asset.name, why: fault });
    else if (bytes) assets.set(asset.id, bytes);
  }
  return { project: read.project, assets, left };
}
