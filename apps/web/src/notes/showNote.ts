import type { CompiledScreen } from '@tavu/core/compile';
import type { Id, PinnedNote } from '@tavu/core/model';
import { choose, chooseLink, useStudio } from '../store';
import { setFold } from '../ui';

/** Chooses what a note is pinned to, with its notes open. What is in a component is reached where it is placed first. */
export function showNote({ owner, element, link }: PinnedNote): void {
  setFold('Notes', true);
  if (link) return chooseLink(link);
  const { flow } = useStudio.getState();
  if (flow.screens.has(owner)) return choose({ screen: owner, element: element ?? null });
  for (const screen of flow.screens.values()) {
    const path = placedAt(screen, owner, element!);
    if (path) return choose({ screen: screen.id, element: path });
  }
}

/** Where an element of a component stands on a screen, if it does. */
const placedAt = ({ elements, byId }: CompiledScreen, component: Id, element: Id): Id | undefined =>
  elements.find(({ id }) => {
    const at = id.lastIndexOf('/');
    const placed = byId.get(id.slice(0, at));
    return id.slice(at + 1) === element && placed?.type === 'component' && placed.component === component;
  })?.id;
