import { MAX_UNFOLDED, unfoldedSize } from '../component';
import { refusal, type Problem } from '../refusal';
import { byId, type Element, type Id, type Project } from '../model';

/** How many things a list may hold; a thousand screens have more links than anything else. */
export const MAX_ITEMS = 5000;
export const MAX_LINKS = 20_000;

/** How deep elements may be held by one another, and how many there may be in all with what components hold. */
export const DEEPEST_ELEMENTS = 100;
export const MAX_IN_ALL = 200_000;

/**
 * What of a project is more than can be kept and played without a wait; null when nothing is. What could not be read again is
 * not to be written either, so edits ask too: what has not changed since is not counted again.
 */
export function pastLimits(project: Project): Problem | null {
  for (const [place, list] of Object.entries(project))
    if (Array.isArray(list)) {
      const max = place === 'links' ? MAX_LINKS : MAX_ITEMS;
      if (list.length > max) return { ...refusal('too many', { max, has: list.length }), place };
    }
  let total = 0;
  for (const list of ['screens', 'components'] as const) {
    const owners = project[list] ?? [];
    for (let i = 0; i < owners.length; i++) {
      const { elements, name } = owners[i]!;
      const place = `${list}[${i}].elements`;
      if (elements.length > MAX_ITEMS)
        return { ...refusal('too many elements', { name, max: MAX_ITEMS, has: elements.length }), place };
      if (depthOf(elements) > DEEPEST_ELEMENTS)
        return { ...refusal('elements too deep', { name, max: DEEPEST_ELEMENTS }), place };
      if (list === 'screens') total += Math.min(MAX_UNFOLDED, unfoldedSize(project, elements));
    }
  }
  return total > MAX_IN_ALL
    ? { ...refusal('too many in all', { max: MAX_IN_ALL, has: total }), place: 'screens' }
    : null;
}

/** How deep some elements are held by one another; those in a circle are as deep as there are elements. */
function depthOf(elements: readonly Element[]): number {
  const known = depths.get(elements);
  if (known !== undefined) return known;
  const all = byId(elements);
  const found = new Map<Id, number>();
  let deepest = 0;
  for (const element of elements) {
    const way: Id[] = [];
    let at: Element | undefined = element;
    for (; at && !found.has(at.id) && way.length <= elements.length; at = all.get(at.parent ?? ''))
      way.push(at.id);
    let depth = at ? (found.get(at.id) ?? elements.length) : 0;
    for (const id of way.reverse()) found.set(id, ++depth);
    deepest = Math.max(deepest, depth);
  }
  if (Object.isFrozen(elements)) depths.set(elements, deepest);
  return deepest;
}
const depths = new WeakMap<readonly Element[], number>();
