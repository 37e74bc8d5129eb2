import type { Asset, Id } from '@tavu/core/model';
import { BUILT_IN_FACES, type FaceName } from '@tavu/core/text';

const isDefault = (face: FaceName): boolean => (BUILT_IN_FACES as readonly string[]).includes(face);

/** The CSS family a face is loaded under: a built-in face, or a font of the project by its asset's id. */
export const familyOf = (face: FaceName): string => `tavu-${isDefault(face) ? '' : 'own-'}${face}`;

/**
 * Loads the built-in faces from addresses by face name. Font faces belong to the page even when used in a shadow root.
 * A face that does not load is left to the page's default, since a game without its lettering still plays.
 */
export async function loadFonts(addresses: Partial<Record<string, string>>): Promise<void> {
  await Promise.allSettled(
    BUILT_IN_FACES.map(async (face) => {
      const address = addresses[face];
      if (address !== undefined) await load(face, address);
    }),
  );
}

const loaded = new Map<FaceName, { address: string; face: FontFace }>();

/** Loads the project's own fonts from where their files are; one whose file has been replaced is loaded anew. */
export async function loadOwnFonts(assets: readonly Asset[], address: (asset: Id) => string): Promise<void> {
  await Promise.allSettled(
    assets.map(async ({ id, face }) => {
      if (face && address(id) !== '') await load(id, address(id));
    }),
  );
}

/** What other windows have been given already. */
const given = new WeakMap<object, Set<string>>();

/** Loads all that is loaded here into another window of the same page, whose letters are its own. */
export async function loadFontsIn(other: Window & typeof globalThis): Promise<void> {
  const known = given.get(other) ?? new Set();
  given.set(other, known);
  await Promise.allSettled(
    [...loaded].map(async ([name, { address }]) => {
      if (known.has(`${name} ${address}`)) return;
      known.add(`${name} ${address}`);
      const face = new other.FontFace(familyOf(name), `url(${address})`);
      await face.load();
      other.document.fonts.add(face);
    }),
  );
}

async function load(name: FaceName, address: string): Promise<void> {
  const before = loaded.get(name);
  if (before?.address === address) return;
  const face = new FontFace(familyOf(name), `url(${address})`);
  loaded.set(name, { address, face });
  await face.load();
  if (before) document.fonts.delete(before.face);
  document.fonts.add(face);
}
