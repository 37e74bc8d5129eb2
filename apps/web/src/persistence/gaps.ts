import { cellsByGaps } from '@tavu/core/sheet';
import type { Cell } from '@tavu/core/model';

/**
 * The frames of a picture that stand apart, decoded in the worker; null when there are too many to keep.
 * Fails where the browser cannot decode the bytes as pixels there, as with drawings (SVG).
 */
export async function cellsOfPicture(media: string, bytes: Uint8Array): Promise<Cell[] | null> {
  const picture = await createImageBitmap(new Blob([bytes as BlobPart], { type: media }));
  const { width, height } = picture;
  // Only some rows at a time are read, since a large picture takes 256 MB as bytes.
  const read = (from: number, count: number): ArrayLike<number> => {
    const context = new OffscreenCanvas(width, count).getContext('2d', { willReadFrequently: true })!;
    context.drawImage(picture, 0, -from);
    return context.getImageData(0, 0, width, count).data;
  };
  try {
    return cellsByGaps(width, height, read);
  } finally {
    picture.close();
  }
}
