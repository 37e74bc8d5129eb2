import { strFromU8, type Unzipped } from 'fflate';
import { SaxesParser } from 'saxes';
import { LONGEST_NAME, type Blend, type PictureLayer } from '../model';
import { refusal, type Refusal } from '../refusal';
import { bytesFault } from './fault';
import { isRefused, unpack } from './unpack';

/** Layered pictures in OpenRaster 0.0.6 (freedesktop.org): a zip file of a stack of layers and their pictures. */

export interface Layer extends PictureLayer {
  /** What it shows; null for a group. */
  art: { width: number; height: number; bytes: Uint8Array; mark: string } | null;
}

/** A layered picture as it was read. */
export interface Layers {
  width: number;
  height: number;
  /** As they are drawn: what lies beneath comes first, and a group before what it holds. */
  layers: Layer[];
  /** Names of layers whose way of lying over others is none that is known here; they lie over them as usual. */
  unblended: string[];
}

const LARGEST_LAYERS = 200_000_000;
const MAX_FILES = 2000;
const MAX_LAYERS = 500;
const WIDEST = 8192;

/** Composite operations of the W3C's Compositing and Blending, as OpenRaster names them. */
const BLENDS: Readonly<Record<string, Blend>> = {
  'svg:src-over': 'normal',
  'svg:multiply': 'multiply',
  'svg:screen': 'screen',
  'svg:overlay': 'overlay',
  'svg:darken': 'darken',
  'svg:lighten': 'lighten',
  'svg:difference': 'difference',
};

/** Whether bytes are such a file: the first thing in it, not packed, says so. */
export const isLayered = (bytes: Uint8Array): boolean =>
  bytes[0] === 0x50 && strFromU8(bytes.subarray(30, 54)) === 'mimetypeimage/openraster';

const isWanted = (name: string): boolean =>
  name === 'stack.xml' || (name.endsWith('.png') && !/^(mergedimage|Thumbnails)/.test(name));

/** Reads a layered picture. Nothing is half read: it is all of its layers, or what is wrong. */
export async function readLayers(file: Uint8Array): Promise<Layers | Refusal> {
  const files = await unpack(file, isWanted, LARGEST_LAYERS, MAX_FILES);
  if (isRefused(files)) return files;
  const stack = files['stack.xml'];
  if (!stack) return refusal('no stack.xml');
  try {
    return readStack(strFromU8(stack), files);
  } catch (error) {
    if (error instanceof Refused) return error.why;
    return refusal('damaged stack');
  }
}

class Refused extends Error {
  constructor(readonly why: Refusal) {
    super(why.code);
  }
}

interface Open {
  path: string | null;
  x: number;
  y: number;
  /** How often each name has been met in it. */
  names: Map<string, number>;
  /** Its layers, the topmost first as the file has them. */
  holds: Layer[][];
}

function readStack(text: string, files: Unzipped): Layers | Refusal {
  const parser = new SaxesParser();
  const open: Open[] = [];
  const unblended: string[] = [];
  let size: { width: number; height: number } | null = null;
  let layers: Layer[] = [];
  let count = 0;
  const groups: Layer[] = [];
  const read = (attributes: Record<string, string>, src: string | undefined): Layer => {
    const around = open.at(-1)!;
    if (++count > MAX_LAYERS) throw new Refused(refusal('too many layers', { max: MAX_LAYERS }));
    const name = (attributes.name?.trim() || 'Layer').slice(0, LONGEST_NAME);
    const met = (around.names.get(name) ?? 0) + 1;
    around.names.set(name, met);
    const own = met > 1 ? `${name} ${met}` : name;
    const operation = attributes['composite-op'] ?? 'svg:src-over';
    if (!Object.hasOwn(BLENDS, operation)) unblended.push(name);
    return {
      name,
      path: around.path === null ? own : `${around.path}/${own}`,
      group: around.path,
      x: around.x + numberOf(attributes.x, 0),
      y: around.y + numberOf(attributes.y, 0),
      opacity: Math.min(1, Math.max(0, numberOf(attributes.opacity, 1))),
      hidden: attributes.visibility === 'hidden',
      blend: Object.hasOwn(BLENDS, operation) ? BLENDS[operation]! : 'normal',
      art: src === undefined ? null : artOf(src, files),
    };
  };
  parser.on('doctype', () => {
    throw new Refused(refusal('damaged stack'));
  });
  parser.on('opentag', ({ name, attributes }) => {
    if (name === 'image') {
      size = { width: numberOf(attributes.w, 0), height: numberOf(attributes.h, 0) };
    } else if (name === 'stack' && open.length === 0) {
      const { x, y } = { x: numberOf(attributes.x, 0), y: numberOf(attributes.y, 0) };
      open.push({ path: null, x, y, names: new Map(), holds: [] });
    } else if (name === 'stack') {
      const group = read(attributes, undefined);
      groups.push(group);
      open.push({ path: group.path, x: group.x, y: group.y, names: new Map(), holds: [] });
    } else if (name === 'layer' && open.length > 0) {
      open.at(-1)!.holds.push([read(attributes, attributes.src ?? '')]);
    }
  });
  parser.on('closetag', ({ name }) => {
    if (name !== 'stack') return;
    // The file has the topmost first; here what lies beneath comes first.
    const drawn = open.pop()!.holds.reverse().flat();
    const around = open.at(-1);
    if (around) around.holds.push([groups.pop()!, ...drawn]);
    else layers = drawn;
  });
  parser.on('error', (error) => {
    throw error;
  });
  parser.write(text).close();
  return size === null
    ? refusal('damaged stack')
    : { ...(size as { width: number; height: number }), layers, unblended };
}

function numberOf(text: string | undefined, usual: number): number {
  const number = Number.parseFloat(text ?? '');
  return Number.isFinite(number) && Math.abs(number) <= 1_000_000 ? number : usual;
}

function artOf(src: string, files: Unzipped): NonNullable<Layer['art']> {
  if (src.startsWith('/') || src.includes('\\') || src.split('/').includes('..') || /^[a-z]+:/i.test(src))
    throw new Refused(refusal('path outside', { path: src }));
  const bytes = Object.hasOwn(files, src) ? files[src] : undefined;
  if (!bytes) throw new Refused(refusal('layer without picture', { path: src }));
  const fault = bytesFault('image/png', bytes);
  if (fault) throw new Refused(fault);
  // The first chunk of a PNG says how large it is (PNG, third edition, 11.2.1).
  const view = new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength);
  const [width, height] = [view.getUint32(16), view.getUint32(20)];
  if (width > WIDEST || height > WIDEST)
    throw new Refused(refusal('too wide', { width, height, max: WIDEST }));
  return { width, height, bytes, mark: markOf(bytes) };
}

/** A short mark that no other picture is likely to have (FNV-1a, with its length). */
export function markOf(bytes: Uint8Array): string {
  let hash = 0x811c9dc5;
  for (const byte of bytes) hash = Math.imul(hash ^ byte, 0x01000193) >>> 0;
  return `${bytes.length}-${hash.toString(16)}`;
}
