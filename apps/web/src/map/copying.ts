import { takeScreens } from '@tavu/core/edit';
import { base64 } from '@tavu/core/bytes';
import type { Id } from '@tavu/core/model';
import { writeProject } from '@tavu/core/schema';
import { files } from '../storage/files';
import { addBytes, chosenScreens, edit, NOTHING, say, useStudio } from '../studio/store';

/** The largest pictures and sounds that are copied along, in bytes. */
const LARGEST = 8_000_000;

/** The chosen screens as text for the clipboard: a small project of their own, with the pictures it shows. */
export function copiedScreens(): string | null {
  const { project, chosen, assets } = useStudio.getState();
  const ids = chosenScreens(chosen);
  if (ids.length === 0) return null;
  const taken = takeScreens(project, ids);
  const bytes: Record<Id, string> = {};
  let size = 0;
  for (const { id } of taken.assets) {
    const held = assets.get(id);
    size += held?.length ?? 0;
    if (held && size <= LARGEST) bytes[id] = base64(held);
  }
  say(
    `${ids.length === 1 ? 'One screen' : `${ids.length} screens`} copied. Paste here or in another project.`,
  );
  return writeProject({ ...taken, bytes } as typeof taken);
}

/** Puts copied screens in. What is no project at all is left alone; what is a broken one is told. */
export async function pasteScreens(text: string): Promise<void> {
  if (!text.trimStart().startsWith('{')) return;
  const read = await (await files()).readProject(text);
  if ('problems' in read) {
    const [first] = read.problems;
    return say(`What was copied cannot be pasted: ${first?.place}: ${first?.reason}`);
  }
  const from = read.project;
  if (from.screens.length === 0) return say('There is no screen in what was copied.');
  const bytes = (from as { bytes?: Record<Id, string> }).bytes ?? {};
  const known = new Set(useStudio.getState().project.assets.map((asset) => asset.id));
  const fresh = from.assets.filter((asset) => !known.has(asset.id) && typeof bytes[asset.id] === 'string');
  addBytes(
    new Map(fresh.map((asset) => [asset.id, { bytes: bytesOf(bytes[asset.id]!), media: asset.media }])),
  );
  edit('paste screens', { from }, { chosen: (made) => ({ ...NOTHING, screen: made ?? null }) });
  say(`${from.screens.length === 1 ? 'One screen' : `${from.screens.length} screens`} pasted.`);
}

/** RFC 4648 base64; what is none gives no bytes. */
function bytesOf(text: string): Uint8Array {
  try {
    return Uint8Array.from(atob(text), (sign) => sign.charCodeAt(0));
  } catch {
    return new Uint8Array();
  }
}
