import { freeName, type Asset, type Id, type Project, withId } from '../model';
import { letGo, put } from '../references';
import { renameMarked } from './marked';
import { assign, namedPlaces, removeWhere, type Made } from './parts';

/** Edits of the list of pictures, fonts and sounds; their bytes are kept beside the project. */
export const assetCommands = {
  'add assets': (project: Project, { assets }: { assets: Asset[] }): Made => {
    for (const asset of assets) {
      const taken = project.assets.map((item) => item.name);
      project.assets.push({ ...asset, name: freeName(asset.name, taken) });
    }
    return assets[0]?.id;
  },
  'change asset': (project: Project, { asset, change }: { asset: Id; change: Partial<Asset> }): Made => {
    const found = withId(project.assets, asset);
    if (!found) return;
    if (change.name !== undefined) renameMarked(project, 'picture', found.name, change.name);
    assign(found, change);
  },
  /** Puts another file in an asset's stead, under an id of its own so that undo brings the old one back. */
  'replace asset': (project: Project, { asset, by }: { asset: Id; by: Asset }): Made => {
    const index = project.assets.findIndex((other) => other.id === asset);
    const old = project.assets[index];
    if (!old) return;
    for (const { path } of namedPlaces(project, 'asset', [asset])) put(project, path, by.id);
    const { name, sheet, sharp, characters } = old;
    project.assets[index] = {
      ...by,
      name,
      ...(sheet ? { sheet } : {}),
      ...(sharp ? { sharp } : {}),
      ...(characters ? { characters } : {}),
    };
    return by.id;
  },
  'delete assets': (project: Project, { assets }: { assets: Id[] }): Made => {
    letGo(project, namedPlaces(project, 'asset', assets));
    removeWhere(project.assets, (asset) => assets.includes(asset.id));
  },
};
