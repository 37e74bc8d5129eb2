import { picturesIn } from '@tavu/core/lettering';
import type { Id, Project } from '@tavu/core/model';
import { ownerNames, placesOf } from '@tavu/core/references';
import { familyOf } from '@tavu/core/text';

/** Where an asset is used: names of screens, components, styles, areas and sentences' owners, each once. */
export function usesOf(project: Project): ReadonlyMap<Id, string[]> {
  const names = ownerNames(project);
  const uses = new Map<Id, string[]>(project.assets.map(({ id }) => [id, []]));
  for (const place of placesOf(project, { only: ['id', 'text'] })) {
    const { owner, path } = place;
    const ids =
      place.is === 'text' ? picturesIn(project, place.text) : place.of === 'asset' ? [place.id] : [];
    const by = path[0] === 'sound' ? 'Sounds and volume' : names.get(owner);
    for (const id of ids) {
      const known = uses.get(id);
      if (by !== undefined && known && !known.includes(by)) known.push(by);
    }
  }
  // Bold and italic words are in other fonts of a family.
  for (const font of project.assets) {
    if (!font.face) continue;
    const all = familyOf(project, font).flatMap(({ id }) => uses.get(id) ?? []);
    uses.set(font.id, [...new Set(all)]);
  }
  for (const [id, by] of uses) if (by.length === 0) uses.delete(id);
  return uses;
}
