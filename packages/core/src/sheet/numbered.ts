import { isPicture, type Asset, type Id } from '../model';

const NUMBERED = /^(.*?)(\d+)$/;

/** Pictures by the name they share before their numbers, in the order of those: *walk_01*, *walk_02* … Only those that are several. */
export function numberedPictures(assets: readonly Asset[]): ReadonlyMap<string, readonly Asset[]> {
  const rows = new Map<string, { asset: Asset; n: number }[]>();
  for (const asset of assets) {
    const [, stem, digits] = (isPicture(asset) && NUMBERED.exec(asset.name)) || [];
    if (stem === undefined) continue;
    rows.set(stem, [...(rows.get(stem) ?? []), { asset, n: Number(digits) }]);
  }
  return new Map(
    [...rows]
      .filter(([, row]) => row.length > 1)
      .map(([stem, row]) => [stem, row.sort((a, b) => a.n - b.n).map(({ asset }) => asset)]),
  );
}

/** The pictures that are numbered as this one is, itself among them; none where it is alone. */
export function numberedLike(assets: readonly Asset[], id: Id | null): readonly Asset[] {
  for (const row of numberedPictures(assets).values()) if (row.some((asset) => asset.id === id)) return row;
  return [];
}
