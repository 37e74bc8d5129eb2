import { byId, type Component, type Element, type Id, type Project } from '../model';

/** The most elements that a screen or component unfolds to: past it, what is placed is left out. */
export const MAX_UNFOLDED = 5000;

/** How many elements some elements are with what their components hold; a component within itself counts once. */
export function unfoldedSize(project: Pick<Project, 'components'>, elements: readonly Element[]): number {
  const known = byId(project.components);
  const sizes = sizesOf(project.components ?? NONE);
  const sizeOf = (id: Id): number => {
    const size = sizes.get(id);
    if (size !== undefined) return size;
    const component = known.get(id);
    // A component within itself counts as empty, so that counting ends.
    sizes.set(id, 0);
    const counted = component ? count(component.elements) : 0;
    sizes.set(id, counted);
    return counted;
  };
  const count = (list: readonly Element[]): number =>
    list.reduce(
      (sum, element) => sum + 1 + (element.type === 'component' ? sizeOf(element.component) : 0),
      0,
    );
  return count(elements);
}

/** Sizes by component, counted once for components that can no longer change. */
function sizesOf(components: readonly Component[]): Map<Id, number> {
  if (!Object.isFrozen(components)) return new Map();
  const sizes = kept.get(components) ?? new Map<Id, number>();
  kept.set(components, sizes);
  return sizes;
}
const kept = new WeakMap<readonly Component[], Map<Id, number>>();
const NONE: readonly Component[] = Object.freeze([]);

/** Which of some elements are placed components that are left out, since with them it would be too many. */
export function leftOut(
  project: Pick<Project, 'components'>,
  elements: readonly Element[],
): ReadonlySet<Element> {
  const out = new Set<Element>();
  let total = elements.length;
  for (const element of elements) {
    if (element.type !== 'component') continue;
    const size = unfoldedSize(project, [element]) - 1;
    if (total + size > MAX_UNFOLDED) out.add(element);
    else total += size;
  }
  return out;
}
