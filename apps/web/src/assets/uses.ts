import { assetPlaces, type Id, type Project } from '@tavu/core/model';

/** Where an asset is used: names of screens, components, styles, areas and sentences' owners, each once. */
export function usesOf(project: Project): ReadonlyMap<Id, string[]> {
  const uses = new Map<Id, string[]>();
  for (const { asset, by } of assetPlaces(project)) {
    const known = uses.get(asset);
    if (!known) uses.set(asset, [by]);
    else if (!known.includes(by)) known.push(by);
  }
  return uses;
}
