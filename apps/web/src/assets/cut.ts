import type { Asset } from '@tavu/core/model';
import { patiently, Stopped } from '../persistence';
import { edit, notify, useStudio } from '../store';

/** Cuts a picture where clear pixels stand between its frames. What stands in the way is said. */
export async function cutByGaps(asset: Asset): Promise<void> {
  const bytes = useStudio.getState().assets.get(asset.id);
  if (!bytes) return notify(`${asset.name} cannot be cut: its file is missing.`);
  if (asset.media === 'image/svg+xml')
    return notify(`${asset.name} is a drawing, which has no pixels. Cut it by columns and rows.`);
  try {
    const cells = await patiently(`Looking for gaps in ${asset.name}`, (worker) =>
      worker.cellsOfPicture(asset.media, bytes),
    );
    if (!cells) return notify(`${asset.name} falls into more than 1,000 pieces. Cut it by columns and rows.`);
    if (cells.length < 2) return notify(`${asset.name} has no clear gaps: all of it is one picture.`);
    edit('change asset', { asset: asset.id, change: { sheet: { by: 'cells', cells } } });
    notify(`${asset.name} is cut into ${cells.length} frames.`);
  } catch (error) {
    notify(
      error instanceof Stopped
        ? 'Stopped; the picture is as it was.'
        : `${asset.name} could not be looked at pixel by pixel. Cut it by columns and rows.`,
    );
  }
}
