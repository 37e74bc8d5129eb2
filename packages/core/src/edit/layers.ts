import {
  freshId,
  withId,
  type Asset,
  type Element,
  type FromLayer,
  type Id,
  type PictureLayer,
  type Project,
} from '../model';
import { frameIn, freeNameIn, ownerById, type Owner } from './owners';
import type { Made } from './parts';

/** Layers of a picture file as elements: put on a screen, and later brought up to date with the file. */

/** A layer, with its picture as an asset: part of the project where it is new or other than before; null for a group. */
export interface BroughtLayer extends PictureLayer {
  art: { asset: Asset; mark: string } | null;
}

export interface Brought {
  /** The screen or component they are put on; one that has layers of this file already goes before it. */
  screen: Id;
  /** The name of the file, by which its layers are known again. */
  file: string;
  width: number;
  height: number;
  /** What lies beneath comes first, and a group before what it holds. */
  layers: readonly BroughtLayer[];
}

export const layerCommands = {
  /**
   * What is new is put on; of what is there, only what has changed in the file since it was last brought in is changed. What
   * the file has no more stays. Gives the id of the owner they are on.
   */
  'bring layers': (project: Project, { screen, file, width, height, layers }: Brought): Made => {
    const owner = ownerWith(project, file) ?? ownerById(project, screen);
    if (!owner) return;
    const frame = frameIn(project, owner);
    const scale = isAlike(width / height, frame.width / frame.height) ? frame.width / width : 1;
    const known = new Map(
      owner.elements.flatMap((element) =>
        element.layer?.file === file ? [[element.layer.path, element] as const] : [],
      ),
    );
    for (const layer of layers) {
      const now = stateOf(layer, file, scale);
      const element = known.get(layer.path);
      if (element) update(project, element, layer, now, scale);
      else {
        const parent = layer.group === null ? null : (known.get(layer.group)?.id ?? null);
        const made = make(project, owner, layer, now, parent, { frame, scale });
        owner.elements.push(made);
        known.set(layer.path, made);
      }
    }
    return owner.id;
  },
};

const isAlike = (a: number, b: number): boolean => Math.abs(a / b - 1) < 0.01;

const ownerWith = (project: Project, file: string): Owner | undefined =>
  [...project.screens, ...(project.components ?? [])].find(({ elements }) =>
    elements.some(({ layer }) => layer?.file === file),
  );

/** How a layer is in its file, in design pixels. */
function stateOf(
  { path, x, y, opacity, hidden, blend, art }: BroughtLayer,
  file: string,
  scale: number,
): FromLayer {
  return {
    file,
    path,
    x: x * scale,
    y: y * scale,
    opacity,
    ...(hidden ? { hidden: true } : {}),
    ...(blend === 'normal' ? {} : { blend }),
    ...(art ? { mark: art.mark } : {}),
  };
}

function make(
  project: Project,
  owner: Owner,
  { name, art }: BroughtLayer,
  now: FromLayer,
  parent: Id | null,
  { frame, scale }: { frame: { width: number; height: number }; scale: number },
): Element {
  const { x, y, opacity, hidden, blend } = now;
  const base = {
    id: freshId('e'),
    name: freeNameIn(owner, name),
    parent,
    ...(opacity < 1 ? { opacity } : {}),
    ...(blend ? { blend } : {}),
    ...(hidden ? { shownWhen: 'false' } : {}),
    layer: now,
  };
  if (!art)
    return {
      ...base,
      type: 'panel',
      // A group is as large as all of it, so that what it holds is placed as in the file.
      place: {
        x: { at: 'start', offset: 0, size: frame.width },
        y: { at: 'start', offset: 0, size: frame.height },
      },
      box: { style: 'b-panel', fill: '#00000000', border: '#00000000', borderWidth: 0, picture: 'none' },
    };
  project.assets.push(art.asset);
  return {
    ...base,
    type: 'picture',
    place: {
      x: { at: 'start', offset: x, size: art.asset.width * scale },
      y: { at: 'start', offset: y, size: art.asset.height * scale },
    },
    asset: art.asset.id,
    fit: 'stretch',
  };
}

/** What is otherwise in the file than it was: only that is changed here. */
function update(
  project: Project,
  element: Element,
  { art }: BroughtLayer,
  now: FromLayer,
  scale: number,
): void {
  const was = element.layer!;
  for (const axis of ['x', 'y'] as const) {
    const place = element.place[axis];
    const by = now[axis] - was[axis];
    // Moved by as much as in the file, from wherever it has been put since.
    if (by !== 0 && element.type !== 'panel' && typeof place.offset === 'number')
      place.offset += place.at === 'end' ? -by : by;
  }
  if (now.opacity !== was.opacity) put(element, 'opacity', now.opacity < 1 ? now.opacity : undefined);
  if (now.blend !== was.blend) put(element, 'blend', now.blend);
  if (now.hidden !== was.hidden) put(element, 'shownWhen', now.hidden ? 'false' : undefined);
  if (art && now.mark !== was.mark && element.type === 'picture') {
    const old = withId(project.assets, element.asset ?? undefined);
    project.assets.push(old ? { ...art.asset, name: old.name } : art.asset);
    element.asset = art.asset.id;
    const sizes = { x: [old?.width, art.asset.width], y: [old?.height, art.asset.height] } as const;
    for (const axis of ['x', 'y'] as const) {
      const place = element.place[axis];
      const [before, after] = sizes[axis];
      // A size that somebody has set is kept.
      if ('size' in place && before !== undefined && place.size === before * scale)
        place.size = after * scale;
    }
  }
  element.layer = now;
}

function put<K extends 'opacity' | 'blend' | 'shownWhen'>(element: Element, key: K, value: Element[K]): void {
  if (value === undefined) delete element[key];
  else element[key] = value;
}
