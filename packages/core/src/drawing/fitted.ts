import type { Rect } from '../geometry';
import type { Asset, Frame, Id, PictureFit } from '../model';
import type { PictureItem } from './items';

interface Size {
  width: number;
  height: number;
}

/** Where a picture of a size goes within a rect, and what of it is seen there. */
function fitted({ width, height }: Size, rect: Rect, fit: PictureFit): { rect: Rect; seen: Rect } {
  const whole = { x: 0, y: 0, width, height };
  const [across, down] = [rect.width / width, rect.height / height];
  if (fit === 'stretch') return { rect, seen: whole };
  if (fit === 'cover') {
    const by = Math.max(across, down);
    const seen = { width: rect.width / by, height: rect.height / by };
    return { rect, seen: { x: (width - seen.width) / 2, y: (height - seen.height) / 2, ...seen } };
  }
  const most = Math.min(across, down);
  const by = fit === 'whole' && most >= 1 ? Math.floor(most) : most;
  const size = { width: width * by, height: height * by };
  const at = { x: (rect.width - size.width) / 2, y: (rect.height - size.height) / 2 };
  // Pixels that are all of one size stand on whole design pixels too.
  const even = fit === 'whole' ? Math.round : (n: number): number => n;
  return { rect: { x: even(rect.x + at.x), y: even(rect.y + at.y), ...size }, seen: whole };
}

/** All of a picture in a rect. */
export function pictured(id: Id | null, asset: Asset, rect: Rect, fit: PictureFit): PictureItem {
  const item: PictureItem =
    fit === 'whole'
      ? { kind: 'picture', id, rect: fitted(asset, rect, fit).rect, asset: asset.id, fit: 'stretch' }
      : { kind: 'picture', id, rect, asset: asset.id, fit };
  if (asset.sharp) item.sharp = true;
  return item;
}

/**
 * Frames of a picture in a rect, all at one scale: those that are smaller than the largest stand in its middle.
 * @param id of the element that shows them
 */
export function framed(id: Id | null, frames: readonly Frame[], rect: Rect, fit: PictureFit): PictureItem[] {
  const cells = frames.map(
    ({ asset, cell }) => cell ?? { x: 0, y: 0, width: asset.width, height: asset.height },
  );
  const largest = {
    width: Math.max(1, ...cells.map(({ width }) => width)),
    height: Math.max(1, ...cells.map(({ height }) => height)),
  };
  const room = fitted(largest, rect, fit);
  const [across, down] = [room.rect.width / room.seen.width, room.rect.height / room.seen.height];
  return frames.map(({ asset, cell: cut }, i): PictureItem => {
    const cell = cells[i]!;
    const at = { x: (largest.width - cell.width) / 2, y: (largest.height - cell.height) / 2 };
    const left = Math.max(at.x, room.seen.x);
    const top = Math.max(at.y, room.seen.y);
    const size = {
      width: Math.max(0, Math.min(at.x + cell.width, room.seen.x + room.seen.width) - left),
      height: Math.max(0, Math.min(at.y + cell.height, room.seen.y + room.seen.height) - top),
    };
    const seen = { x: cell.x + left - at.x, y: cell.y + top - at.y, ...size };
    const item: PictureItem = {
      kind: 'picture',
      id,
      rect: {
        x: room.rect.x + (left - room.seen.x) * across,
        y: room.rect.y + (top - room.seen.y) * down,
        width: size.width * across,
        height: size.height * down,
      },
      asset: asset.id,
      fit: 'stretch',
    };
    const { width, height } = asset;
    if (cut || size.width < cell.width || size.height < cell.height)
      Object.assign(item, { cell: seen, own: { width, height, scale: 1 } });
    if (asset.sharp) item.sharp = true;
    return item;
  });
}
