import { type Refusal, refusal, refusalWords } from '@tavu/core/refusal';
import { mediaOf, type Media, type Sort } from '@tavu/core/exchange';
import { freshId, LONGEST_NAME, type Asset, type Id, isPicture, isSound, type Plays } from '@tavu/core/model';
import { numberedPictures } from '@tavu/core/sheet';
import { kitMatches, type KitMatch } from '@tavu/core/style';
import { putPicture, addBytes, choose, edit, notify, useStudio } from '../store';
import { patiently, Stopped } from '../persistence';
import { bringLayers, isLayeredFile } from './layers';
import { solidIn } from './solid';

/** Files become assets of the project: each is looked at by itself, and what is refused stops none of the others. */

const LARGEST: Record<Sort, number> = { picture: 20_000_000, font: 8_000_000, sound: 10_000_000 };
/** What pictures that are frames do at first: round and round from when their screen opens. */
export const FRESH_PLAYS: Plays = { rate: 12, on: 'arrival', repeat: 'loop' };

/** Pixels on a side. */
const WIDEST = 8192;

export interface Refused {
  name: string;
  why: Refusal;
}
interface Brought {
  asset: Asset;
  bytes: Uint8Array;
}

/** What has to be decided about files that come in. */
export interface Kit {
  /** Files that go by the name of an asset of their sort. */
  newer: (Brought & { old: Asset })[];
  /** What those that have come in are for, by their names. */
  matches: KitMatch[];
}

const namesake = (assets: readonly Asset[], { name, media }: Asset): Asset | undefined =>
  assets.find((other) => other.name === name && sortOf(other.media) === sortOf(media));
const sortOf = (media: string): string => media.split('/')[0]!;

/** Looks at one file: an asset with its bytes, or why it is refused. */
async function look(file: File): Promise<Brought | Refused> {
  const refuse = (why: Refusal): Refused => ({ name: file.name, why });
  if (file.size === 0) return refuse(refusal('empty'));
  const max = Math.max(...Object.values(LARGEST));
  if (file.size > max) return refuse(refusal('too many bytes', { max }));
  const bytes = new Uint8Array(await file.arrayBuffer());
  const kind = mediaOf(bytes);
  if (!kind) return refuse(refusal('unknown media'));
  if (file.size > LARGEST[kind.sort]) return refuse(refusal('too many bytes', { max: LARGEST[kind.sort] }));
  const name = file.name.replace(/\.[^.]*$/, '').slice(0, LONGEST_NAME) || 'Asset';
  const asset: Asset = {
    id: freshId('i'),
    name,
    media: kind.media,
    width: 0,
    height: 0,
    bytes: bytes.length,
  };
  try {
    const words = `Looking at ${file.name}`;
    const fault = await patiently(words, (worker) => worker.bytesFault(kind.media, bytes));
    if (fault) return refuse(fault);
    if (kind.media === 'font/woff2') return refuse(refusal('WOFF2'));
    const found = await measure(kind, bytes, words);
    return 'code' in found ? refuse(found) : { asset: { ...asset, ...found }, bytes };
  } catch (error) {
    return refuse(error instanceof Stopped ? refusal('stopped') : refusal('damaged', { what: null }));
  }
}

/** What the browser reads from the bytes: a size, or a font's metrics; or why it cannot. */
async function measure(
  { sort, media }: Media,
  bytes: Uint8Array,
  words: string,
): Promise<Partial<Asset> | Refusal> {
  if (sort === 'sound') return (await canPlay(bytes)) ? {} : refusal('damaged', { what: 'sound' });
  if (sort === 'font')
    return patiently(words, (worker) => worker.readFont(bytes)).then(
      (face) => ({ face }),
      (error: unknown) =>
        error instanceof Stopped ? refusal('stopped') : refusal('damaged', { what: 'font' }),
    );
  const size = await sizeOf(new Blob([bytes as BlobPart], { type: media }));
  if (!size) return refusal('damaged', { what: 'picture' });
  return size.width > WIDEST || size.height > WIDEST
    ? refusal('too wide', { width: size.width, height: size.height, max: WIDEST })
    : size;
}

