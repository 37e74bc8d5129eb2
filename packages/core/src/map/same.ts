import { elementOf } from '../triggers';
import { type Project, type Screen, withId } from '../model';
import { layoutOf } from './controls';

/**
 * Whether the map of one project looks like that of another: the same cards, areas, lines and labels, whatever else has
 * changed. What an edit leaves as it was has to be the same object.
 */
export function sameMap(before: Project, now: Project): boolean {
  if (before === now) return true;
  for (const part of PARTS) if (before[part] !== now[part]) return false;
  if (before.screens.length !== now.screens.length) return false;
  return before.screens.every((screen, i) => {
    const other = now.screens[i]!;
    if (screen === other) return true;
    for (const part of SHOWN) if (screen[part] !== other[part]) return false;
    return screen.elements === other.elements || sameControls(before, screen, now, other);
  });
}

const PARTS = [
  'links',
  'areas',
  'start',
  'design',
  'actions',
  'events',
  'values',
  'defaults',
  'assets',
  'components',
] as const;
const SHOWN = ['id', 'name', 'layer', 'area', 'row', 'order', 'parameters', 'outcomes', 'shownWhen'] as const;

/** Whether the controls that set links off are called the same and stand in the same places. */
function sameControls(before: Project, screen: Screen, now: Project, other: Screen): boolean {
  const [was, is] = [layoutOf(before, screen), layoutOf(now, other)];
  const name = (of: Screen, id: string) => withId(of.elements, id)?.name;
  return now.links.every(({ from, trigger }) => {
    const element = elementOf(trigger);
    if (from !== screen.id || element === null) return true;
    const [a, b] = [was.get(element), is.get(element)];
    if (!a || !b) return a === b;
    const still = a.x === b.x && a.y === b.y && a.width === b.width && a.height === b.height;
    return still && name(screen, element) === name(other, element);
  });
}
