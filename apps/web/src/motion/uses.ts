import { layerWord, type Id, type Layer, type Project } from '@tavu/core/model';
import { ownerNames, placesOf } from '@tavu/core/references';

/** What moves by a motion of the project's own, by name. */
export function usesOf(project: Project, id: Id): string[] {
  const names = ownerNames(project);
  const found = new Map<string, string>();
  for (const { of, id: motion, owner, on, path } of placesOf(project, { only: ['id'] })) {
    if (of !== 'motion' || motion !== id) continue;
    const [at, part, layer] = path;
    const name = names.get(owner) ?? 'what is gone';
    if (at === 'defaults')
      found.set(
        `defaults ${layer ?? ''}`,
        part === 'layers' ? `every ${layerWord(layer as Layer)}` : 'the default motion',
      );
    else found.set(`${owner} ${on}`, at === 'links' ? `a sentence of ${name}` : name);
  }
  return [...found.values()];
}