/** Whether the browser can turn it into sound. */
async function canPlay(bytes: Uint8Array): Promise<boolean> {
  try {
    await new OfflineAudioContext(1, 1, 44_100).decodeAudioData(bytes.slice().buffer as ArrayBuffer);
    return true;
  } catch {
    return false;
  }
}

/** The natural size of a picture, once it has been decoded, and where it is not clear. */
async function sizeOf(blob: Blob): Promise<{ width: number; height: number; solid?: string[] } | null> {
  const address = URL.createObjectURL(blob);
  try {
    const image = new Image();
    image.src = address;
    await image.decode();
    const size = { width: image.naturalWidth || 300, height: image.naturalHeight || 150 };
    const solid = size.width > WIDEST || size.height > WIDEST ? undefined : solidIn(image);
    return { ...size, ...(solid ? { solid } : {}) };
  } catch {
    return null;
  } finally {
    URL.revokeObjectURL(address);
  }
}

/**
 * Brings files in, all as one step; pictures also onto a screen when one is given, one over the other in its middle.
 * `ask` is told of files that go by the name of something there, which are not brought in yet, and of pictures that are for
 * something by their names. Returns what was refused.
 */
export async function bringFiles(
  list: readonly File[],
  screen: Id | null = null,
  ask?: (kit: Kit) => void,
): Promise<Refused[]> {
  if (useStudio.getState().saving.state === 'following') {
    notify('This project is open in another window. Change it there, or close that window.');
    return [];
  }
  const layered = list.filter(isLayeredFile);
  const unread: Refused[] = [];
  for (const file of layered) {
    const refused = await bringLayers(file, screen ?? useStudio.getState().chosen.screen);
    if (refused) unread.push(refused);
  }
  if (layered.length === list.length) {
    if (unread.length > 0) tell(0, unread, 0);
    return unread;
  }
  const looked = await Promise.all(list.filter((file) => !isLayeredFile(file)).map(look));
  const all = looked.filter((item): item is Brought => 'asset' in item);
  const known = useStudio.getState().project.assets;
  const newer = ask ? all.filter(({ asset }) => namesake(known, asset)) : [];
  const brought = all.filter((item) => !newer.includes(item));
  const refused = [...unread, ...looked.filter((item): item is Refused => 'why' in item)];
  let playing = 0;
  if (brought.length > 0) {
    const assets = withFiner(brought.map((item) => item.asset));
    addBytes(new Map(brought.map(({ asset, bytes }) => [asset.id, bytes])));
    const key = `bring ${assets[0]!.id}`;
    edit('add assets', { assets }, { key });
    if (screen) playing = placePictures(screen, assets, key);
  }
  const pictures = brought.map(({ asset }) => asset);
  const matches = ask ? kitMatches(useStudio.getState().project, pictures) : [];
  if (newer.length + matches.length > 0)
    ask!({ newer: newer.map((item) => ({ ...item, old: namesake(known, item.asset)! })), matches });
  if (newer.length === 0 || brought.length + refused.length > 0) tell(brought.length, refused, playing);
  return refused;
}

/** `lamp@2x` goes with `lamp` when both come, or when `lamp` is there already. */
function withFiner(assets: Asset[]): Asset[] {
  const known = useStudio.getState().project.assets;
  const made = assets.map((asset) => ({ ...asset }));
  for (const asset of made) {
    const match = /^(.*)@([2348])x$/.exec(asset.name);
    if (!match) continue;
    const finer = { scale: Number(match[2]), asset: asset.id };
    const base = made.find((item) => item.name === match[1]);
    if (base) base.finer = [...(base.finer ?? []), finer];
    const old = base ? undefined : known.find((other) => other.name === match[1]);
    if (old) edit('change asset', { asset: old.id, change: { finer: [...(old.finer ?? []), finer] } });
  }
  return made;
}

