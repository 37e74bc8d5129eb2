import type { FaceName } from '@tavu/core/text';

const FAMILIES: Record<FaceName, string> = {
  plain: 'tavu-plain',
  'plain-bold': 'tavu-plain-bold',
  display: 'tavu-display',
};

/** The CSS family a face is loaded under. */
export const familyOf = (face: FaceName): string => FAMILIES[face];

/**
 * Loads the house faces from addresses by face name. Font faces belong to the page even when used in a shadow root.
 * A face that does not load is left to the page's default, since a game without its lettering still plays.
 */
export async function loadFonts(addresses: Partial<Record<string, string>>): Promise<void> {
  const faces = (Object.keys(FAMILIES) as FaceName[]).filter((face) => addresses[face]);
  await Promise.allSettled(
    faces.map(async (face) => {
      const loaded = await new FontFace(FAMILIES[face], `url(${addresses[face]})`).load();
      document.fonts.add(loaded);
    }),
  );
}
