import type { PictureElement } from './element';
import { withId } from './look-up';
import type { Cell } from './sheet';
import type { Asset, Id, Project } from './types';

/** What sort of file an asset is, by its MIME type. */

export const isPicture = ({ media }: Pick<Asset, 'media'>): boolean => media.startsWith('image/');
export const isSound = ({ media }: Pick<Asset, 'media'>): boolean => media.startsWith('audio/');

/** Into how many frames a picture may be cut. */
export const MAX_CELLS = 1000;

/**
 * The frames a picture is cut into, in its own pixels, in order; none where it is not cut. Columns and rows that do not
 * divide it leave out what is over at the right and at the bottom.
 */
export function cellsOf({
  sheet,
  width,
  height,
}: Pick<Asset, 'sheet' | 'width' | 'height'>): readonly Cell[] {
  if (!sheet) return [];
  if (sheet.by === 'cells') return sheet.cells;
  const { columns, rows, count = columns * rows } = sheet;
  const size = { width: Math.floor(width / columns), height: Math.floor(height / rows) };
  if (size.width < 1 || size.height < 1) return [];
  return Array.from({ length: Math.min(count, columns * rows, MAX_CELLS) }, (_, i) => ({
    x: (i % columns) * size.width,
    y: Math.floor(i / columns) * size.height,
    ...size,
  }));
}

/** One frame of a picture: an asset, and what of it is shown; all of it without a cell. */
export interface Frame {
  asset: Asset;
  cell?: Cell;
}

/** The frames of a picture: its own list of pictures, or the cells of `asset`. Pictures that are gone are left out. */
export function framesOf(
  { assets }: Pick<Project, 'assets'>,
  { asset, pictures }: Pick<PictureElement, 'asset' | 'pictures'>,
): readonly Frame[] {
  if (pictures)
    return pictures.flatMap((id): Frame[] => {
      const found = withId(assets, id);
      return found ? [{ asset: found }] : [];
    });
  const found = withId(assets, asset as Id);
  return found ? cellsOf(found).map((cell) => ({ asset: found, cell })) : [];
}