/** Gives how many of them are frames of one that plays. */
function placePictures(screen: Id, assets: readonly Asset[], key: string): number {
  const finer = new Set(assets.flatMap((asset) => asset.finer?.map((item) => item.asset) ?? []));
  const shown = assets.filter((asset) => isPicture(asset) && !finer.has(asset.id));
  const rows = [...numberedPictures(shown).values()].filter(isStrip);
  const later = new Set(rows.flatMap(([, ...rest]) => rest));
  const made = shown
    .filter((asset) => !later.has(asset))
    .map((asset) => {
      const id = putPicture(screen, asset, key);
      const row = rows.find(([first]) => first === asset);
      if (id && row) play(screen, id, row, key);
      return id;
    })
    .filter((id) => id !== undefined);
  const [element = null, ...also] = made;
  if (element) choose({ screen, element, also });
  return rows.flat().length;
}

/** At least three numbered pictures of one size are taken for the frames of one. */
const isStrip = (row: readonly Asset[]): boolean =>
  row.length >= 3 && row.every(({ width, height }) => width === row[0]!.width && height === row[0]!.height);

function play(screen: Id, element: Id, row: readonly Asset[], key: string): void {
  const change = {
    pictures: row.map(({ id }) => id),
    plays: FRESH_PLAYS,
    name: row[0]!.name.replace(/[\s_-]*\d+$/, '') || row[0]!.name,
  };
  edit('change element', { screen, element, change }, { key });
}

function tell(count: number, refused: readonly Refused[], playing: number): void {
  const files = count === 0 ? '' : count === 1 ? 'One file brought in. ' : `${count} files brought in. `;
  const brought = playing > 0 ? `${files}${playing} numbered ones play as one picture; see Frames. ` : files;
  if (refused.length === 0) return notify(brought.trim());
  const [first] = refused;
  const more = refused.length > 1 ? ` And ${refused.length - 1} more; the list of assets has them all.` : '';
  notify(`${brought}${first!.name} was refused: ${refusalWords(first!.why)}${more}`);
}

/** Asks for a sound file and brings it in. Undefined when there is none, or it is no sound; that is said. */
export async function bringSound(): Promise<Id | undefined> {
  const [file] = await askFiles('audio/*', false);
  if (!file) return undefined;
  const found = await look(file);
  if ('why' in found || !isSound(found.asset)) {
    notify(`${file.name} was refused: ${refusalWords('why' in found ? found.why : refusal('no sound'))}`);
    return undefined;
  }
  addBytes(new Map([[found.asset.id, found.bytes]]));
  return edit('add assets', { assets: [found.asset] });
}

/** Puts a file in the stead of an asset, wherever that is shown, written in or played. */
export async function replaceAsset(old: Asset, file: File): Promise<Refused | null> {
  const found = await look(file);
  if ('why' in found) return found;
  if (sortOf(found.asset.media) !== sortOf(old.media))
    return {
      name: file.name,
      why: refusal('another sort', { name: old.name, was: sortWord(old), is: sortWord(found.asset) }),
    };
  addBytes(new Map([[found.asset.id, found.bytes]]));
  edit('replace asset', { asset: old.id, by: found.asset });
  return null;
}

export const sortWord = ({ media }: Asset): string =>
  media.startsWith('image/') ? 'picture' : media.startsWith('audio/') ? 'sound' : 'font';

/** Asks for files; an empty list when none are chosen. */
export function askFiles(accept: string, many: boolean): Promise<File[]> {
  return new Promise((done) => {
    const input = document.createElement('input');
    input.type = 'file';
    input.accept = accept;
    input.multiple = many;
    input.addEventListener('change', () => done([...(input.files ?? [])]));
    input.addEventListener('cancel', () => done([]));
    input.click();
  });
}

export const ACCEPTED = 'image/*,audio/*,.ora,.svg,.woff,.ttf,.otf,.wav,.ogg,.mp3,.flac';
