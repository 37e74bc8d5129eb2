import { freeName, type Asset, type Id, type Project } from '../model';
import { allElements } from './looks';
import { assign, takeOut, type Made } from './parts';

/** Edits of the list of pictures, fonts and sounds; their bytes are kept beside the project. */
export const assetCommands = {
  'add assets': (project: Project, { assets }: { assets: Asset[] }): Made => {
    for (const asset of assets) {
      const taken = project.assets.map((each) => each.name);
      project.assets.push({ ...asset, name: freeName(asset.name, taken) });
    }
    return assets[0]?.id;
  },
  'change asset': (project: Project, { asset, change }: { asset: Id; change: Partial<Asset> }): Made => {
    const found = project.assets.find((each) => each.id === asset);
    if (found) assign(found, change);
  },
  /** Puts another file in an asset's stead, under an id of its own so that undo brings the old one back. */
  'replace asset': (project: Project, { asset, by }: { asset: Id; by: Asset }): Made => {
    const index = project.assets.findIndex((each) => each.id === asset);
    const old = project.assets[index];
    if (!old) return;
    project.assets[index] = { ...by, name: old.name };
    rename(project, asset, by.id);
    return by.id;
  },
  'delete assets': (project: Project, { assets }: { assets: Id[] }): Made => {
    const gone = new Set(assets);
    for (const id of gone) rename(project, id, null);
    takeOut(project.assets, (each) => gone.has(each.id));
  },
};

/** Whatever shows, plays or is written in an asset has another in its stead, or none. */
function rename(project: Project, from: Id, to: Id | null): void {
  for (const element of allElements(project)) {
    if ('asset' in element && element.asset === from) element.asset = to;
    if ('look' in element && element.look.font === from) assign(element.look, { font: to ?? undefined });
    if (element.type === 'component' && element.args)
      for (const [id, given] of Object.entries(element.args)) if (given === from) element.args[id] = to ?? '';
  }
  for (const style of project.styles.text) if (style.font === from) style.font = to ?? 'plain';
  for (const { background } of project.screens)
    if (background.picture === from) assign(background, { picture: to ?? undefined });
  for (const area of project.areas) if (area.music === from) assign(area, { music: to ?? undefined });
  for (const link of project.links) {
    for (const effect of link.effects)
      if ('asset' in effect && effect.asset === from && to) effect.asset = to;
    if (to === null) takeOut(link.effects, (effect) => 'asset' in effect && effect.asset === from);
  }
  for (const component of project.components ?? [])
    for (const each of component.parameters)
      if (each.type === 'picture' && each.default === from) each.default = to ?? '';
  for (const asset of project.assets)
    if (asset.finer?.some((each) => each.asset === from))
      asset.finer = to
        ? asset.finer.map((each) => (each.asset === from ? { ...each, asset: to } : each))
        : asset.finer.filter((each) => each.asset !== from);
}
