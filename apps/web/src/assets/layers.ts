import type { BroughtLayer } from '@tavu/core/edit';
import { drawingOf, markOf, mediaOf, type Drawing, type Layer, type Layers } from '@tavu/core/exchange';
import { freeName, freshId, type Asset, type Element, type Id, type Project } from '@tavu/core/model';
import { refusal } from '@tavu/core/refusal';
import { patiently, Stopped } from '../persistence';
import { addBytes, choose, edit, notify, useStudio } from '../store';
import type { Refused } from './bring';
import { seenOf } from './seen';

/** The largest layered file, in bytes. */
const LARGEST = 80_000_000;

export const isLayeredFile = ({ name }: File): boolean => /\.ora$/i.test(name);

/**
 * Puts the layers of a picture file on a screen, each as an element; those it has from the same file already are brought up
 * to date. All of it is one step. Gives why it is refused, or null.
 */
export async function bringLayers(file: File, screen: Id | null): Promise<Refused | null> {
  const refuse = (why: Refused['why']): Refused => ({ name: file.name, why });
  if (screen === null) return refuse(refusal('layers on no screen'));
  if (file.size > LARGEST) return refuse(refusal('too many bytes', { max: LARGEST }));
  let read: Layers | Refused['why'];
  try {
    const bytes = new Uint8Array(await file.arrayBuffer());
    read = await patiently(`Reading the layers of ${file.name}`, (worker) => worker.readLayers(bytes));
  } catch (error) {
    return refuse(error instanceof Stopped ? refusal('stopped') : refusal('unread'));
  }
  if ('code' in read) return refuse(read);
  putLayers(file.name, screen, read);
  return null;
}

/**
 * Puts the groups at the top of a drawing of the project on a screen, each as an element as large as what it shows; those it has
 * from it already are brought up to date. Gives why it is refused, or null.
 */
export async function bringGroups(asset: Asset, screen: Id | null): Promise<Refused | null> {
  const refuse = (why: Refused['why']): Refused => ({ name: asset.name, why });
  const held = useStudio.getState().assets.get(asset.id);
  if (screen === null) return refuse(refusal('layers on no screen'));
  if (!held) return refuse(refusal('unread'));
  const size = { width: asset.width, height: asset.height };
  try {
    const text = new TextDecoder().decode(held);
    const read = await patiently(`Reading the groups of ${asset.name}`, (worker) =>
      worker.readGroups(text, size),
    );
    if ('code' in read) return refuse(read);
    putLayers(asset.name, screen, { ...size, layers: await layersOf(read, size), unblended: [] });
    return null;
  } catch (error) {
    return refuse(error instanceof Stopped ? refusal('stopped') : refusal('unread'));
  }
}

/** The groups of a drawing as layers, each cut to what is seen of it; those that show nothing are left out. */
async function layersOf(drawing: Drawing, size: { width: number; height: number }): Promise<Layer[]> {
  const layers: Layer[] = [];
  const names: string[] = [];
  for (const group of drawing.groups) {
    const seen = await seenOf(drawingOf(drawing, group, size), size);
    if (!seen) continue;
    const bytes = new TextEncoder().encode(drawingOf(drawing, group, size, seen));
    const name = freeName(group.name, names);
    names.push(name);
    const { opacity, hidden, blend } = group;
    layers.push({
      ...{ name: group.name, path: name, group: null, x: seen.x, y: seen.y, opacity, hidden, blend },
      art: { width: seen.width, height: seen.height, bytes, mark: markOf(bytes) },
    });
  }
  return layers;
}

/** Puts layers on a screen, or brings those of the file up to date. All of it is one step. */
function putLayers(file: string, screen: Id, read: Layers): void {
  const before = useStudio.getState().project;
  const there = new Map(
    elementsOf(before).flatMap((element) =>
      element.layer?.file === file ? [[element.layer.path, element] as const] : [],
    ),
  );
  const bytes = new Map<Id, Uint8Array>();
  const layers = read.layers.map(({ art, ...layer }): BroughtLayer => {
    if (!art) return { ...layer, art };
    const id = freshId('i');
    if (there.get(layer.path)?.layer?.mark !== art.mark) bytes.set(id, art.bytes);
    const asset = {
      id,
      name: layer.name,
      media: mediaOf(art.bytes)?.media ?? 'image/png',
      width: art.width,
      height: art.height,
    };
    return { ...layer, art: { mark: art.mark, asset: { ...asset, bytes: art.bytes.length } } };
  });
  addBytes(bytes);
  const { width, height } = read;
  const on = edit('bring layers', { screen, file, width, height, layers });
  if (on) choose({ screen: on });
  tell(file, read, there, useStudio.getState().project);
}

const elementsOf = ({ screens, components = [] }: Project): Element[] =>
  [...screens, ...components].flatMap(({ elements }) => elements);

/** What has come of it, and what stays as it is. */
function tell(
  file: string,
  { layers, unblended }: Layers,
  there: ReadonlyMap<string, Element>,
  now: Project,
): void {
  const after = new Map(elementsOf(now).map((element) => [element.id, element]));
  const paths = new Set(layers.map(({ path }) => path));
  const made = layers.filter(({ path }) => !there.has(path)).length;
  const changed = [...there.values()].filter((element) => {
    const { layer: _, ...was } = element;
    const { layer: __, ...is } = after.get(element.id) ?? element;
    return JSON.stringify(was) !== JSON.stringify(is);
  }).length;
  const gone = [...there].filter(([path]) => !paths.has(path)).map(([, { name }]) => name);
  const said = [
    made > 0 ? `${made === 1 ? 'one layer' : `${made} layers`} put on` : '',
    changed > 0 ? `${changed} brought up to date` : '',
    gone.length > 0 ? `${gone.join(', ')} no longer in it, and left as it is` : '',
    unblended.length > 0
      ? `${unblended.join(', ')} blended in a way not known here, and laid over as usual`
      : '',
  ].filter(Boolean);
  notify(`${file}: ${said.join('; ') || 'as it was; nothing has changed'}.`);
}
