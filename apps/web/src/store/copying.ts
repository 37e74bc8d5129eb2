import { problemWords, refusalWords } from '@tavu/core/refusal';
import { takeScreens } from '@tavu/core/edit';
import { base64 } from '@tavu/core/bytes';
import type { Id, Project } from '@tavu/core/model';
import { writeProject } from '@tavu/core/schema';
import { patiently, Stopped } from '../persistence';
import { addBytes, chosenScreens, edit, NOTHING, notify, useStudio } from './store';

/** The largest pictures and sounds that are copied along, in bytes. */
const LARGEST = 8_000_000;

/** The chosen screens as text for the clipboard: a small project of their own, with the pictures it shows. */
export function copiedScreens(): string | null {
  const { project, chosen } = useStudio.getState();
  const ids = chosenScreens(chosen);
  if (ids.length === 0) return null;
  const taken = takeScreens(project, ids);
  notify(
    `${ids.length === 1 ? 'One screen' : `${ids.length} screens`} copied. Paste here or in another project.`,
  );
  return writeProject(withBytes(taken));
}

/** A copied part of the project with the pictures and sounds it uses, as far as they are not too large. */
export function withBytes(taken: Project): Project {
  const { assets } = useStudio.getState();
  const bytes: Record<Id, string> = {};
  let size = 0;
  for (const { id } of taken.assets) {
    const held = assets.get(id);
    size += held?.length ?? 0;
    if (held && size <= LARGEST) bytes[id] = base64(held);
  }
  return { ...taken, bytes } as Project;
}

/** Puts copied screens in. What is no project at all is left alone; what is a broken one is told. */
export async function pasteScreens(text: string): Promise<void> {
  if (!text.trimStart().startsWith('{')) return;
  const from = await readCopied(text);
  if (!from) return;
  if (from.screens.length === 0) return notify('There is no screen in what was copied.');
  edit('paste screens', { from }, { chosen: (made) => ({ ...NOTHING, screen: made ?? null }) });
  notify(`${from.screens.length === 1 ? 'One screen' : `${from.screens.length} screens`} pasted.`);
}

/** A copied part of a project, checked like any file; its pictures and sounds are kept from here on. */
export async function readCopied(text: string): Promise<Project | null> {
  try {
    return await checked(text);
  } catch (error) {
    notify(
      error instanceof Stopped ? 'Pasting was stopped.' : 'What was copied could not be read to its end.',
    );
    return null;
  }
}

async function checked(text: string): Promise<Project | null> {
  const words = 'Reading what was copied';
  const read = await patiently(words, (worker) => worker.readProject(text));
  if ('problems' in read) {
    const [first] = read.problems;
    notify(`What was copied cannot be pasted: ${first ? problemWords(first) : ''}`);
    return null;
  }
  const from = read.project;
  const given = (from as { bytes?: unknown }).bytes;
  const bytes = (typeof given === 'object' && given !== null ? given : {}) as Record<Id, unknown>;
  const known = new Set(useStudio.getState().project.assets.map((asset) => asset.id));
  const fresh = new Map<Id, Uint8Array>();
  const left: string[] = [];
  for (const { id, name, media } of from.assets) {
    const held = bytes[id];
    if (known.has(id) || typeof held !== 'string') continue;
    const found = bytesOf(held);
    const fault = await patiently(words, (worker) => worker.bytesFault(media, found));
    if (fault) left.push(`${name}: ${refusalWords(fault)}`);
    else fresh.set(id, found);
  }
  addBytes(fresh);
  if (left.length > 0) notify(`Left out: ${left.join(' ')}`);
  return from;
}

/** RFC 4648 base64; what is none gives no bytes. */
function bytesOf(text: string): Uint8Array {
  try {
    return Uint8Array.from(atob(text), (sign) => sign.charCodeAt(0));
  } catch {
    return new Uint8Array();
  }
}
