import { isPicture, type Asset, type Id } from '@tavu/core/model';
import { SOLID_CELLS, solidOf } from '@tavu/core/sheet';
import { edit, useStudio } from '../store';

/** Where a decoded picture is not clear; undefined where it is clear nowhere, or the browser does not say. */
export function solidIn(image: HTMLImageElement): string[] | undefined {
  const canvas = document.createElement('canvas');
  [canvas.width, canvas.height] = [SOLID_CELLS, SOLID_CELLS];
  const context = canvas.getContext('2d', { willReadFrequently: true });
  if (!context) return undefined;
  context.drawImage(image, 0, 0, SOLID_CELLS, SOLID_CELLS);
  return solidOf(context.getImageData(0, 0, SOLID_CELLS, SOLID_CELLS).data);
}

/** Looks where pictures are clear that nobody has looked at yet. Edits with the same key are one step. */
export async function findSolid(ids: readonly Id[], key: string): Promise<void> {
  const { project, assets } = useStudio.getState();
  const open = project.assets.filter((asset) => ids.includes(asset.id) && isPicture(asset) && !asset.solid);
  for (const asset of open) {
    const bytes = assets.get(asset.id);
    const solid = bytes && (await looked(asset, bytes));
    if (solid) edit('change asset', { asset: asset.id, change: { solid } }, { key });
  }
}

async function looked({ media }: Asset, bytes: Uint8Array): Promise<string[] | undefined> {
  const address = URL.createObjectURL(new Blob([bytes as BlobPart], { type: media }));
  try {
    const image = new Image();
    image.src = address;
    await image.decode();
    return solidIn(image);
  } catch {
    return undefined;
  } finally {
    URL.revokeObjectURL(address);
  }
}
