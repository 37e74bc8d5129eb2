import { type Asset, type Id, withId } from '../model';

/**
 * The file that shows an asset best on a display with so many pixels to a CSS pixel: the least fine version that is fine
 * enough, else the finest there is.
 */
export function pickResolution(assets: readonly Asset[], id: Id, pixels: number): Id {
  const asset = withId(assets, id);
  const versions = [{ scale: 1, asset: id }, ...(asset?.finer ?? [])]
    .filter((item) => item.asset === id || assets.some((other) => other.id === item.asset))
    .sort((a, b) => a.scale - b.scale);
  return (versions.find((version) => version.scale >= pixels) ?? versions.at(-1)!).asset;
}
